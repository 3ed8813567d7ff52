package oldtallow.app.identity.model;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import java.util.regex.Pattern;
import oldtallow.app.identity.access.Role;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;

/**
 * A person as entered.
 *
 * @param password in the clear; only its hash is kept
 */
public record PersonEntry(String name, String signInName, Role role, String password) {

    private static final int LEAST_PASSWORD = 10;
    private static final int MOST_PASSWORD = 128; // a longer text would only keep the hash busy
    /** Characters; its time grows faster than a password does. */
    private static final int MOST_LOOKED_AT = 40;
    /** Where the estimator itself draws the line to "somewhat guessable" (its score 2). */
    private static final double LEAST_GUESSES = 1e6;

    /** Lists of common passwords, names and words, and what people do with them. */
    private static final Zxcvbn GUESSES = new Zxcvbn();

    private static final Pattern SIGN_IN_NAME = Pattern.compile("[a-z0-9._-]{2,40}");

    /** A password must never reach a log. */
    @Override
    public String toString() {
        return "PersonEntry[" + signInName + ", " + role + "]";
    }

    public void check(FieldErrors errors) {
        checkName(name, errors);
        if (!SIGN_IN_NAME.matcher(signInName).matches()) {
            errors.add("signInName", signInName, "must be 2 to 40 small letters, digits, dots or dashes, such as ines");
        }
        checkPassword(password, List.of(name, signInName), errors);
    }

    public static InvalidInputException taken(String signInName) {
        return new InvalidInputException("signInName", signInName, "is taken; choose another");
    }

    public static void checkName(String name, FieldErrors errors) {
        if (name.isBlank() || name.strip().length() > 80) {
            errors.add("name", name, "must be 1 to 80 characters");
        }
    }

    /** {@code own}: names nobody is to use as a password, since they are guessed first. */
    public static void checkPassword(String password, List<String> own, FieldErrors errors) {
        if (password.length() < LEAST_PASSWORD || password.length() > MOST_PASSWORD) {
            errors.add(
                    "password",
                    null,
                    "must have " + LEAST_PASSWORD + " to " + MOST_PASSWORD + " characters; a short sentence does well");
        } else if (guesses(password, own) < LEAST_GUESSES) {
            errors.add("password", null, "is among the first a stranger would try; take a short sentence of your own");
        }
    }

    /** How many tries a stranger needs who knows which passwords are common, and whose it is. */
    private static double guesses(String password, List<String> own) {
        String start = password.substring(0, Math.min(password.length(), MOST_LOOKED_AT));
        return GUESSES.measure(start, own).getGuesses();
    }
}
