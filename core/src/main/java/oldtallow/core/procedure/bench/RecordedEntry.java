package oldtallow.core.procedure.bench;

import java.time.Instant;
import java.util.UUID;

/**
 * An entry as it was written down: which, by whom and when.
 *
 * @param pressId of the press that wrote it; one press can write an entry at each hub of a rig
 * @param needsSignOff whether who wrote it was an apprentice then, so that a mechanic answers for it
 */
public record RecordedEntry(
        UUID id, UUID pressId, int number, JobEntry entry, UUID personId, String by, boolean needsSignOff, Instant at) {

    private static final int HEX = 16;

    /** The version of ids that are made in a way of one's own (RFC 9562, 5.8), and the variant of all of them. */
    private static final char OWN_WAY = '8';

    private static final int VERSION_AT = 14;
    private static final int VARIANT_AT = 19;

    /**
     * The id of what a press writes at another hub: the same wherever and however often it is written, and no other press's at
     * no other hub. It is the two ids laid over each other, digit by digit.
     */
    public static UUID alongside(UUID pressId, UUID jobId) {
        String press = pressId.toString();
        String job = jobId.toString();
        var both = new StringBuilder();
        for (int i = 0; i < press.length(); i++) {
            boolean fixed = i == VERSION_AT || i == VARIANT_AT;
            if (press.charAt(i) == '-' || fixed) {
                both.append(fixed ? OWN_WAY : '-');
            } else {
                int laidOver = Character.digit(press.charAt(i), HEX) ^ Character.digit(job.charAt(i), HEX);
                both.append(Character.forDigit(laidOver, HEX));
            }
        }
        return UUID.fromString(both.toString());
    }
}
