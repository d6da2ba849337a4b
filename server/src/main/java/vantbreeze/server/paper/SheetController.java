package vantbreeze.server.paper;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
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

/** The papers in the drawer. */
@RestController
@RequestMapping("/api/papers")
class SheetController {

    private final SheetService service;

    SheetController(SheetService service) {
        this.service = service;
    }

    @GetMapping
    List<SheetJson> list() {
        return service.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    SheetJson add(@RequestBody SheetJson.ContentJson sheet) {
        return service.add(sheet);
    }

    @PutMapping("/{id}")
    SheetJson change(@PathVariable String id, @RequestBody SheetJson.ChangeJson change) {
        return service.change(id, change);
    }

    @DeleteMapping("/{id}")
    SheetJson delete(@PathVariable String id, @RequestParam long version) {
        return service.delete(id, version);
    }

    @PostMapping("/{id}/undelete")
    SheetJson undelete(@PathVariable String id) {
        return service.undelete(id);
    }

    @PutMapping("/{id}/photo")
    SheetJson show(@PathVariable String id, @RequestBody SheetJson.NewPhotoJson photo) {
        return service.show(id, photo);
    }

    @DeleteMapping("/{id}/photo")
    SheetJson showNothing(@PathVariable String id, @RequestParam long version) {
        return service.showNothing(id, version);
    }

    @GetMapping("/table")
    ResponseEntity<String> table() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header("Content-Disposition", "attachment; filename=\"papers.csv\"")
                .body(service.table());
    }

    /** Every line of the table, or none. */
    @PostMapping("/table")
    List<SheetJson> addAll(@RequestBody SheetJson.TableJson table) {
        return service.addAll(table.csv());
    }
}
