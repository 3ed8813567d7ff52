package oldtallow.app.outlet.web;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Answers that are looked at or printed. */
final class Pages {

    private static final MediaType HTML = new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
    /** A page carries its style and its pictures, and fetches nothing. */
    private static final String NOTHING_BUT_ITS_OWN = "default-src 'none'; style-src 'unsafe-inline'; img-src data:";

    private Pages() {}

    static ResponseEntity<byte[]> pdf(String name, byte[] pdf) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(pdf);
    }

    static ResponseEntity<String> html(String xhtml) {
        return ResponseEntity.ok()
                .contentType(HTML)
                .header("Content-Security-Policy", NOTHING_BUT_ITS_OWN)
                .body("<!doctype html>" + xhtml);
    }

    static ResponseEntity<String> svg(String svg) {
        return ResponseEntity.ok().contentType(SVG).body(svg);
    }
}
