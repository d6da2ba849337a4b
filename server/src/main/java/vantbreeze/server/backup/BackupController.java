package vantbreeze.server.backup;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.server.web.FieldsRefused;

/** Everything out and in. */
@RestController
@RequestMapping("/api/backup")
class BackupController {

    private static final String ZIP = "application/zip";

    private final BackupService backups;
    private final Clock clock;

    BackupController(BackupService backups, Clock clock) {
        this.backups = backups;
        this.clock = clock;
    }

    /**
     * @param rows in the backup
     * @param added that were not here
     * @param changed that were older or deleted here
     */
    @Schema(name = "Restored")
    record RestoredJson(int rows, int added, int changed) {}

    @ApiResponse(responseCode = "200", content = @Content(mediaType = ZIP))
    @GetMapping
    ResponseEntity<byte[]> write() {
        LocalDate day = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(ZIP))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"vantbreeze %s.zip\"".formatted(day))
                .body(backups.write());
    }

    /** All of it or nothing. */
    @PostMapping(consumes = ZIP)
    RestoredJson restore(@RequestBody byte[] zip) {
        try {
            BackupService.Restored restored = backups.restore(zip);
            return new RestoredJson(restored.rows(), restored.added(), restored.changed());
        } catch (BackupFault e) {
            throw new FieldsRefused("backup", e.entry(), "a backup as it was written", e.getMessage());
        }
    }
}
