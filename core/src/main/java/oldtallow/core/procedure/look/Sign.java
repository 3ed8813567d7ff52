package oldtallow.core.procedure.look;

import java.util.List;
import java.util.Objects;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.look.Seen.GreaseFound;
import oldtallow.core.procedure.look.Seen.Leak;
import oldtallow.core.procedure.look.Seen.Locked;
import oldtallow.core.procedure.look.Seen.Misplaced;
import oldtallow.core.procedure.look.Seen.Misplacement;
import oldtallow.core.procedure.look.Seen.Rock;
import oldtallow.core.procedure.look.Seen.Spin;
import oldtallow.core.procedure.look.Seen.SpinWithoutShaft;
import oldtallow.core.procedure.look.Seen.TakenUp;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import org.jspecify.annotations.Nullable;

/**
 * Something noticed at a first look, as it is written down.
 *
 * @param value one of the kind's
 * @param part the part found misplaced; null for other kinds
 */
public record Sign(Kind kind, String value, @Nullable Part part) {

    public Sign {
        if (!kind.answers().contains(value)) {
            throw new OutOfRangeException(kind, value, "one of " + kind.answers());
        }
        if ((part != null) != (kind == Kind.MISPLACED)) {
            throw new OutOfRangeException(
                    kind, String.valueOf(part), kind == Kind.MISPLACED ? "of a part" : "without a part");
        }
    }

    /** What is asked at a first look. */
    public enum Kind implements Quantity {
        SPIN("What it sounds like", Spin.values()),
        SPIN_WITHOUT_SHAFT("What it sounds like without the shaft", Spin.values()),
        ROCK("How it rocks", Rock.values()),
        TAKEN_UP("With the nut taken up", TakenUp.values()),
        LEAK("Behind the wheel", Leak.values()),
        GREASE("The grease", GreaseFound.values()),
        LOCK("Nut and lock", Locked.values()),
        MISPLACED("Parts", Misplacement.values());

        private final String words;
        private final List<Enum<?>> answers;

        Kind(String words, Enum<?>[] answers) {
            this.words = words;
            this.answers = List.of(answers);
        }

        @Override
        public String words() {
            return words;
        }

        public List<String> answers() {
            return answers.stream().map(Enum::name).toList();
        }
    }

    /** As the diagnosis wants it. */
    public Seen seen() {
        return switch (kind) {
            case SPIN -> Spin.valueOf(value);
            case SPIN_WITHOUT_SHAFT -> new SpinWithoutShaft(Spin.valueOf(value));
            case ROCK -> Rock.valueOf(value);
            case TAKEN_UP -> TakenUp.valueOf(value);
            case LEAK -> Leak.valueOf(value);
            case GREASE -> GreaseFound.valueOf(value);
            case LOCK -> Locked.valueOf(value);
            case MISPLACED -> new Misplaced(Objects.requireNonNull(part), Misplacement.valueOf(value));
        };
    }

    /** The words of a value: growls when spun. */
    public static String wordsOf(Kind kind, String value) {
        return switch (kind) {
            case GREASE -> GreaseFound.valueOf(value).swatch();
            case MISPLACED -> Misplacement.valueOf(value).words();
            default -> new Sign(kind, value, null).seen().words();
        };
    }

    /** What a value means, where that needs saying. */
    public static String meansOf(Kind kind, String value) {
        return kind == Kind.GREASE ? GreaseFound.valueOf(value).means() : "";
    }
}
