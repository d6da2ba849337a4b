package vantbreeze.server.log;

import org.springframework.data.jpa.repository.JpaRepository;

interface OwnHandsRepository extends JpaRepository<OwnHands, String> {}
