package oldtallow.app.outlet.web;

import java.util.UUID;
import oldtallow.app.outlet.api.ServiceSheets;
import oldtallow.app.outlet.model.SheetPage;
import oldtallow.app.platform.security.OwnAddress;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The service sheet of a job, as a page to print and as PDF. */
@RestController
class SheetController {

    private final ServiceSheets sheets;
    private final OwnAddress address;

    SheetController(ServiceSheets sheets, OwnAddress address) {
        this.sheets = sheets;
        this.address = address;
    }

    /** The service sheet of a job, on paper. */
    @GetMapping("/api/v1/jobs/{id}/service-sheet.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable UUID id) {
        return Pages.pdf("service-sheet.pdf", new SheetPage(sheets.of(id, this::rig)).pdf());
    }

    /** The service sheet of a job, to look at. */
    @GetMapping("/api/v1/jobs/{id}/service-sheet.html")
    ResponseEntity<String> html(@PathVariable UUID id) {
        return Pages.html(new SheetPage(sheets.of(id, this::rig)).xhtml());
    }

    /** One sheet of all hubs that a job was done at, on paper. */
    @GetMapping("/api/v1/jobs/{id}/sheet-of-all-hubs.pdf")
    ResponseEntity<byte[]> pdfOfAllHubs(@PathVariable UUID id) {
        return Pages.pdf("service-sheet.pdf", new SheetPage(sheets.ofAllHubs(id, this::rig)).pdf());
    }

    /** One sheet of all hubs that a job was done at, to look at. */
    @GetMapping("/api/v1/jobs/{id}/sheet-of-all-hubs.html")
    ResponseEntity<String> htmlOfAllHubs(@PathVariable UUID id) {
        return Pages.html(new SheetPage(sheets.ofAllHubs(id, this::rig)).xhtml());
    }

    private String rig(UUID rigId) {
        return address.of("/rigs/" + rigId);
    }
}
