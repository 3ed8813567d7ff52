package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.off;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Tool;

/** Stage 3 from the lock to the spacer between the cones. Common practice of the trade. */
final class StripSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.STRIP_COTTER,
                    Stage.STRIP,
                    "Cotter straightened and pulled",
                    how("It is done with: at most a spare."),
                    with(Tool.PLIERS),
                    after(StepIds.STRIP_LOOK_GREASE),
                    off(Part.COTTER)),
            step(
                    StepIds.STRIP_RETAINER,
                    Stage.STRIP,
                    "Nut retainer off",
                    only(
                            s -> s.fastening() == Fastening.PUSH_ON_RETAINER,
                            how("Straight off the nut; it is used again.")),
                    with(Tool.SCREWDRIVER),
                    after(StepIds.STRIP_LOOK_GREASE),
                    off(Part.RETAINER)),
            step(
                    StepIds.STRIP_TANG,
                    Stage.STRIP,
                    "Tang bent clear of the nut",
                    how("No further than it needs; another tang goes up next time."),
                    with(Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    after(StepIds.STRIP_LOOK_GREASE),
                    when(s -> s.fastening() == Fastening.NUT_AND_TANG_WASHER && s.hasRun() && s.reachesNut())),
            step(
                    StepIds.STRIP_LOCK_SCREWS,
                    Stage.STRIP,
                    "Lock screws out",
                    with(Tool.SCREWDRIVER),
                    after(StepIds.STRIP_LOOK_GREASE),
                    off(Part.LOCK_SCREWS)),
            step(StepIds.STRIP_LOCK_PLATE, Stage.STRIP, "Lock plate off", off(Part.LOCK_PLATE)),
            step(
                    StepIds.STRIP_OUTER_NUT,
                    Stage.STRIP,
                    "Tab straightened, outer nut off",
                    with(Tool.NUT_SOCKET, Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    after(StepIds.STRIP_LOOK_GREASE),
                    off(Part.OUTER_NUT)),
            step(
                    StepIds.STRIP_TAB_WASHER,
                    Stage.STRIP,
                    "Tab washer off",
                    how("Bent twice it breaks: it is done with."),
                    off(Part.TAB_WASHER)),
            step(
                    StepIds.STRIP_MARK_NUT,
                    Stage.STRIP,
                    "Mark where the nut stood",
                    why("With the same bearings the old stop is a place to start from."),
                    with(Tool.PAINT_MARKER),
                    after(
                            StepIds.STRIP_COTTER,
                            StepIds.STRIP_RETAINER,
                            StepIds.STRIP_TANG,
                            StepIds.STRIP_LOCK_PLATE,
                            StepIds.STRIP_TAB_WASHER),
                    when(s -> s.strips()
                            && s.brief().setsByNut()
                            && !s.isRoadside()
                            && s.puts(Part.NUT) == Kind.REFIT
                            && s.puts(Part.OUTBOARD_CONE) == Kind.REFIT)),
            step(
                    StepIds.STRIP_NUT,
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
                    after(StepIds.STRIP_MARK_NUT, StepIds.STRIP_TANG, StepIds.STRIP_LOOK_GREASE),
                    off(Part.NUT)),
            step(
                    StepIds.STRIP_WASHER,
                    Stage.STRIP,
                    "Washer off, outer side marked",
                    why("Turned over it runs on another face, and kits rarely hold one."),
                    only(s -> !s.isRoadside(), with(Tool.PAINT_MARKER)),
                    only(Situation::isRoadside, how("A scratch on its outer side will do.")),
                    off(Part.WASHER)),
            step(
                    StepIds.STRIP_TANG_WASHER,
                    Stage.STRIP,
                    "Tang washer off",
                    how("Which tang was bent? Another one next time; none left, a new washer."),
                    off(Part.TANG_WASHER)),
            step(
                    StepIds.STRIP_UPRIGHT_FLANGE,
                    Stage.STRIP,
                    "Drive flange and disc drawn off",
                    how("Puller on the flange, the shaft free behind it and not hanging by its joint."),
                    with(Tool.PULLER),
                    off(Part.DRIVE_FLANGE),
                    when(s -> s.isOn(Construction.SPACER_SET)),
                    takes(300)),
            step(
                    StepIds.STRIP_STEERING_JOINTS,
                    Stage.STRIP,
                    "Steering arm and ball joints parted",
                    how("The maker's splitter, boots kept whole.", "Nuts the maker wants used once: new ones."),
                    with(Tool.SOCKET_SET, Tool.BALL_JOINT_SPLITTER),
                    off(Part.STEERING_JOINTS),
                    takes(900)),
            step(
                    StepIds.STRIP_UPRIGHT,
                    Stage.STRIP,
                    "Upright off, to the bench",
                    how("Off the shaft; the shaft left supported, never hanging by its joint."),
                    with(Tool.WIRE_HOOK),
                    careful(Caution.HEAVY_WHEEL),
                    off(Part.UPRIGHT),
                    takes(300)),
            step(
                    StepIds.STRIP_OUTBOARD_SEAL,
                    Stage.STRIP,
                    "Outboard seal out",
                    how("A rag over it; pull away from yourself."),
                    careful(Caution.LEVER_SLIPS),
                    with(Tool.SEAL_LEVER, Tool.GOGGLES),
                    off(Part.OUTBOARD_SEAL)),
            step(
                    StepIds.STRIP_OUTBOARD_CONE,
                    Stage.STRIP,
                    "Outboard cone out",
                    only(s -> !s.isOn(Construction.SPACER_SET), how("Rock the hub until it slides into your hand.")),
                    only(StripSteps::keepsApart, how("Label it outboard, and the side."), with(Tool.TRAY, Tool.BAGS)),
                    off(Part.OUTBOARD_CONE)),
            step(
                    StepIds.STRIP_SPACER,
                    Stage.STRIP,
                    "Spacer out",
                    why("It was made for this pair and no other."),
                    off(Part.SPACER)),
            step(StepIds.STRIP_WATER_SHIELD, Stage.STRIP, "Water shield off the seal's rim", off(Part.WATER_SHIELD)));

    private StripSteps() {}

    /** Scrap is not labelled or bagged. */
    static boolean keepsApart(Situation s) {
        return s.scope() != Scope.EXCHANGE;
    }
}
