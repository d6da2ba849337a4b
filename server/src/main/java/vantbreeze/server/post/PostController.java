package vantbreeze.server.post;

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
import vantbreeze.post.Envelope;
import vantbreeze.post.PostalClass;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.Cards;

/** Envelopes, services, and a card on its way. */
@RestController
@RequestMapping("/api")
class PostController {

    private final DrawerService drawer;
    private final PostalService postal;
    private final Cards cards;

    PostController(DrawerService drawer, PostalService postal, Cards cards) {
        this.drawer = drawer;
        this.postal = postal;
        this.cards = cards;
    }

    /** A brief in, how its card is posted out. */
    @PostMapping("/posting")
    PostingJson posting(@RequestBody BriefJson json) {
        List<PostalJson> rows = postal.list();
        List<Envelope> envelopes = drawer.atHand();
        List<PostalClass> classes =
                rows.stream().map(r -> PostalReader.read(r.content())).toList();
        return cards.ask(
                json,
                card -> PostingJson.of(
                        card.posting(envelopes, classes),
                        rows,
                        card.brief().tools().scoring(),
                        card.brief().units()));
    }

    @GetMapping("/drawer")
    List<DrawerJson> drawer() {
        return drawer.list();
    }

    @PostMapping("/drawer")
    @ResponseStatus(HttpStatus.CREATED)
    DrawerJson keep(@RequestBody DrawerJson.NewJson envelope) {
        return drawer.keep(envelope);
    }

    @DeleteMapping("/drawer/{id}")
    DrawerJson drop(@PathVariable String id) {
        return drawer.delete(id);
    }

    @PostMapping("/drawer/{id}/undelete")
    DrawerJson takeBack(@PathVariable String id) {
        return drawer.undelete(id);
    }

    @GetMapping("/postal-classes")
    List<PostalJson> classes() {
        return postal.list();
    }

    @PostMapping("/postal-classes")
    @ResponseStatus(HttpStatus.CREATED)
    PostalJson add(@RequestBody PostalJson.ContentJson row) {
        return postal.add(row);
    }

    @PutMapping("/postal-classes/{id}")
    PostalJson change(@PathVariable String id, @RequestBody PostalJson.ChangeJson change) {
        return postal.change(id, change);
    }

    @DeleteMapping("/postal-classes/{id}")
    PostalJson strike(@PathVariable String id, @RequestParam long version) {
        return postal.delete(id, version);
    }

    @PostMapping("/postal-classes/{id}/undelete")
    PostalJson restore(@PathVariable String id) {
        return postal.undelete(id);
    }
}
