package oldtallow.core.grease;

import oldtallow.core.refusal.FieldErrors;

/**
 * A grease that goes into a hub, or is in it.
 *
 * @param name as on the tin; empty where nobody wrote it down
 * @param code such as KP2K-30; may be empty
 */
public record Grease(String name, Thickener thickener, String code) {

    private static final int MOST_NAME = 80;
    private static final int MOST_BATCH = 40;

    /** It was filled, and nobody wrote down with what. */
    public static final Grease UNKNOWN = new Grease("", Thickener.UNKNOWN, "");

    public boolean known() {
        return thickener != Thickener.UNKNOWN;
    }

    /** Refuses what cannot be written down: a grease that is known and has no name, words that are too long, a broken code. */
    public void check(String batch) {
        var errors = new FieldErrors();
        if (known() && name.isBlank()) {
            errors.add("name", name, "is missing; write what stands on the tin");
        }
        if (name.length() > MOST_NAME) {
            errors.add("name", name.length(), "must be " + MOST_NAME + " letters at most");
        }
        if (batch.length() > MOST_BATCH) {
            errors.add("batch", batch.length(), "must be " + MOST_BATCH + " letters at most");
        }
        if (!code.isEmpty()) {
            errors.at("code", () -> GreaseCode.parse(code));
        }
        errors.throwIfAny();
    }
}
