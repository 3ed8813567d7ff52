package oldtallow.app.job.web;

import java.time.Duration;
import java.util.UUID;
import oldtallow.app.job.api.JobPhotos;
import oldtallow.app.register.photo.Photo;
import oldtallow.core.hub.part.Part;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos taken at the bench. */
@RestController
@RequestMapping("/api/v1/jobs/{jobId}/photos/{photoId}")
class JobPhotoController {

    private static final Duration FOR_GOOD = Duration.ofDays(365);

    private final JobPhotos photos;

    JobPhotoController(JobPhotos photos) {
        this.photos = photos;
    }

    /** A photo; it never changes under its id. */
    @GetMapping
    ResponseEntity<byte[]> photo(@PathVariable UUID jobId, @PathVariable UUID photoId) {
        Photo photo = photos.photo(jobId, photoId);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(photo.mediaType()))
                .cacheControl(CacheControl.maxAge(FOR_GOOD).cachePrivate().immutable())
                .body(photo.bytes());
    }

    /** Keeps a photo of at most 10 MB with a step. */
    @PutMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(
            @PathVariable UUID jobId,
            @PathVariable UUID photoId,
            @RequestParam String stepId,
            @RequestParam(required = false) @Nullable Part part,
            @RequestBody byte[] bytes) {
        photos.add(jobId, photoId, stepId, part, bytes);
    }
}
