package oldtallow.app.register.web;

import java.util.UUID;
import oldtallow.app.register.photo.Photo;
import oldtallow.app.register.photo.Photos;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/rigs/{rigId}/photo")
class PhotoController {

    private final Photos photos;

    PhotoController(Photos photos) {
        this.photos = photos;
    }

    /** The rig's photo; 404 where it has none. */
    @GetMapping
    ResponseEntity<byte[]> photo(@PathVariable UUID rigId) {
        Photo photo = photos.require(rigId);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(photo.mediaType()))
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(photo.bytes());
    }

    /** Keeps a photo of at most 10 MB in place of the one before. */
    @PutMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@PathVariable UUID rigId, @RequestBody byte[] bytes) {
        photos.put(rigId, bytes);
    }

    /** Takes the photo of a rig away. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID rigId) {
        photos.remove(rigId);
    }
}
