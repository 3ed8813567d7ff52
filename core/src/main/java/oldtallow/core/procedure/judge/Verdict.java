package oldtallow.core.procedure.judge;

import java.util.List;

/**
 * What becomes of an item.
 *
 * @param reason in a sentence
 * @param rule the rule that decided
 * @param causes what probably did it, likeliest first; empty where nothing is wrong
 * @param alsoLookAt neighbours that the damage reaches to
 */
public record Verdict(Outcome outcome, String reason, Rule rule, List<Cause> causes, List<String> alsoLookAt) {

    public Verdict {
        causes = List.copyOf(causes);
        alsoLookAt = List.copyOf(alsoLookAt);
    }

    /** What becomes of it. Cone and cup of a bearing have one outcome between them. */
    public enum Outcome {
        REUSE("back in its own place"),
        RENEW("renew"),
        /** Nobody could tell: then it is renewed. */
        CANNOT_TELL("cannot tell: renew"),
        /** A sleeve or polishing puts it right. */
        REPAIR("put right, then reuse");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean isRenewal() {
            return this == RENEW || this == CANNOT_TELL;
        }
    }

    /** The rules by which verdicts are reached; common practice of the trade. */
    public enum Rule {
        RENEW_ONCE_APART("practice: renew everything once it is apart"),
        DAMAGE_ENDS_IT("damage on a running surface ends a bearing"),
        FIRST_RUST("replace at the first rust: a rusted bearing does not heal"),
        NOISY("a noisy bearing is renewed even with no play"),
        NOT_LOOKED_AT("what was not seen clean, felt and turned cannot be passed"),
        LIGHT_MARKS("light marks where nothing runs clean off and run on"),
        NOTHING_FOUND("practice: what passes is reused in its own place"),
        NEIGHBOUR_WORN("a worn seat wears out the next bearing");

        private final String words;

        Rule(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
