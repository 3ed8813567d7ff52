package oldtallow.core.procedure.step;

import oldtallow.core.hub.part.Part;

/** What a step does with a part. */
public record PartMove(Part part, Kind kind) {

    /** Moves of parts. */
    public enum Kind {
        /** Off the wheel end, on the tray. */
        REMOVE,
        /** The same part, back in its own place. */
        REFIT,
        /** A new part; the old one is discarded, because it is worn or never used twice. */
        RENEW,
        /** A new part where none was: a first build. */
        FIT;

        public boolean puts() {
            return this != REMOVE;
        }
    }
}
