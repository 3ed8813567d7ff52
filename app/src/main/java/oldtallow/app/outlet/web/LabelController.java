package oldtallow.app.outlet.web;

import java.util.UUID;
import oldtallow.app.outlet.api.Labels;
import oldtallow.app.outlet.model.QrLabel;
import oldtallow.app.platform.security.OwnAddress;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Labels, each as a picture and as a page. */
@RestController
class LabelController {

    private final Labels labels;
    private final OwnAddress address;

    LabelController(Labels labels, OwnAddress address) {
        this.labels = labels;
        this.address = address;
    }

    /** A label for a bag or box: its code opens the batch on the shelf. */
    @GetMapping("/api/v1/shelf/batches/{id}/label.svg")
    ResponseEntity<String> ofBatch(@PathVariable UUID id) {
        return picture(batch(id));
    }

    /** The label of a batch on the shelf, on paper. */
    @GetMapping("/api/v1/shelf/batches/{id}/label.pdf")
    ResponseEntity<byte[]> ofBatchOnPaper(@PathVariable UUID id) {
        return page(batch(id));
    }

    /** A label for a hub: its code opens the wheel end. */
    @GetMapping("/api/v1/wheel-ends/{id}/label.svg")
    ResponseEntity<String> ofWheelEnd(@PathVariable UUID id) {
        return picture(labels.ofWheelEnd(id, address.of("/wheel-ends/" + id)));
    }

    /** The label of a wheel end, on paper. */
    @GetMapping("/api/v1/wheel-ends/{id}/label.pdf")
    ResponseEntity<byte[]> ofWheelEndOnPaper(@PathVariable UUID id) {
        return page(labels.ofWheelEnd(id, address.of("/wheel-ends/" + id)));
    }

    /** A label for a drawbar: its code opens the rig. */
    @GetMapping("/api/v1/rigs/{id}/label.svg")
    ResponseEntity<String> ofRig(@PathVariable UUID id) {
        return picture(labels.ofRig(id, address.of("/rigs/" + id)));
    }

    /** The label of a rig, on paper. */
    @GetMapping("/api/v1/rigs/{id}/label.pdf")
    ResponseEntity<byte[]> ofRigOnPaper(@PathVariable UUID id) {
        return page(labels.ofRig(id, address.of("/rigs/" + id)));
    }

    private QrLabel batch(UUID id) {
        return labels.ofBatch(id, number -> address.of("/shelf", "batch", number));
    }

    private static ResponseEntity<String> picture(QrLabel label) {
        return Pages.svg(label.svg());
    }

    private static ResponseEntity<byte[]> page(QrLabel label) {
        return Pages.pdf("label.pdf", label.pdf());
    }
}
