package vantbreeze.server.embellishment;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.server.plan.BriefJson;

/** The maker's shelf of embellishments. */
@RestController
@RequestMapping("/api/embellishments")
class EmbellishmentController {

    private final EmbellishmentService service;

    EmbellishmentController(EmbellishmentService service) {
        this.service = service;
    }

    @GetMapping
    List<EmbellishmentJson> list() {
        return service.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    EmbellishmentJson keep(@Valid @RequestBody EmbellishmentJson.NewJson given) {
        return service.keep(given.name(), given.brief(), given.ornament());
    }

    /** @return the brief with the embellishment on that face */
    @PostMapping("/{id}/taken")
    BriefJson take(@PathVariable String id, @Valid @RequestBody EmbellishmentJson.TakenJson taken) {
        return service.take(id, taken);
    }

    @DeleteMapping("/{id}")
    EmbellishmentJson delete(@PathVariable String id) {
        return service.delete(id);
    }

    @PostMapping("/{id}/undelete")
    EmbellishmentJson undelete(@PathVariable String id) {
        return service.undelete(id);
    }
}
