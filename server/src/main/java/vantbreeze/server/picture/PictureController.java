package vantbreeze.server.picture;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.server.plan.BriefJson;
import vantbreeze.server.plan.Cards;
import vantbreeze.server.plan.Recent;
import vantbreeze.server.project.ProjectJson;
import vantbreeze.server.project.ProjectService;

/** Pictures of cards. */
@RestController
@RequestMapping("/api")
class PictureController {

    /** A few kilobytes each. */
    private static final int MOST_PAINTED = 400;

    private final ProjectService projects;
    private final Cards cards;

    /** What was painted last, by what it shows. */
    private final Recent<BriefJson, byte[]> painted = new Recent<>(MOST_PAINTED);

    PictureController(ProjectService projects, Cards cards) {
        this.projects = projects;
        this.cards = cards;
    }

    /** Small, for lists; its address tells the project's version, so that it never changes. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.IMAGE_PNG_VALUE))
    @GetMapping("/projects/{id}/picture.png")
    ResponseEntity<byte[]> ofProject(@PathVariable String id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .header(HttpHeaders.CACHE_CONTROL, "private, max-age=31536000, immutable")
                .body(small(projects.get(id).brief()));
    }

    /** The same of a card that is no project yet. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.IMAGE_PNG_VALUE))
    @PostMapping("/pictures")
    ResponseEntity<byte[]> picture(@RequestBody BriefJson brief) {
        return ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).body(small(brief));
    }

    private byte[] small(BriefJson brief) {
        return painted.get(brief, () -> cards.ask(brief, card -> CardPictures.small(card.looks())));
    }

    /** Large, to be shown to others: closed, opened, displayed, with its sizes. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.IMAGE_PNG_VALUE))
    @GetMapping("/projects/{id}/exports/share.png")
    ResponseEntity<byte[]> share(@PathVariable String id) {
        ProjectJson project = projects.get(id);
        byte[] png = cards.ask(
                project.brief(),
                card -> CardPictures.share(
                        project.name(),
                        card.plan(),
                        card.looks(),
                        card.folding().standing()));
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(project.name() + ".png", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(png);
    }
}
