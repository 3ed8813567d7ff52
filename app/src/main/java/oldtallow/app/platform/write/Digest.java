package oldtallow.app.platform.write;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** SHA-256, which every Java has. */
public final class Digest {

    private Digest() {}

    /** Digest of a line of text and what follows it. */
    public static byte[] of(String line, byte[] rest) {
        MessageDigest digest = sha256();
        digest.update(line.getBytes(StandardCharsets.UTF_8));
        digest.update((byte) '\n');
        return digest.digest(rest);
    }

    /** Digest of a text. */
    public static byte[] of(String text) {
        return sha256().digest(text.getBytes(StandardCharsets.UTF_8));
    }

    /** One to be fed piece by piece. */
    public static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JVM has SHA-256", e);
        }
    }
}
