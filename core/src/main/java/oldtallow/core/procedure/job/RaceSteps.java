package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.aided;
import static oldtallow.core.procedure.job.Piece.byMechanic;
import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.must;
import static oldtallow.core.procedure.job.Piece.off;
import static oldtallow.core.procedure.job.Piece.on;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.read;
import static oldtallow.core.procedure.job.Piece.see;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.using;
import static oldtallow.core.procedure.job.Piece.waits;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.CupRemoval;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stage 6: cups out, cups in. Common practice of the trade. */
final class RaceSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.RACES_RIGHT_CUP,
                    Stage.RACES,
                    "The right cup? Measure it before the old one is driven out",
                    aided(Aid.RIGHT_CUP),
                    only(
                            s -> takesCupsOut(s),
                            why(
                                    "Near-twins go in as easily, and come out as hard as any; with the old one in, the rig can still"
                                            + " move.")),
                    only(
                            s -> !takesCupsOut(s),
                            called("The right cup? Measure it before it is driven in"),
                            why("Near-twins go in as easily, and come out as hard as any.")),
                    only(
                            RaceSteps::takesCupsOut,
                            how("Number on each cup; outside diameter and width against the old one or the list."),
                            with(Tool.CALLIPER)),
                    only(
                            s -> !takesCupsOut(s),
                            how("Number on each cup; outside diameter and width against the list."),
                            with(Tool.CALLIPER)),
                    how("Cup and cone from one box."),
                    only(
                            s -> s.moves(Part.INBOARD_CUP),
                            read(ReadingKind.INBOARD_CUP_OUTSIDE, ReadingKind.INBOARD_CUP_WIDTH)),
                    only(
                            s -> s.moves(Part.OUTBOARD_CUP),
                            read(ReadingKind.OUTBOARD_CUP_OUTSIDE, ReadingKind.OUTBOARD_CUP_WIDTH)),
                    must("races.cup-right", "each cup is the one for its place"),
                    when(s -> fitsCups(s) && !s.isRoadside())),
            step(
                    StepIds.RACES_SNAP_RING_OUT,
                    Stage.RACES,
                    "Snap ring out",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.SNAP_RING),
                    when(s -> s.fittings().snapRing() == SnapRing.BEFORE_CUP && s.scope() != Scope.EXCHANGE)),
            out("races.inboard-out", "Old inboard cup out", Part.INBOARD_CUP),
            out("races.outboard-out", "Old outboard cup out", Part.OUTBOARD_CUP),
            step(
                    StepIds.RACES_HUB_WORK,
                    Stage.RACES,
                    "Studs, rotor, blast and paint, where they are wanted",
                    why("Now that the cups are out and before new ones are in."),
                    how(
                            "Wheel studs pressed out and in on blocks, never hammered through.",
                            "Rotor bolts in with threadlocker, the studs of the flange by the two-nut way.",
                            "Blasted and painted with seats, threads and faces masked; washed and dry after."),
                    with(Tool.PRESS, Tool.SOCKET_SET, Tool.TORQUE_WRENCH, Tool.GOGGLES),
                    using(Supply.THREADLOCKER, Supply.PAINT),
                    read(ReadingKind.ROTOR_BOLT_TORQUE),
                    careful(Caution.STEEL_CHIPS),
                    after("races.inboard-out", "races.outboard-out"),
                    when(s -> fitsCups(s) && s.scope() == Scope.RENEW && carriesRotor(s))),
            step(
                    StepIds.RACES_BORES,
                    Stage.RACES,
                    "Clean the bores, dress the burrs",
                    why("A chip under a cup holds it crooked for life."),
                    with(Tool.LAMP),
                    only(s -> !s.isRoadside(), with(Tool.FINE_FILE, Tool.CALLIPER)),
                    only(s -> s.moves(Part.INBOARD_CUP) && !s.isRoadside(), read(ReadingKind.INBOARD_CUP_BORE)),
                    only(s -> s.moves(Part.OUTBOARD_CUP) && !s.isRoadside(), read(ReadingKind.OUTBOARD_CUP_BORE)),
                    using(Supply.RAGS),
                    after("races.inboard-out", "races.outboard-out", StepIds.RACES_RIGHT_CUP, StepIds.RACES_HUB_WORK),
                    when(RaceSteps::fitsCups)),
            step(
                    StepIds.RACES_WARM,
                    Stage.RACES,
                    "Hub into the warm, cups into the cold",
                    aided(Aid.WARM),
                    why("A warm bore lets a cold cup drop in without a blow."),
                    how("Hub to 100 °C at most, no flame.", "Cups in the freezer, or on ice, in a dry bag."),
                    careful(Caution.HOT_PARTS),
                    with(Tool.OVEN, Tool.FREEZER, Tool.GLOVES),
                    using(Supply.DRY_ICE),
                    waits(1800, "until hub and cups have their temperature"),
                    after(StepIds.RACES_BORES),
                    takes(1800),
                    when(s -> fitsCups(s) && races(s) == Choices.RaceFitting.WARMED)),
            in("races.outboard-in", "Outboard cup in", "outboard", Part.OUTBOARD_CUP, Aid.OUTBOARD_CUP),
            in("races.inboard-in", "Inboard cup in", "inboard", Part.INBOARD_CUP, Aid.INBOARD_CUP),
            step(
                    StepIds.RACES_SNAP_RING_IN,
                    Stage.RACES,
                    "Snap ring in",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    must("races.snap-ring-home", "it sits in its groove all round"),
                    on(Part.SNAP_RING),
                    when(s -> s.fittings().snapRing() == SnapRing.BEFORE_CUP)),
            step(
                    StepIds.RACES_SHOWN,
                    Stage.RACES,
                    "Show the races to a mechanic",
                    byMechanic(),
                    must(Check.Meaning.SEATED, "races.shown-seated", "a mechanic saw the cups seated"),
                    after("races.inboard-in", "races.outboard-in", StepIds.RACES_SNAP_RING_IN),
                    when(s -> fitsCups(s) && s.brief().worker() == JobBrief.Worker.APPRENTICE)));

    private RaceSteps() {}

    static boolean fitsCups(Situation s) {
        return s.moves(Part.INBOARD_CUP) || s.moves(Part.OUTBOARD_CUP);
    }

    /** At the roadside there is neither oven nor press. */
    static Choices.RaceFitting races(Situation s) {
        return s.isRoadside() ? Choices.RaceFitting.DRIVEN : s.brief().choices().races();
    }

    /** At the roadside there is neither welder nor grinder. */
    private static CupRemoval removal(Situation s) {
        return s.isRoadside() ? CupRemoval.DRIFTED : s.brief().choices().cupRemoval();
    }

    private static StepDefinition out(String id, String what, Part cup) {
        return step(
                id,
                Stage.RACES,
                what,
                how("On blocks right under the side that is struck, room beneath for the cup."),
                only(
                        s -> removal(s) == CupRemoval.DRIFTED,
                        how(
                                "Drift in the notches or on the thin ledge.",
                                "Light blows from side to side: it walks out level."),
                        careful(Caution.STEEL_CHIPS),
                        with(Tool.DRIFT, Tool.HAMMER, Tool.GOGGLES)),
                only(
                        s -> removal(s) == CupRemoval.WELDED,
                        how(
                                "No ledge, or the wrong way round: one bead round the race, never on the bore; as it cools it falls out."),
                        careful(Caution.WELDING),
                        with(Tool.WELDER, Tool.GLOVES)),
                only(
                        s -> removal(s) == CupRemoval.GROUND,
                        how(
                                "No ledge, or the wrong way round: ground through nearly to the bore, never into it.",
                                "A chisel in the slit springs it."),
                        careful(Caution.SPARKS, Caution.STEEL_CHIPS),
                        with(Tool.GRINDER, Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES, Tool.GLOVES)),
                only(s -> removal(s) == CupRemoval.DRIFTED, how("Keep it: it drives the new one in.")),
                with(Tool.BLOCKS),
                after(StepIds.RACES_RIGHT_CUP),
                off(cup),
                // a hub on the scrap heap keeps its cups, and one driven out with its cone is out
                when(s -> s.scope() != Scope.EXCHANGE && !(cup == Part.INBOARD_CUP && HubOffSteps.drivesTogether(s))),
                takes(180));
    }

    /** Whether old cups are driven out of this hub. */
    private static boolean takesCupsOut(Situation s) {
        return s.hasRun() && s.scope() != Scope.EXCHANGE;
    }

    /** Whether a rotor is bolted to the back of the hub. */
    static boolean carriesRotor(Situation s) {
        return s.fittings().brake() == BrakeKind.DISC
                && (s.isOn(Construction.LOCKING_HUB_FRONT) || s.isOn(Construction.DRIVE_FLANGE_FRONT));
    }

    private static StepDefinition in(String id, String what, String which, Part cup, Aid aid) {
        return step(
                id,
                Stage.RACES,
                what,
                aided(aid),
                how("A film of oil outside, started by hand, flush and square."),
                only(
                        s -> races(s) == Choices.RaceFitting.DRIVEN,
                        how(
                                "Blocks right under it. Driver on the edge that looks out, never on the race.",
                                "Old cup as driver: thin edge on thin edge, its outside ground so much smaller that it does not stick.",
                                "It cocks: tap the high side. It goes tight: out again and anew."),
                        careful(Caution.STEEL_CHIPS),
                        with(Tool.BLOCKS, Tool.RACE_DRIVER, Tool.HAMMER, Tool.GOGGLES)),
                only(
                        s -> races(s) == Choices.RaceFitting.WARMED,
                        how("Drop it in square and hold it down until it grips."),
                        careful(Caution.HOT_PARTS),
                        with(Tool.GLOVES),
                        waits(60, "before the cold cup has warmed")),
                only(
                        s -> races(s) == Choices.RaceFitting.PRESSED,
                        how("Press slowly, square; stop where the force jumps, and look."),
                        careful(Caution.STEEL_CHIPS),
                        with(Tool.PRESS, Tool.GOGGLES)),
                using(Supply.LIGHT_OIL),
                with(Tool.LAMP),
                only(
                        s -> !s.isRoadside(),
                        with(Tool.FEELER),
                        read(ReadingKind.GAP_AT_12, ReadingKind.GAP_AT_3, ReadingKind.GAP_AT_6, ReadingKind.GAP_AT_9)),
                only(
                        s -> !s.isRoadside(),
                        must(
                                Check.Meaning.SEATED,
                                "races." + which + "-seated",
                                "the sound changed; no gap at the shoulder all round")),
                // nothing to measure it with: both are one look
                only(
                        Situation::isRoadside,
                        must("races." + which + "-seated", "the sound changed; no gap at the shoulder all round")),
                see("races." + which + "-turns", "its cone, put in dry, turns without a catch"),
                after(StepIds.RACES_RIGHT_CUP, StepIds.RACES_BORES, StepIds.RACES_WARM),
                on(cup),
                takes(180));
    }
}
