package vantbreeze.server.photo;

import org.springframework.data.jpa.repository.JpaRepository;

interface PhotoRepository extends JpaRepository<Photo, String> {}
