package oldtallow.app.units.form;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.PushOnRetainer;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.quantity.Turn;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * What locks the nut. Numbers may be missing, so that all that are can be named at once; {@code marksDegrees} is where cotter
 * holes or flats (from the first) or tangs (from the key) stand, in the loosening direction.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = LockForm.CastleNutForm.class, name = "CASTLE_NUT"),
    @JsonSubTypes.Type(value = LockForm.SeatedRetainerForm.class, name = "SEATED_RETAINER"),
    @JsonSubTypes.Type(value = LockForm.PushOnRetainerForm.class, name = "PUSH_ON_RETAINER"),
    @JsonSubTypes.Type(value = LockForm.TangWasherForm.class, name = "TANG_WASHER"),
    @JsonSubTypes.Type(value = LockForm.LockPlateForm.class, name = "LOCK_PLATE"),
    @JsonSubTypes.Type(value = LockForm.TwoNutsForm.class, name = "TWO_NUTS"),
    @JsonSubTypes.Type(value = LockForm.StakedCollarForm.class, name = "STAKED_COLLAR")
})
public sealed interface LockForm {

    /** The lock, or null with everything that is wrong noted under {@code path}. */
    @Nullable
    LockPattern toLock(String path, FieldErrors errors);

    static LockForm of(LockPattern lock) {
        return switch (lock) {
            case CastleNut nut -> new CastleNutForm(nut.slots(), degrees(nut.holes()));
            case SeatedRetainer retainer ->
                new SeatedRetainerForm(
                        retainer.slots(),
                        retainer.seats(),
                        degrees(retainer.holes()),
                        retainer.offset().equals(Turn.ZERO)
                                ? null
                                : degrees(List.of(retainer.offset())).getFirst());
            case PushOnRetainer retainer -> new PushOnRetainerForm(retainer.seats(), degrees(retainer.flats()));
            case TangWasher washer -> new TangWasherForm(washer.flats(), degrees(washer.tangs()));
            case LockPlate plate -> new LockPlateForm(plate.plateHoles(), plate.ringHoles(), plate.screws());
            case FreeAngleLock free -> free == FreeAngleLock.TWO_NUTS ? new TwoNutsForm() : new StakedCollarForm();
        };
    }

    /** A castle nut with its cotter. */
    record CastleNutForm(@Nullable Integer slots, @Nullable List<BigDecimal> marksDegrees) implements LockForm {

        @Override
        public @Nullable LockPattern toLock(String path, FieldErrors errors) {
            @Nullable Integer n = needed(path + ".slots", slots, errors);
            @Nullable List<Turn> holes = marks(path, marksDegrees, errors);
            return n == null || holes == null
                    ? null
                    : errors.at(path + ".slots", fields(path), () -> new CastleNut(n, holes));
        }
    }

    /**
     * A stamped retainer over the nut, with its cotter.
     *
     * @param seats on its nut, 6 or 12
     * @param offsetDegrees of its slots from the corners of its nut, in the loosening direction; none where null
     */
    record SeatedRetainerForm(
            @Nullable Integer slots,
            @Nullable Integer seats,
            @Nullable List<BigDecimal> marksDegrees,
            @Nullable BigDecimal offsetDegrees)
            implements LockForm {

        @Override
        public @Nullable LockPattern toLock(String path, FieldErrors errors) {
            @Nullable Integer n = needed(path + ".slots", slots, errors);
            @Nullable Integer s = needed(path + ".seats", seats, errors);
            @Nullable List<Turn> holes = marks(path, marksDegrees, errors);
            @Nullable
            Turn offset = offsetDegrees == null
                    ? Turn.ZERO
                    : errors.at(path + ".offsetDegrees", () -> Turn.ofDegrees(offsetDegrees));
            return n == null || s == null || holes == null || offset == null
                    ? null
                    : errors.at(path + ".slots", fields(path), () -> new SeatedRetainer(n, s, offset, holes));
        }
    }

    /**
     * A retainer without a cotter, pushed over the nut.
     *
     * @param seats on its nut, 6, 12 or 18
     */
    record PushOnRetainerForm(
            @Nullable Integer seats, @Nullable List<BigDecimal> marksDegrees) implements LockForm {

        @Override
        public @Nullable LockPattern toLock(String path, FieldErrors errors) {
            @Nullable Integer s = needed(path + ".seats", seats, errors);
            @Nullable List<Turn> flatsAt = marks(path, marksDegrees, errors);
            return s == null || flatsAt == null
                    ? null
                    : errors.at(path + ".seats", fields(path), () -> new PushOnRetainer(s, flatsAt));
        }
    }

