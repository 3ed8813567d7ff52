package oldtallow.app.identity.api;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What the first owner has to know: printed where the application was started, so that whoever finds an empty installation on
 * the network first does not own it.
 */
@Component
class FirstOwnerWord {

    /** Letters and digits that are not taken for each other. */
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final int GROUPS = 3;
    private static final int GROUP = 4;

    private final String word;

    FirstOwnerWord(@Value("${oldtallow.first-owner-word}") String given) {
        this.word = given.isBlank() ? random() : given.strip();
    }

    String word() {
        return word;
    }

    /** In whatever letters it was typed; takes as long whether it is nearly right or not. */
    boolean is(String typed) {
        return MessageDigest.isEqual(bytes(word), bytes(typed.strip()));
    }

    private static byte[] bytes(String text) {
        return text.toLowerCase(Locale.ROOT).getBytes(StandardCharsets.UTF_8);
    }

    private static String random() {
        var random = new SecureRandom();
        return IntStream.range(0, GROUPS)
                .mapToObj(group -> random.ints(GROUP, 0, LETTERS.length())
                        .mapToObj(letter -> LETTERS.substring(letter, letter + 1))
                        .collect(Collectors.joining()))
                .collect(Collectors.joining("-"));
    }
}
