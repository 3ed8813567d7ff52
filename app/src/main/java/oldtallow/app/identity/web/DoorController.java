package oldtallow.app.identity.web;

import java.security.cert.CertificateEncodingException;
import java.security.cert.X509Certificate;
import oldtallow.app.identity.api.Door;
import oldtallow.app.platform.QrCode;
import oldtallow.app.platform.problem.NotFoundException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DoorController {

    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
    private static final MediaType AUTHORITY = MediaType.parseMediaType("application/x-x509-ca-cert");
    private static final int CODE_MM = 60;

    private final Door door;

    DoorController(Door door) {
        this.door = door;
    }

    /** Where a telephone comes in. */
    @GetMapping("/api/v1/door")
    DoorView door() {
        return new DoorView(
                door.address(),
                door.isOpen(),
                door.authority().map(Door::fingerprint).orElse(null));
    }

    /** Its address as a QR code. */
    @GetMapping("/api/v1/door/code.svg")
    ResponseEntity<String> code() {
        return ResponseEntity.ok().contentType(SVG).body(new QrCode(door.address()).svg(CODE_MM));
    }

    /** The workshop's own authority, for a telephone that is to trust it; a certificate is no secret. */
    @GetMapping("/door/authority.crt")
    ResponseEntity<byte[]> authority() throws CertificateEncodingException {
        X509Certificate authority =
                door.authority().orElseThrow(() -> new NotFoundException("authority", "of this workshop"));
        return ResponseEntity.ok()
                .contentType(AUTHORITY)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("old-tallow.crt")
                                .build()
                                .toString())
                .body(authority.getEncoded());
    }

    /**
     * @param isOpen whether anything but this machine can come in
     * @param fingerprint of the authority a telephone has to trust first; left out where the world's do
     */
    record DoorView(
            String address, boolean isOpen, @Nullable String fingerprint) {}
}
