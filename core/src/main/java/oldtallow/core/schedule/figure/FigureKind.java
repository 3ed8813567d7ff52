package oldtallow.core.schedule.figure;

import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.part.Stack;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.quantity.ReadingKind;

/** What a manual is looked up for. */
public enum FigureKind implements Quantity {
    NUT_SEQUENCE("nut sequence"),
    END_PLAY("end play or preload"),
    WHEEL_NUT_TORQUE("wheel-nut torque", ReadingKind.WHEEL_NUT_TORQUE),
    CALIPER_BOLT_TORQUE("caliper bolt torque", ReadingKind.CALIPER_BOLT_TORQUE, Part.CALIPER),
    ROTOR_BOLT_TORQUE("rotor bolt torque", ReadingKind.ROTOR_BOLT_TORQUE, Part.LOCKING_HUB, Part.DRIVE_FLANGE),
    FLANGE_BOLT_TORQUE(
            "flange bolt torque", ReadingKind.FLANGE_BOLT_TORQUE, Part.DRIVE_FLANGE, Part.HALF_SHAFT, Part.LOCKING_HUB),
    OUTER_NUT_TORQUE("outer nut torque", ReadingKind.OUTER_NUT_TORQUE, Part.OUTER_NUT),
    SPANNERS("spanners and sockets"),
    GREASE("grease"),
    INTERVAL("interval");

    private final String words;
    private final Optional<ReadingKind> torque;
    private final Set<Part> ofParts;

    FigureKind(String words) {
        this.words = words;
        this.torque = Optional.empty();
        this.ofParts = Set.of();
    }

    FigureKind(String words, ReadingKind torque, Part... ofParts) {
        this.words = words;
        this.torque = Optional.of(torque);
        this.ofParts = Set.of(ofParts);
    }

    @Override
    public String words() {
        return words;
    }

    /** Of bolts and nuts other than the one that sets the bearings. */
    public boolean isBoltTorque() {
        return torque.isPresent();
    }

    /** Whether a wheel end made so has what it is for. */
    public boolean isOn(Stack stack) {
        return ofParts.isEmpty() || ofParts.stream().anyMatch(stack::has);
    }

    /** What governs a reading; empty where no figure of this list does. */
    public static Optional<FigureKind> of(ReadingKind reading) {
        return Stream.of(values())
                .filter(kind -> kind.torque.filter(reading::equals).isPresent())
                .findFirst();
    }
}
