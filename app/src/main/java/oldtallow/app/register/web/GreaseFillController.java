package oldtallow.app.register.web;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.core.grease.Grease;
import oldtallow.core.grease.Thickener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/wheel-ends/{id}/grease")
class GreaseFillController {

    private final GreaseFills fills;

    GreaseFillController(GreaseFills fills) {
        this.fills = fills;
    }

    /** What went in, the latest first: that is what is in it. */
    @GetMapping
    List<GreaseFillView> of(@PathVariable UUID id) {
        return fills.of(id).stream().map(GreaseFillView::of).toList();
    }

    /** Writes down what is in it, where no job did. */
    @PostMapping
    List<GreaseFillView> fill(@PathVariable UUID id, @RequestBody GreaseFillForm form) {
        fills.fill(
                form.id(),
                id,
                null,
                new Grease(form.name().strip(), form.thickener(), form.code().strip()),
                form.batch().strip());
        return of(id);
    }

    /** {@code code} and {@code batch} may be empty. */
    record GreaseFillForm(UUID id, String name, Thickener thickener, String code, String batch) {}

    record GreaseFillView(
            UUID id,
            String name,
            Thickener thickener,
            String thickenerWords,
            String code,
            String batch,
            boolean known,
            String by,
            Instant at) {

        static GreaseFillView of(GreaseFill fill) {
            return new GreaseFillView(
                    fill.id(),
                    fill.grease().name(),
                    fill.grease().thickener(),
                    fill.grease().thickener().words(),
                    fill.grease().code(),
                    fill.batch(),
                    fill.grease().known(),
                    fill.by(),
                    fill.at());
        }
    }
}