    /**
     * A washer with tangs to bend up.
     *
     * @param flats of the nut over it
     */
    record TangWasherForm(@Nullable Integer flats, @Nullable List<BigDecimal> marksDegrees) implements LockForm {

        @Override
        public @Nullable LockPattern toLock(String path, FieldErrors errors) {
            @Nullable Integer n = needed(path + ".flats", flats, errors);
            @Nullable List<Turn> tangs = marks(path, marksDegrees, errors);
            return n == null || tangs == null
                    ? null
                    : errors.at(path + ".flats", fields(path), () -> new TangWasher(n, tangs));
        }
    }

    /** A plate over the ring nut, held by screws. */
    record LockPlateForm(
            @Nullable Integer plateHoles,
            @Nullable Integer ringHoles,
            @Nullable Integer screws) implements LockForm {

        @Override
        public @Nullable LockPattern toLock(String path, FieldErrors errors) {
            @Nullable Integer p = needed(path + ".plateHoles", plateHoles, errors);
            @Nullable Integer r = needed(path + ".ringHoles", ringHoles, errors);
            @Nullable Integer s = needed(path + ".screws", screws, errors);
            return p == null || r == null || s == null
                    ? null
                    : errors.at(path + ".screws", fields(path), () -> new LockPlate(p, r, s));
        }
    }

    /** Two nuts with a tab washer between them. */
    record TwoNutsForm() implements LockForm {

        @Override
        public LockPattern toLock(String path, FieldErrors errors) {
            return FreeAngleLock.TWO_NUTS;
        }
    }

    /** A collar staked into the spindle's slot. */
    record StakedCollarForm() implements LockForm {

        @Override
        public LockPattern toLock(String path, FieldErrors errors) {
            return FreeAngleLock.STAKED_COLLAR;
        }
    }

    /** Where a form shows what the core refuses, by quantity. */
    private static Map<Quantity, String> fields(String path) {
        return Map.ofEntries(
                Map.entry(EnteredQuantity.HOLE_ANGLE, path + ".marksDegrees"),
                Map.entry(EnteredQuantity.NUMBER_OF_HOLES, path + ".marksDegrees"),
                Map.entry(EnteredQuantity.FLAT_ANGLE, path + ".marksDegrees"),
                Map.entry(EnteredQuantity.NUMBER_OF_FLATS, path + ".marksDegrees"),
                Map.entry(EnteredQuantity.TANG_ANGLE, path + ".marksDegrees"),
                Map.entry(EnteredQuantity.NUMBER_OF_TANGS, path + ".marksDegrees"),
                Map.entry(EnteredQuantity.RETAINER_SEATS, path + ".seats"),
                Map.entry(EnteredQuantity.RETAINER_OFFSET, path + ".offsetDegrees"),
                Map.entry(EnteredQuantity.LOCK_PLATE_HOLES, path + ".plateHoles"),
                Map.entry(EnteredQuantity.RING_NUT_HOLES, path + ".ringHoles"));
    }

    private static @Nullable Integer needed(String field, @Nullable Integer value, FieldErrors errors) {
        if (value == null) {
            errors.add(field, null, "is missing; this kind of lock needs it");
        }
        return value;
    }

    private static @Nullable List<Turn> marks(
            String path, @Nullable List<BigDecimal> marksDegrees, FieldErrors errors) {
        if (marksDegrees == null) {
            errors.add(path + ".marksDegrees", null, "is missing; give the angle of each hole or tang, first 0");
            return null;
        }
        List<Turn> turns = new ArrayList<>();
        for (int i = 0; i < marksDegrees.size(); i++) {
            BigDecimal degrees = marksDegrees.get(i);
            @Nullable Turn turn = errors.at(path + ".marksDegrees[" + i + "]", () -> Turn.ofDegrees(degrees));
            if (turn == null) {
                return null;
            }
            turns.add(turn);
        }
        return turns;
    }

    private static List<BigDecimal> degrees(List<Turn> turns) {
        return turns.stream()
                .map(turn -> BigDecimal.valueOf(turn.times(360_000).numerator(), 3))
                .map(BigDecimal::stripTrailingZeros)
                .map(degrees -> degrees.scale() < 0 ? degrees.setScale(0) : degrees)
                .toList();
    }
}
