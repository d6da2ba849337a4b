package vantbreeze.server.log;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The maker's hands. */
@RestController
@RequestMapping("/api/hands")
class HandsController {

    private final HandsService service;

    HandsController(HandsService service) {
        this.service = service;
    }

    @GetMapping
    HandsJson get() {
        return service.get();
    }

    @PutMapping
    HandsJson change(@RequestBody HandsJson.ChangeJson change) {
        return service.change(change);
    }
}
