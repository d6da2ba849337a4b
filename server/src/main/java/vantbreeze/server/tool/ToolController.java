package vantbreeze.server.tool;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.measure.UnitSystem;

/** The tools with which new cards begin. */
@RestController
@RequestMapping("/api/tools/own")
class ToolController {

    private final ToolService service;

    ToolController(ToolService service) {
        this.service = service;
    }

    @GetMapping
    List<ToolSetJson> list() {
        return service.list();
    }

    @PutMapping("/{units}")
    ToolSetJson change(@PathVariable UnitSystem units, @RequestBody ToolSetJson.ChangeJson change) {
        return service.change(units, change);
    }
}
