package vantbreeze.server.paper;

import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoRepository extends JpaRepository<Photo, String> {}
