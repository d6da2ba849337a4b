package vantbreeze.server.tool;

import org.springframework.data.jpa.repository.JpaRepository;

interface ToolRepository extends JpaRepository<ToolSet, String> {}
