package oldtallow.app.outlet.model;

import java.util.List;
import java.util.Set;
import java.util.UUID;

/** Where the palette's words are kept. */
public interface PaletteStore {

    /** Replaces every word that leads to a rig or its parts. */
    void index(UUID rigId, List<Entry> entries);

    /** Entries that have a word beginning with each of the asked ones, in the order of the first. */
    List<Entry> find(List<String> beginnings, int most);

    /** What can be found, and by which words (lower case). */
    record Entry(Kind kind, UUID targetId, UUID rigId, Set<String> words) {

        public Entry {
            words = Set.copyOf(words);
        }
    }

    /** Kinds of targets. */
    enum Kind {
        RIG,
        /** The owner of the rig; the target is the rig. */
        OWNER,
        /** A part fitted to a wheel end of the rig. */
        PART
    }
}
