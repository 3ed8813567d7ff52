package oldtallow.app.identity.model;

import java.time.Instant;

/**
 * Something that has to do with who may do what.
 *
 * @param who the person's name, or the name that was tried
 * @param address of the network it came from
 * @param device a telephone, a computer or a program
 * @param details of what or whom; never a password, a token or a code
 */
public record SecurityEvent(long id, Instant at, String who, Kind kind, String address, String device, String details) {

    /** What an owner would want to know of who went in, or tried. */
    public enum Kind {
        SIGNED_IN("signed in"),
        WRONG_PASSWORD("tried a wrong password"),
        WRONG_CODE("gave a wrong code"),
        TRIED_TOO_OFTEN("tried too often"),
        SIGNED_OUT("signed out"),
        SIGNED_OUT_EVERYWHERE("signed out on every device"),
        DEVICE_ENDED("signed a device out"),
        REFUSED("was refused"),
        PASSWORD_CHANGED("set a new password"),
        PERSON_ADDED("added a person"),
        PERSON_CHANGED("changed a person's role or account"),
        FIGURE_FILED("filed a figure that governs"),
        FIGURE_ENDED("took a figure away"),
        FEED_MADE("made a calendar address"),
        FEED_ENDED("ended a calendar address"),
        SECOND_FACTOR("changed their second factor"),
        DEMO_ENDED("ended the demo");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** As in: Tobe signed in. */
        public String words() {
            return words;
        }
    }
}
