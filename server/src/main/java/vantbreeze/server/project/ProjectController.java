package vantbreeze.server.project;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The maker's projects. */
@RestController
@RequestMapping("/api/projects")
class ProjectController {

    private final ProjectService service;

    ProjectController(ProjectService service) {
        this.service = service;
    }

    @GetMapping
    List<ProjectJson.SummaryJson> list() {
        return service.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ProjectJson create(@Valid @RequestBody ProjectJson.NewJson project) {
        return service.create(project.name(), project.brief());
    }

    /** Begins a project with a document that was taken out. */
    @PostMapping("/documents")
    @ResponseStatus(HttpStatus.CREATED)
    ProjectJson take(@RequestBody JsonNode document) {
        return service.take(document);
    }

    @GetMapping("/{id}")
    ProjectJson get(@PathVariable String id) {
        return service.get(id);
    }

    @PutMapping("/{id}")
    ProjectJson save(@PathVariable String id, @Valid @RequestBody ProjectJson.ChangeJson change) {
        return service.save(id, change);
    }

    @DeleteMapping("/{id}")
    ProjectJson.HeadJson delete(@PathVariable String id, @RequestParam long version) {
        return service.delete(id, version);
    }

    @PostMapping("/{id}/undelete")
    ProjectJson.HeadJson undelete(@PathVariable String id) {
        return service.undelete(id);
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    ProjectJson copy(@PathVariable String id) {
        return service.copy(id);
    }

    @GetMapping("/{id}/revisions")
    List<ProjectJson.RevisionJson> revisions(@PathVariable String id) {
        return service.revisions(id);
    }

    @PostMapping("/{id}/revisions/{number}/restore")
    ProjectJson restore(@PathVariable String id, @PathVariable int number, @RequestBody ProjectJson.VersionJson at) {
        return service.restore(id, number, at.version());
    }
}
