package vantbreeze.server.making;

import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where a card has got to at the table. */
@RestController
@RequestMapping("/api/projects/{project}/making")
class MakingController {

    private final MakingService service;

    MakingController(MakingService service) {
        this.service = service;
    }

    @GetMapping
    MakingJson get(@PathVariable String project) {
        return service.get(project);
    }

    @PutMapping
    MakingJson change(@PathVariable String project, @RequestBody MakingJson change) {
        return service.change(project, change);
    }

    @DeleteMapping
    MakingJson forget(@PathVariable String project) {
        return service.forget(project);
    }
}
