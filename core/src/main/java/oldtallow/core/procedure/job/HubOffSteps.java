package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.off;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices.InboardCone;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Tool;

/** Stage 3 from the hub coming off to the inboard cone, and what leaves with it. Common practice of the trade. */
final class HubOffSteps {

    static final List<StepDefinition> ALL = List.of(
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
                    when(HubOffSteps::hooks)),
            step(
                    StepIds.STRIP_STUB_SEAL,
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
                    StepIds.STRIP_SEAL_SLEEVE,
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
                    StepIds.STRIP_TOGETHER,
                    Stage.STRIP,
                    "Cup, cone and seal driven out together",
                    how(
                            "Drift through the hub from the front, onto the cup's edge, from side to side.",
                            "All of it is done with."),
                    careful(Caution.STEEL_CHIPS),
                    with(Tool.BLOCKS, Tool.DRIFT, Tool.HAMMER, Tool.GOGGLES),
                    off(Part.SEAL, Part.INBOARD_CONE, Part.INBOARD_CUP),
                    when(HubOffSteps::drivesTogether),
                    takes(180)),
            step(
                    StepIds.STRIP_KNOCK,
                    Stage.STRIP,
                    "Seal and inboard cone knocked through from the front",
                    why("The blow goes through cage and rollers: only a bearing that is done with."),
                    how("Hub face down on blocks, a soft drift on the cone's inner ring."),
                    careful(Caution.STEEL_CHIPS),
                    with(Tool.BLOCKS, Tool.DRIFT, Tool.HAMMER, Tool.GOGGLES),
                    off(Part.SEAL, Part.INBOARD_CONE),
                    when(HubOffSteps::knocks),
                    takes(60)),
            step(
                    StepIds.STRIP_SEAL,
                    Stage.STRIP,
                    "Seal levered out",
                    how("Lever on the seal, never on the bore or the cone.", "A rag over it; pull away from yourself."),
                    careful(Caution.LEVER_SLIPS),
                    with(Tool.SEAL_LEVER, Tool.GOGGLES),
                    off(Part.SEAL),
                    when(s -> levers(s))),
            step(
                    StepIds.STRIP_LOCKING_RING,
                    Stage.STRIP,
                    "Locking ring of the bearing out",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.LOCKING_RING)),
            step(
                    StepIds.STRIP_SNAP_RING,
                    Stage.STRIP,
                    "Snap ring out, before the cone",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.SNAP_RING),
                    when(s -> s.fittings().snapRing() == SnapRing.BEFORE_CONE && s.scope() != Scope.EXCHANGE)),
            step(
                    StepIds.STRIP_INBOARD_CONE,
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
                    StepIds.STRIP_HUB_AWAY,
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

    private HubOffSteps() {}

    private static StepDefinition hubOff(String id, String what, Piece... own) {
        List<Piece> pieces = new ArrayList<>(List.of(own));
        pieces.addAll(List.of(
                only(Situation::wheelStays, called(what + ", the wheel with it"), how("Hold it by the tyre, low.")),
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
