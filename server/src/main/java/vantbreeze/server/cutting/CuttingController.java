package vantbreeze.server.cutting;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How cards are cut out of sheets. */
@RestController
@RequestMapping("/api/cuttings")
class CuttingController {

    private final CuttingService service;

    CuttingController(CuttingService service) {
        this.service = service;
    }

    /** The newest plans. */
    @GetMapping
    List<CuttingJson.HeadJson> list() {
        return service.list();
    }

    /** Looks for a plan; what takes long is asked for again. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CuttingJson begin(@RequestBody CuttingJson.AskJson asked) {
        return service.begin(asked);
    }

    @GetMapping("/{id}")
    CuttingJson get(@PathVariable String id) {
        return service.get(id);
    }

    /** Takes the best that has been found. */
    @PostMapping("/{id}/stop")
    CuttingJson stop(@PathVariable String id) {
        return service.stop(id);
    }

    /** That sheet has been cut. */
    @PostMapping("/{id}/sheets/{number}/cut")
    CuttingJson cut(@PathVariable String id, @PathVariable int number) {
        return service.cut(id, number);
    }

    /** It has not been cut after all. */
    @PostMapping("/{id}/sheets/{number}/uncut")
    CuttingJson uncut(@PathVariable String id, @PathVariable int number) {
        return service.uncut(id, number);
    }
}
