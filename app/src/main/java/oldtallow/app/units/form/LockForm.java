package oldtallow.app.units.form;

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
 * What locks the nut; which fields are needed depends on the kind.
 *
 * @param slots of a castle nut or retainer
 * @param seats of a retainer on its nut, 6 or 12; of one without a cotter also 18
 * @param marksDegrees where cotter holes or flats (from the first) or tangs (from the key) stand, in the loosening direction
 * @param flats of the nut under a tang washer
 * @param offsetDegrees of a retainer's slots from the corners of its nut, in the loosening direction; none where null
 */
public record LockForm(
        LockKind kind,
        @Nullable Integer slots,
        @Nullable Integer seats,
        @Nullable List<BigDecimal> marksDegrees,
        @Nullable Integer flats,
        @Nullable Integer plateHoles,
        @Nullable Integer ringHoles,
        @Nullable Integer screws,
        @Nullable BigDecimal offsetDegrees) {

    public static LockForm of(LockPattern lock) {
        return switch (lock) {
            case CastleNut nut ->
                new LockForm(
                        LockKind.CASTLE_NUT, nut.slots(), null, degrees(nut.holes()), null, null, null, null, null);
            case SeatedRetainer retainer ->
                new LockForm(
                        LockKind.SEATED_RETAINER,
                        retainer.slots(),
                        retainer.seats(),
                        degrees(retainer.holes()),
                        null,
                        null,
                        null,
                        null,
                        retainer.offset().equals(Turn.ZERO)
                                ? null
                                : degrees(List.of(retainer.offset())).getFirst());
            case PushOnRetainer retainer ->
                new LockForm(
                        LockKind.PUSH_ON_RETAINER,
                        null,
                        retainer.seats(),
                        degrees(retainer.flats()),
                        null,
                        null,
                        null,
                        null,
                        null);
            case TangWasher washer ->
                new LockForm(
                        LockKind.TANG_WASHER,
                        null,
                        null,
                        degrees(washer.tangs()),
                        washer.flats(),
                        null,
                        null,
                        null,
                        null);
            case LockPlate plate ->
                new LockForm(
                        LockKind.LOCK_PLATE,
                        null,
                        null,
                        null,
                        null,
                        plate.plateHoles(),
                        plate.ringHoles(),
                        plate.screws(),
                        null);
            case FreeAngleLock free ->
                new LockForm(
                        free == FreeAngleLock.TWO_NUTS ? LockKind.TWO_NUTS : LockKind.STAKED_COLLAR,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null);
        };
    }

    /** The lock, or null with everything that is wrong noted under {@code path}. */
    public @Nullable LockPattern toLock(String path, FieldErrors errors) {
        return switch (kind) {
            case CASTLE_NUT -> {
                @Nullable Integer n = needed(path + ".slots", slots, errors);
                @Nullable List<Turn> holes = marks(path, errors);
                yield n == null || holes == null
                        ? null
                        : errors.at(path + ".slots", fields(path), () -> new CastleNut(n, holes));
            }
            case SEATED_RETAINER -> {
                @Nullable Integer n = needed(path + ".slots", slots, errors);
                @Nullable Integer s = needed(path + ".seats", seats, errors);
                @Nullable List<Turn> holes = marks(path, errors);
                @Nullable
                Turn offset = offsetDegrees == null
                        ? Turn.ZERO
                        : errors.at(path + ".offsetDegrees", () -> Turn.ofDegrees(offsetDegrees));
                yield n == null || s == null || holes == null || offset == null
                        ? null
                        : errors.at(path + ".slots", fields(path), () -> new SeatedRetainer(n, s, offset, holes));
            }
            case PUSH_ON_RETAINER -> {
                @Nullable Integer s = needed(path + ".seats", seats, errors);
                @Nullable List<Turn> flatsAt = marks(path, errors);
                yield s == null || flatsAt == null
                        ? null
                        : errors.at(path + ".seats", fields(path), () -> new PushOnRetainer(s, flatsAt));
            }
            case TANG_WASHER -> {
                @Nullable Integer n = needed(path + ".flats", flats, errors);
                @Nullable List<Turn> tangs = marks(path, errors);
                yield n == null || tangs == null
                        ? null
                        : errors.at(path + ".flats", fields(path), () -> new TangWasher(n, tangs));
            }
            case LOCK_PLATE -> {
                @Nullable Integer p = needed(path + ".plateHoles", plateHoles, errors);
                @Nullable Integer r = needed(path + ".ringHoles", ringHoles, errors);
                @Nullable Integer s = needed(path + ".screws", screws, errors);
                yield p == null || r == null || s == null
                        ? null
                        : errors.at(path + ".screws", fields(path), () -> new LockPlate(p, r, s));
            }
            case TWO_NUTS -> FreeAngleLock.TWO_NUTS;
            case STAKED_COLLAR -> FreeAngleLock.STAKED_COLLAR;
        };
    }

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

    private @Nullable List<Turn> marks(String path, FieldErrors errors) {
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
