package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.off;
import static oldtallow.core.job.Piece.only;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.PartMove.Kind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Tool;

/** Stage 3 from the lock to the inboard cone. Common practice of the trade. */
final class StripSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    "strip.cotter",
                    Stage.STRIP,
                    "Cotter straightened and pulled",
                    how("It is done with: at most a spare."),
                    with(Tool.PLIERS),
                    after("strip.look-grease"),
                    off(Part.COTTER)),
            step(
                    "strip.retainer",
                    Stage.STRIP,
                    "Nut retainer off",
                    with(Tool.SCREWDRIVER),
                    after("strip.look-grease"),
                    off(Part.RETAINER)),
            step(
                    "strip.tang",
                    Stage.STRIP,
                    "Tang bent clear, tang washer off",
                    how("Bend it no more than it needs; another tang next time."),
                    with(Tool.COLD_CHISEL, Tool.HAMMER),
                    careful(Caution.STEEL_CHIPS),
                    after("strip.look-grease"),
                    off(Part.TANG_WASHER)),
            step(
                    "strip.lock-screws",
                    Stage.STRIP,
                    "Lock screws out",
                    with(Tool.SCREWDRIVER),
                    after("strip.look-grease"),
                    off(Part.LOCK_SCREWS)),
            step("strip.lock-plate", Stage.STRIP, "Lock plate off", off(Part.LOCK_PLATE)),
            step(
                    "strip.outer-nut",
                    Stage.STRIP,
                    "Tab straightened, outer nut off",
                    with(Tool.NUT_SOCKET, Tool.COLD_CHISEL, Tool.HAMMER),
                    careful(Caution.STEEL_CHIPS),
                    after("strip.look-grease"),
                    off(Part.OUTER_NUT)),
            step(
                    "strip.tab-washer",
                    Stage.STRIP,
                    "Tab washer off",
                    how("Bent twice it breaks: it is done with."),
                    off(Part.TAB_WASHER)),
            step(
                    "strip.mark-nut",
                    Stage.STRIP,
                    "Mark where the nut stood",
                    why("With the same bearings the old stop is a place to start from."),
                    with(Tool.PAINT_MARKER),
                    after("strip.cotter", "strip.retainer", "strip.tang", "strip.lock-plate", "strip.tab-washer"),
                    when(s -> s.strips() && s.puts(Part.OUTBOARD_CONE) == Kind.REFIT)),
            step(
                    "strip.nut",
                    Stage.STRIP,
                    "Nut off",
                    only(
                            s -> s.brief().fastening() == Fastening.STAKED_NUT,
                            how("Lift the stake out of the slot first, or the spindle's thread goes with it."),
                            with(Tool.COLD_CHISEL, Tool.HAMMER),
                            careful(Caution.STEEL_CHIPS)),
                    only(s -> s.brief().fastening() == Fastening.RING_AND_LOCK_PLATE, with(Tool.PIN_SPANNER)),
                    only(s -> s.brief().fastening() != Fastening.RING_AND_LOCK_PLATE, with(Tool.NUT_SOCKET)),
                    after("strip.mark-nut", "strip.look-grease"),
                    off(Part.NUT)),
            step(
                    "strip.washer",
                    Stage.STRIP,
                    "Washer off, outer side marked",
                    why("Turned over it runs on another face, and kits rarely hold one."),
                    with(Tool.PAINT_MARKER),
                    off(Part.WASHER)),
            step(
                    "strip.upright-flange",
                    Stage.STRIP,
                    "Drive flange drawn out",
                    how("Puller on the flange, shaft free behind it."),
                    with(Tool.PULLER),
                    off(Part.DRIVE_FLANGE),
                    when(s -> s.isOn(Construction.SPACER_SET)),
                    takes(300)),
            step(
                    "strip.outboard-seal",
                    Stage.STRIP,
                    "Outboard seal out",
                    with(Tool.SEAL_LEVER),
                    off(Part.OUTBOARD_SEAL)),
            step(
                    "strip.outboard-cone",
                    Stage.STRIP,
                    "Outboard cone out",
                    how("Rock the hub until it slides into your hand.", "Label it outboard, and the side."),
                    with(Tool.TRAY, Tool.BAGS),
                    off(Part.OUTBOARD_CONE)),
            step(
                    "strip.upright-spacer",
                    Stage.STRIP,
                    "Spacer out, with its pair",
                    why("It was ground for these two bearings and no others."),
                    off(Part.SPACER),
                    when(s -> s.isOn(Construction.SPACER_SET))),
            step("strip.water-shield", Stage.STRIP, "Water shield off", off(Part.WATER_SHIELD)),
            step(
                    "strip.locking-ring",
                    Stage.STRIP,
                    "Locking ring out",
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.LOCKING_RING)),
            step(
                    "strip.hook",
                    Stage.STRIP,
                    "Hook seal and inboard cone off with the nut",
                    why("Quick, but harsh on a cone that is to run again."),
                    how(
                            "Nut back on by a few threads, no washer.",
                            "Pull the hub off smartly against it, then nut off."),
                    careful(Caution.HEAVY_WHEEL),
                    only(
                            s -> s.brief().fittings().brake() == BrakeKind.DRUM,
                            careful(Caution.BRAKE_DUST),
                            with(Tool.MASK)),
                    with(Tool.NUT_SOCKET),
                    off(Part.HUB, Part.SEAL, Part.INBOARD_CONE),
                    when(StripSteps::hooks),
                    takes(120)),
            step(
                    "strip.hub",
                    Stage.STRIP,
                    "Hub off",
                    how("Straight and level, off its seal land."),
                    careful(Caution.HEAVY_WHEEL),
                    only(
                            s -> s.brief().fittings().brake() == BrakeKind.DRUM,
                            careful(Caution.BRAKE_DUST),
                            with(Tool.MASK)),
                    only(
                            s -> s.isOn(Construction.OIL_BATH_HEAVY),
                            how("Wheel and hub on the dolly, upright."),
                            with(Tool.DOLLY)),
                    only(
                            s -> s.isOn(Construction.CLASSIC_CAR),
                            how("The disc sits on pins and a spacer; a puller if it will not come."),
                            with(Tool.PULLER)),
                    only(
                            s -> s.isOn(Construction.LOCKING_HUB_FRONT),
                            how("Mark left and right: rotors can be handed."),
                            with(Tool.PAINT_MARKER)),
                    off(Part.HUB),
                    when(s -> !hooks(s)),
                    takes(120)),
            step("strip.stub-seal", Stage.STRIP, "Stub seal out", with(Tool.SEAL_LEVER), off(Part.STUB_SEAL)),
            step(
                    "strip.seal-sleeve",
                    Stage.STRIP,
                    "Seal sleeve off the spindle",
                    how("Warm it or split it; the land under it stays unmarked."),
                    with(Tool.COLD_CHISEL, Tool.HAMMER),
                    careful(Caution.STEEL_CHIPS),
                    off(Part.SEAL_SLEEVE)),
            step(
                    "strip.seal",
                    Stage.STRIP,
                    "Seal levered out",
                    how("Lever on the seal, never on the bore or the cone."),
                    with(Tool.SEAL_LEVER),
                    off(Part.SEAL),
                    when(s -> !hooks(s))),
            step(
                    "strip.inboard-cone",
                    Stage.STRIP,
                    "Inboard cone out",
                    how("Label it inboard, and the side."),
                    only(
                            s -> s.scope() == Scope.EXCHANGE,
                            how("Seized on the spindle: walk it off evenly, a little each side."),
                            with(Tool.PULLER, Tool.PRY_BAR)),
                    with(Tool.TRAY, Tool.BAGS),
                    off(Part.INBOARD_CONE),
                    when(s -> !hooks(s))),
            step(
                    "strip.hub-spacer",
                    Stage.STRIP,
                    "Hub spacer out",
                    off(Part.SPACER),
                    when(s -> !s.isOn(Construction.SPACER_SET))));

    private StripSteps() {}

    /** Only where seal and cone follow the hub at once. */
    static boolean hooks(Situation s) {
        List<Part> off = s.offInOrder();
        int hub = off.indexOf(Part.HUB);
        return s.brief().choices().inboardCone() == Choices.InboardCone.HOOKED
                && s.strips()
                && s.scope() != Scope.EXCHANGE
                && s.brief().fittings().seal() != SealKind.UNITIZED
                && hub >= 0
                && off.subList(hub, off.size()).containsAll(List.of(Part.SEAL, Part.INBOARD_CONE))
                && off.get(hub + 1) == Part.SEAL;
    }
}
