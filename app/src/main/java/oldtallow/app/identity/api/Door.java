package oldtallow.app.identity.api;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.cert.CertificateException;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import oldtallow.app.platform.security.OwnAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The address telephones come to, and the authority that vouches for it where that is the workshop's own. */
@Component
public class Door {

    private final OwnAddress address;
    private final Optional<X509Certificate> authority;

    Door(OwnAddress address, @Value("${oldtallow.authority}") String authority) {
        this.address = address;
        this.authority = authority.isBlank() ? Optional.empty() : Optional.of(read(Path.of(authority)));
    }

    public String address() {
        return address.base();
    }

    /** Whether anything but this machine can come to it. */
    public boolean isOpen() {
        String host = URI.create(address.base()).getHost();
        try {
            return !host.equals("localhost") && !InetAddress.ofLiteral(host).isLoopbackAddress();
        } catch (IllegalArgumentException e) {
            return true; // a name
        }
    }

    /** What a telephone has to trust; empty where a certificate the world knows is used. */
    public Optional<X509Certificate> authority() {
        return authority;
    }

    /** SHA-256 of a certificate, in pairs: what is compared by eye before it is trusted. */
    public static String fingerprint(X509Certificate certificate) {
        try {
            byte[] sum = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
            return HexFormat.ofDelimiter(":").formatHex(sum).toUpperCase(Locale.ROOT);
        } catch (CertificateException | NoSuchAlgorithmException e) {
            throw new IllegalStateException(e); // it was read, and every Java has it
        }
    }

    private static X509Certificate read(Path file) {
        try (InputStream pem = Files.newInputStream(file)) {
            return (X509Certificate) CertificateFactory.getInstance("X.509").generateCertificate(pem);
        } catch (IOException | CertificateException e) {
            throw new IllegalStateException(
                    "the authority " + file
                            + " cannot be read: give a PEM certificate, or leave OLDTALLOW_AUTHORITY out",
                    e);
        }
    }
}
