package oldtallow.app.people;

import java.util.regex.Pattern;
import oldtallow.app.platform.FieldErrors;
import oldtallow.app.walls.Role;

/**
 * A person as entered.
 *
 * @param password in the clear; only its hash is kept
 */
public record PersonEntry(String name, String signInName, Role role, String password) {

    private static final int LEAST_PASSWORD = 10;
    private static final int MOST_PASSWORD = 128; // a longer text would only keep the hash busy
    private static final Pattern SIGN_IN_NAME = Pattern.compile("[a-z0-9._-]{2,40}");

    /** A password must never reach a log. */
    @Override
    public String toString() {
        return "PersonEntry[" + signInName + ", " + role + "]";
    }

    void check(FieldErrors errors) {
        checkName(name, errors);
        if (!SIGN_IN_NAME.matcher(signInName).matches()) {
            errors.add("signInName", signInName, "must be 2 to 40 small letters, digits, dots or dashes, such as ines");
        }
        checkPassword(password, errors);
    }

    static void checkName(String name, FieldErrors errors) {
        if (name.isBlank() || name.strip().length() > 80) {
            errors.add("name", name, "must be 1 to 80 characters");
        }
    }

    static void checkPassword(String password, FieldErrors errors) {
        if (password.length() < LEAST_PASSWORD || password.length() > MOST_PASSWORD) {
            errors.add(
                    "password",
                    null,
                    "must have " + LEAST_PASSWORD + " to " + MOST_PASSWORD + " characters; a short sentence does well");
        }
    }
}
