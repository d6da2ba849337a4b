package vantbreeze.server.making;

import org.springframework.data.jpa.repository.JpaRepository;

interface MakingRepository extends JpaRepository<Making, String> {}
