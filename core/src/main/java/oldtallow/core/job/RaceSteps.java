package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.byMechanic;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.must;
import static oldtallow.core.job.Piece.off;
import static oldtallow.core.job.Piece.on;
import static oldtallow.core.job.Piece.only;
import static oldtallow.core.job.Piece.read;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.using;
import static oldtallow.core.job.Piece.waits;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.ReadingKind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Supply;
import oldtallow.core.step.Tool;

/** Stage 6: cups out, cups in. Common practice of the trade. */
final class RaceSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    "races.snap-ring-out",
                    Stage.RACES,
                    "Snap ring out",
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.SNAP_RING)),
            out("races.outboard-out", "Old outboard cup out", Part.OUTBOARD_CUP),
            out("races.inboard-out", "Old inboard cup out", Part.INBOARD_CUP),
            step(
                    "races.bores",
                    Stage.RACES,
                    "Clean the bores, dress the burrs",
                    why("A chip under a cup holds it crooked for life."),
                    with(Tool.FINE_FILE, Tool.LAMP),
                    using(Supply.RAGS),
                    after("races.inboard-out", "races.outboard-out"),
                    when(RaceSteps::fitsCups)),
            step(
                    "races.right-cup",
                    Stage.RACES,
                    "The right cup? Look before driving",
                    why("Near-twins go in as easily, and come out as hard as any."),
                    how("Number on the cup, or its outside diameter.", "Cup and cone from one box."),
                    with(Tool.CALLIPER),
                    read(ReadingKind.CUP_OUTSIDE),
                    must("races.cup-right", "each cup is the one for its place"),
                    after("races.bores"),
                    when(RaceSteps::fitsCups)),
            step(
                    "races.warm",
                    Stage.RACES,
                    "Hub into the warm, cups into the cold",
                    why("A warm bore lets a cold cup drop in without a blow."),
                    how("Hub to 100 °C at most, no flame.", "Cups in the freezer, or on ice, in a dry bag."),
                    careful(Caution.HOT_PARTS),
                    with(Tool.OVEN, Tool.FREEZER, Tool.GLOVES),
                    using(Supply.DRY_ICE),
                    waits(1800, "until hub and cups have their temperature"),
                    after("races.right-cup"),
                    takes(1800),
                    when(s -> fitsCups(s) && races(s) == Choices.RaceFitting.WARMED)),
            in("races.inboard-in", "Inboard cup in", "inboard", Part.INBOARD_CUP),
            in("races.outboard-in", "Outboard cup in", "outboard", Part.OUTBOARD_CUP),
            step(
                    "races.snap-ring-in",
                    Stage.RACES,
                    "Snap ring in",
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    must("races.snap-ring-home", "it sits in its groove all round"),
                    on(Part.SNAP_RING)),
            step(
                    "races.shown",
                    Stage.RACES,
                    "Show the races to a mechanic",
                    byMechanic(),
                    must("races.shown-seated", "a mechanic saw both cups seated"),
                    after("races.inboard-in", "races.outboard-in", "races.snap-ring-in"),
                    when(s -> fitsCups(s) && s.brief().worker() == JobBrief.Worker.APPRENTICE)));

    private RaceSteps() {}

    static boolean fitsCups(Situation s) {
        return s.moves(Part.INBOARD_CUP) || s.moves(Part.OUTBOARD_CUP);
    }

    /** At the roadside there is neither oven nor press. */
    static Choices.RaceFitting races(Situation s) {
        return s.scope() == Scope.ROADSIDE
                ? Choices.RaceFitting.DRIVEN
                : s.brief().choices().races();
    }

    private static StepDefinition out(String id, String what, Part cup) {
        return step(
                id,
                Stage.RACES,
                what,
                how(
                        "Hub on blocks, room beneath.",
                        "Drift in the notches or on the thin ledge.",
                        "Light blows from side to side: it walks out level."),
                careful(Caution.STEEL_CHIPS),
                with(Tool.BLOCKS, Tool.DRIFT, Tool.HAMMER, Tool.GOGGLES),
                off(cup),
                takes(180));
    }

    private static StepDefinition in(String id, String what, String which, Part cup) {
        return step(
                id,
                Stage.RACES,
                what,
                how("A film of oil outside, started by hand, flush and square."),
                only(
                        s -> races(s) == Choices.RaceFitting.DRIVEN,
                        how(
                                "Driver on the edge that looks out, never on the race.",
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
                with(Tool.FEELER, Tool.LAMP),
                read(ReadingKind.GAP_AT_12, ReadingKind.GAP_AT_3, ReadingKind.GAP_AT_6, ReadingKind.GAP_AT_9),
                must("races." + which + "-seated", "the sound changed; no gap at the shoulder all round"),
                after("races.right-cup", "races.warm"),
                on(cup),
                takes(180));
    }
}
