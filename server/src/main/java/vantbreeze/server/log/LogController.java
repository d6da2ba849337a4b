package vantbreeze.server.log;

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
import vantbreeze.server.project.ProjectJson;

/** The logbook. */
@RestController
@RequestMapping("/api/log")
class LogController {

    private final LogService service;

    LogController(LogService service) {
        this.service = service;
    }

    /** The newest first; with words, those entries in which all of them stand. */
    @GetMapping
    List<LogJson> list(@RequestParam(defaultValue = "") String words) {
        return service.list(words);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LogJson add(@RequestBody LogJson.NewJson entry) {
        return service.add(entry);
    }

    @PutMapping("/{id}")
    LogJson change(@PathVariable String id, @RequestBody LogJson.ChangeJson change) {
        return service.change(id, change);
    }

    @DeleteMapping("/{id}")
    LogJson delete(@PathVariable String id, @RequestParam long version) {
        return service.delete(id, version);
    }

    @PostMapping("/{id}/undelete")
    LogJson undelete(@PathVariable String id) {
        return service.undelete(id);
    }

    @DeleteMapping("/{id}/photos/{photo}")
    LogJson hide(@PathVariable String id, @PathVariable String photo, @RequestParam long version) {
        return service.hide(id, photo, version);
    }

    /** A new card from it. */
    @PostMapping("/{id}/again")
    @ResponseStatus(HttpStatus.CREATED)
    ProjectJson again(@PathVariable String id) {
        return service.again(id);
    }

    /** Who has had that card before. */
    @PostMapping("/given")
    List<LogJson.GivenJson> given(@RequestBody LogJson.AskJson asked) {
        return service.given(asked);
    }
}
