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

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.job.Choices.InboardCone;
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
                    only(
                            s -> s.fastening() == Fastening.PUSH_ON_RETAINER,
                            how("Straight off the nut; it is used again.")),
                    with(Tool.SCREWDRIVER),
                    after("strip.look-grease"),
                    off(Part.RETAINER)),
            step(
                    "strip.tang",
                    Stage.STRIP,
                    "Tang bent clear of the nut",
                    how("No further than it needs; another tang goes up next time."),
                    with(Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    after("strip.look-grease"),
                    when(s -> s.fastening() == Fastening.NUT_AND_TANG_WASHER && s.hasRun())),
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
                    with(Tool.NUT_SOCKET, Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
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
                    when(s -> s.strips()
                            && s.brief().setsByNut()
                            && !s.isRoadside()
                            && s.puts(Part.NUT) == Kind.REFIT
                            && s.puts(Part.OUTBOARD_CONE) == Kind.REFIT)),
            step(
                    "strip.nut",
                    Stage.STRIP,
                    "Nut off",
                    only(
                            s -> s.isOn(Construction.SPACER_SET) && s.hasBrake(),
                            how("It stands at full torque: somebody on the pedal, the brake holds the hub.")),
                    only(
                            s -> s.fastening() == Fastening.STAKED_NUT,
                            how("Lift the stake out of its slot first, or the spindle's thread goes with it."),
                            with(Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
                            careful(Caution.STEEL_CHIPS)),
                    only(s -> s.fastening() == Fastening.RING_AND_LOCK_PLATE, with(Tool.PIN_SPANNER)),
                    only(s -> s.fastening() != Fastening.RING_AND_LOCK_PLATE, with(Tool.NUT_SOCKET)),
                    after("strip.mark-nut", "strip.tang", "strip.look-grease"),
                    off(Part.NUT)),
            step(
                    "strip.washer",
                    Stage.STRIP,
                    "Washer off, outer side marked",
                    why("Turned over it runs on another face, and kits rarely hold one."),
                    only(s -> !s.isRoadside(), with(Tool.PAINT_MARKER)),
                    only(Situation::isRoadside, how("A scratch on its outer side will do.")),
                    off(Part.WASHER)),
            step(
                    "strip.tang-washer",
                    Stage.STRIP,
                    "Tang washer off",
                    how("Which tang was bent? Another one next time; none left, a new washer."),
                    off(Part.TANG_WASHER)),
            step(
                    "strip.upright-flange",
                    Stage.STRIP,
                    "Drive flange and disc drawn off",
                    how("Puller on the flange, the shaft free behind it and not hanging by its joint."),
                    with(Tool.PULLER),
                    off(Part.DRIVE_FLANGE),
                    when(s -> s.isOn(Construction.SPACER_SET)),
                    takes(300)),
            step(
                    "strip.steering-joints",
                    Stage.STRIP,
                    "Steering arm and ball joints parted",
                    how("The maker's splitter, boots kept whole.", "Nuts the maker wants used once: new ones."),
                    with(Tool.SOCKET_SET, Tool.BALL_JOINT_SPLITTER),
                    off(Part.STEERING_JOINTS),
                    takes(900)),
            step(
                    "strip.upright",
                    Stage.STRIP,
                    "Upright off, to the bench",
                    how("Off the shaft; the shaft left supported, never hanging by its joint."),
                    with(Tool.WIRE_HOOK),
                    careful(Caution.HEAVY_WHEEL),
                    off(Part.UPRIGHT),
                    takes(300)),
            step(
                    "strip.outboard-seal",
                    Stage.STRIP,
                    "Outboard seal out",
                    how("A rag over it; pull away from yourself."),
                    careful(Caution.LEVER_SLIPS),
                    with(Tool.SEAL_LEVER, Tool.GOGGLES),
                    off(Part.OUTBOARD_SEAL)),
            step(
                    "strip.outboard-cone",
                    Stage.STRIP,
                    "Outboard cone out",
                    only(s -> !s.isOn(Construction.SPACER_SET), how("Rock the hub until it slides into your hand.")),
                    only(StripSteps::keepsApart, how("Label it outboard, and the side."), with(Tool.TRAY, Tool.BAGS)),
                    off(Part.OUTBOARD_CONE)),
            step(
                    "strip.spacer",
                    Stage.STRIP,
                    "Spacer out",
                    why("It was made for this pair and no other."),
                    off(Part.SPACER)),
            step("strip.water-shield", Stage.STRIP, "Water shield off the seal's rim", off(Part.WATER_SHIELD)),
            hubOff("strip.hub", "Hub off", off(Part.HUB), when(s -> !hooks(s))),
            hubOff(
                    "strip.hook",
                    "Hook seal and inboard cone off with the nut",
                    why("Quick, but harsh on a cone that is to run again."),
                    how(
                            "Nut back on by a few threads, no washer.",
                            "Pull the hub off smartly against it, then nut off."),
                    with(Tool.NUT_SOCKET),
                    off(Part.HUB, Part.SEAL, Part.INBOARD_CONE),
                    when(StripSteps::hooks)),
            step(
                    "strip.stub-seal",
                    Stage.STRIP,
                    "Stub seal out",
                    how("A rag over it; pull away from yourself."),
                    careful(Caution.LEVER_SLIPS),
                    with(Tool.SEAL_LEVER, Tool.GOGGLES),
                    off(Part.STUB_SEAL),
                    // the cups went with the old hub; they are counted off behind what comes before them
                    only(
                            s -> s.scope() == Scope.EXCHANGE,
                            only(s -> s.fittings().snapRing() == SnapRing.BEFORE_CUP, off(Part.SNAP_RING)),
                            off(Part.INBOARD_CUP, Part.OUTBOARD_CUP)),
                    when(s -> s.moves(Part.STUB_SEAL))),
            step(
                    "strip.seal-sleeve",
                    Stage.STRIP,
                    "Seal sleeve off the spindle",
                    how("Split it lengthwise, the spindle unmarked: a new one comes with the seal."),
                    with(Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    off(Part.SEAL_SLEEVE),
                    only(
                            s -> s.scope() == Scope.EXCHANGE && !s.isOn(Construction.FULL_FLOATING_REAR),
                            only(s -> s.fittings().snapRing() == SnapRing.BEFORE_CUP, off(Part.SNAP_RING)),
                            off(Part.INBOARD_CUP, Part.OUTBOARD_CUP)),
                    when(s -> s.moves(Part.SEAL_SLEEVE))),
            step(
                    "strip.together",
                    Stage.STRIP,
                    "Cup, cone and seal driven out together",
                    how(
                            "Drift through the hub from the front, onto the cup's edge, from side to side.",
                            "All of it is done with."),
                    careful(Caution.STEEL_CHIPS),
                    with(Tool.BLOCKS, Tool.DRIFT, Tool.HAMMER, Tool.GOGGLES),
                    off(Part.SEAL, Part.INBOARD_CONE, Part.INBOARD_CUP),
                    when(StripSteps::drivesTogether),
                    takes(180)),
            step(
                    "strip.knock",
                    Stage.STRIP,
                    "Seal and inboard cone knocked through from the front",
                    why("The blow goes through cage and rollers: only a bearing that is done with."),
                    how("Hub face down on blocks, a soft drift on the cone's inner ring."),
                    careful(Caution.STEEL_CHIPS),
                    with(Tool.BLOCKS, Tool.DRIFT, Tool.HAMMER, Tool.GOGGLES),
                    off(Part.SEAL, Part.INBOARD_CONE),
                    when(StripSteps::knocks),
                    takes(60)),
            step(
                    "strip.seal",
                    Stage.STRIP,
                    "Seal levered out",
                    how("Lever on the seal, never on the bore or the cone.", "A rag over it; pull away from yourself."),
                    careful(Caution.LEVER_SLIPS),
                    with(Tool.SEAL_LEVER, Tool.GOGGLES),
                    off(Part.SEAL),
                    when(s -> levers(s))),
            step(
                    "strip.locking-ring",
                    Stage.STRIP,
                    "Locking ring of the bearing out",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.LOCKING_RING)),
            step(
                    "strip.snap-ring",
                    Stage.STRIP,
                    "Snap ring out, before the cone",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.SNAP_RING),
                    when(s -> s.fittings().snapRing() == SnapRing.BEFORE_CONE && s.scope() != Scope.EXCHANGE)),
            step(
                    "strip.inboard-cone",
                    Stage.STRIP,
                    "Inboard cone out",
                    only(StripSteps::keepsApart, how("Label it inboard, and the side."), with(Tool.TRAY, Tool.BAGS)),
                    only(
                            Situation::isRoadside,
                            how(
                                    "Its ring seized on the spindle: walk it off evenly, a little each side.",
                                    "Last resort: split it with a chisel along the ring, never into the spindle."),
                            with(Tool.PRY_BAR, Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
                            careful(Caution.STEEL_CHIPS)),
                    off(Part.INBOARD_CONE),
                    when(s -> levers(s))),
            step(
                    "strip.hub-away",
                    Stage.STRIP,
                    "Old hub away, with all that is in it",
                    how(
                            "Nothing is levered out of scrap.",
                            "The inboard ring seized on the spindle: walk it off evenly, a little each side.",
                            "Last resort: split it with a chisel along the ring, never into the spindle."),
                    with(Tool.PULLER, Tool.PRY_BAR, Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    off(Part.SEAL),
                    only(s -> s.fittings().snapRing() == SnapRing.BEFORE_CONE, off(Part.SNAP_RING)),
                    off(Part.INBOARD_CONE),
                    only(
                            s -> !leavesRingsOnSpindle(s),
                            only(s -> s.fittings().snapRing() == SnapRing.BEFORE_CUP, off(Part.SNAP_RING)),
                            off(Part.INBOARD_CUP, Part.OUTBOARD_CUP)),
                    when(s -> s.scope() == Scope.EXCHANGE)));

    private StripSteps() {}

    private static StepDefinition hubOff(String id, String what, Piece... own) {
        List<Piece> pieces = new ArrayList<>(List.of(own));
        pieces.addAll(List.of(
                only(s -> !hooks(s), how("Straight and level, off its seal land.")),
                careful(Caution.HEAVY_WHEEL),
                only(
                        s -> s.fittings().brake() == BrakeKind.DRUM && !s.isOn(Construction.FULL_FLOATING_REAR),
                        careful(Caution.BRAKE_DUST),
                        with(Tool.MASK)),
                only(
                        s -> s.isOn(Construction.OIL_BATH_HEAVY),
                        how("Wheel and hub on the dolly, upright."),
                        with(Tool.DOLLY)),
                only(
                        s -> s.isOn(Construction.LOCKING_HUB_FRONT) && !s.isRoadside(),
                        how("Mark left and right: rotors can be handed."),
                        with(Tool.PAINT_MARKER)),
                takes(120)));
        return new StepDefinition(id, Stage.STRIP, what, pieces);
    }

    /** Scrap is not labelled or bagged. */
    private static boolean keepsApart(Situation s) {
        return s.scope() != Scope.EXCHANGE;
    }

    /** Whether something of the old seals stays on the spindle when the hub is gone. */
    private static boolean leavesRingsOnSpindle(Situation s) {
        return s.fittings().seal() == SealKind.MARINE_TWO_PIECE || s.isOn(Construction.FULL_FLOATING_REAR);
    }

    private static boolean levers(Situation s) {
        return !hooks(s) && !knocks(s) && !drivesTogether(s) && s.scope() != Scope.EXCHANGE;
    }

    /** Only where seal and cone follow the hub at once. */
    static boolean hooks(Situation s) {
        List<Part> off = s.offInOrder();
        int hub = off.indexOf(Part.HUB);
        return chosen(s, InboardCone.HOOKED)
                && hub >= 0
                && off.size() > hub + 2
                && off.subList(hub + 1, hub + 3).equals(List.of(Part.SEAL, Part.INBOARD_CONE));
    }

    private static boolean knocks(Situation s) {
        return chosen(s, InboardCone.KNOCKED)
                && follows(s, List.of(Part.SEAL, Part.INBOARD_CONE))
                && s.puts(Part.INBOARD_CONE) != Kind.REFIT;
    }

    static boolean drivesTogether(Situation s) {
        return chosen(s, InboardCone.WITH_CUP) && follows(s, List.of(Part.SEAL, Part.INBOARD_CONE, Part.INBOARD_CUP));
    }

    private static boolean follows(Situation s, List<Part> parts) {
        List<Part> off = s.offInOrder();
        int first = off.indexOf(parts.getFirst());
        return first >= 0
                && off.size() >= first + parts.size()
                && off.subList(first, first + parts.size()).equals(parts);
    }

    private static boolean chosen(Situation s, InboardCone way) {
        return s.brief().choices().inboardCone() == way
                && s.strips()
                && s.scope() != Scope.EXCHANGE
                && !s.isOn(Construction.SPACER_SET)
                && s.fittings().seal() != SealKind.UNITIZED;
    }
}
