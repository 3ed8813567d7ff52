package oldtallow.core.grease;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;

/** Reads a code piece by piece from the left, and says where it breaks. */
final class CodeReader {

    private final Quantity standard;
    private final String code;
    private final StringBuilder rest;

    CodeReader(Quantity standard, String code) {
        this.standard = standard;
        this.code = code;
        this.rest = new StringBuilder(code);
    }

    /** The next piece, if it is like this. */
    Optional<String> next(Pattern like) {
        Matcher matcher = like.matcher(rest);
        if (!matcher.lookingAt() || matcher.end() == 0) {
            return Optional.empty();
        }
        String piece = matcher.group();
        rest.delete(0, piece.length());
        return Optional.of(piece);
    }

    /** The next piece, which must be like this. */
    String require(Pattern like, String wanted) {
        return next(like).orElseThrow(() -> broken(wanted));
    }

    void end() {
        if (!rest.isEmpty()) {
            throw broken("the end of the code");
        }
    }

    /** What stands here instead of what is wanted. */
    OutOfRangeException broken(String wanted) {
        int at = code.length() - rest.length();
        String found = at < code.length() ? "\"" + code.charAt(at) + "\" at place " + (at + 1) : "its end";
        return new OutOfRangeException(
                standard,
                code,
                "a code that goes on with " + wanted + " after \"" + code.substring(0, at) + "\", where " + found
                        + " stands");
    }
}
