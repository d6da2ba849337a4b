package vantbreeze.server.ownfold;

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
import vantbreeze.server.plan.Cards;
import vantbreeze.server.plan.ShelfJson;

/** The maker's own folds, and the shelf that they stand on beside the catalogue. */
@RestController
@RequestMapping("/api")
class OwnFoldController {

    private final OwnFoldService service;
    private final Cards cards;

    OwnFoldController(OwnFoldService service, Cards cards) {
        this.service = service;
        this.cards = cards;
    }

    @GetMapping("/own-folds")
    List<OwnFoldJson> list() {
        return service.list();
    }

    @PostMapping("/own-folds")
    @ResponseStatus(HttpStatus.CREATED)
    OwnFoldJson keep(@Valid @RequestBody OwnFoldJson.NewJson fold) {
        return service.keep(fold.name(), fold.brief());
    }

    @DeleteMapping("/own-folds/{id}")
    OwnFoldJson delete(@PathVariable String id) {
        return service.delete(id);
    }

    @PostMapping("/own-folds/{id}/undelete")
    OwnFoldJson undelete(@PathVariable String id) {
        return service.undelete(id);
    }

    /** All folds, each as large as the brief's envelope and sheet allow. */
    @PostMapping("/shelf")
    List<ShelfJson> shelf(@RequestBody BriefJson json) {
        return cards.shelf(json, service.list(), service::onTheShelf);
    }
}
