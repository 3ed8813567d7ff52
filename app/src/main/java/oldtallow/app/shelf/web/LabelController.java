package oldtallow.app.shelf.web;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.shelf.Shelf;
import oldtallow.app.shelf.Shelf.Trace;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

@RestController
class LabelController {

    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");

    private final Shelf shelf;

    LabelController(Shelf shelf) {
        this.shelf = shelf;
    }

    /** A label for a bag or box: its code opens the batch on the shelf. */
    @GetMapping("/api/shelf/batches/{id}/label.svg")
    ResponseEntity<String> label(@PathVariable UUID id) {
        Trace trace = shelf.trace(id);
        String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/shelf")
                .queryParam("batch", "{batch}")
                .build(trace.batch().batch())
                .toString();
        List<String> lines = Stream.of(
                        trace.item().designation(),
                        "of " + trace.batch().madeOn(),
                        "keeps until " + trace.batch().keepsUntil(),
                        trace.batch().note())
                .filter(line -> !line.isEmpty())
                .toList();
        return ResponseEntity.ok()
                .contentType(SVG)
                .body(new QrLabel(address, trace.batch().batch(), lines).svg());
    }
}
