package vantbreeze.server.backup;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.server.web.NotFound;
import vantbreeze.server.web.SteadyStream;

/** Everything out and in: begun here, asked after until it is done, fetched then. */
@RestController
@RequestMapping("/api/backup")
class BackupController {

    private static final String ZIP = "application/zip";

    private final BackupJobs jobs;
    private final Clock clock;

    BackupController(BackupJobs jobs, Clock clock) {
        this.jobs = jobs;
        this.clock = clock;
    }

    /**
     * @param says what was done or why it was not, in a sentence; empty while it runs
     * @param done of the work
     * @param all of the work, in the same measure; 0 until it is known
     */
    @Schema(name = "BackupJob")
    record JobJson(String id, BackupJob.State state, String says, long done, long all) {

        static JobJson of(BackupJob job) {
            return new JobJson(
                    job.id(),
                    job.state(),
                    job.says(),
                    job.progress().done(),
                    job.progress().all());
        }
    }

    @PostMapping("/written")
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobJson write() {
        return JobJson.of(jobs.write());
    }

    /** All of it or nothing. The body is the zip, of any size. */
    @PostMapping(value = "/restored", consumes = ZIP)
    @ResponseStatus(HttpStatus.ACCEPTED)
    JobJson restore(@Parameter(hidden = true) InputStream zip) {
        return JobJson.of(jobs.restore(new SteadyStream(zip, System::nanoTime)));
    }

    @GetMapping("/jobs/{id}")
    JobJson job(@PathVariable String id) {
        return JobJson.of(jobs.get(id));
    }

    /** Too late once it is being brought in: then it is done all the same. */
    @DeleteMapping("/jobs/{id}")
    JobJson cancel(@PathVariable String id) {
        BackupJob job = jobs.get(id);
        job.progress().cancel();
        return JobJson.of(job);
    }

    @ApiResponse(responseCode = "200", content = @Content(mediaType = ZIP))
    @GetMapping("/jobs/{id}/file")
    ResponseEntity<Resource> file(@PathVariable String id) throws IOException {
        BackupJob job = jobs.get(id);
        if (job.state() != BackupJob.State.DONE || !Files.exists(job.file())) {
            throw new NotFound("file of the backup (%s)".formatted(id));
        }
        LocalDate day = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(ZIP))
                .contentLength(Files.size(job.file()))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"vantbreeze %s.zip\"".formatted(day))
                .body(new FileSystemResource(job.file()));
    }
}
