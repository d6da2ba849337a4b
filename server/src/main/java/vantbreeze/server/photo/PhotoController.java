package vantbreeze.server.photo;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Shows photographs. */
@RestController
@RequestMapping("/api/photos")
class PhotoController {

    private final PhotoAlbum album;

    PhotoController(PhotoAlbum album) {
        this.album = album;
    }

    /** A photograph never changes under its id. */
    @GetMapping("/{id}")
    ResponseEntity<byte[]> photo(@PathVariable String id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .header("Cache-Control", "private, max-age=31536000, immutable")
                .body(album.get(id));
    }
}
