package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.aided;
import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.judges;
import static oldtallow.core.procedure.job.Piece.must;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.read;
import static oldtallow.core.procedure.job.Piece.see;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.verdict;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.Piece.worded;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import java.util.stream.Collectors;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stage 5: judge. Common practice of the trade. */
final class JudgeSteps {

    private static final String SPINDLE_GOOD = "judge.spindle-good";

    static final List<StepDefinition> ALL = List.of(
            bearing(
                    "judge.inboard",
                    "Judge the inboard bearing",
                    "inboard",
                    Part.INBOARD_CONE,
                    JudgedItem.INBOARD_BEARING),
            bearing(
                    "judge.outboard",
                    "Judge the outboard bearing",
                    "outboard",
                    Part.OUTBOARD_CONE,
                    JudgedItem.OUTBOARD_BEARING),
            step(
                    StepIds.JUDGE_SPINDLE,
                    Stage.JUDGE,
                    "Judge the spindle",
                    verdict(JudgedItem.SPINDLE),
                    only(JudgeSteps::hasLand, called("Judge the spindle and the seal's land")),
                    only(s -> s.isOn(Construction.SPACER_SET), called("Judge the driveshaft and the flange's stub")),
                    why("A groove you can feel under a cone wears out the next one."),
                    how("Fingernail along both seats.", "Heat colour, rust, thread, creep marks."),
                    only(
                            JudgeSteps::hasLand,
                            how("The land, too: in a groove that a nail catches the next lip leaks.")),
                    only(
                            Situation::isRoadside,
                            how("The seal's land, too: in a groove it leaks, and home is where to mend that.")),
                    with(Tool.LAMP),
                    only(
                            s -> !s.isRoadside(),
                            with(Tool.CALLIPER),
                            read(ReadingKind.SPINDLE_AT_INBOARD_SEAT, ReadingKind.SPINDLE_AT_OUTBOARD_SEAT)),
                    only(
                            JudgeSteps::hasLand,
                            must(Check.Meaning.VERDICT, SPINDLE_GOOD, "seats, thread and land are fit to run on")),
                    only(
                            s -> !hasLand(s),
                            must(Check.Meaning.VERDICT, SPINDLE_GOOD, "seats and thread are fit to run on")),
                    after(StepIds.CLEAN_SPINDLE),
                    takes(120),
                    when(Situation::assembles)),
            step(
                    StepIds.JUDGE_SPINDLE_MENDED,
                    Stage.JUDGE,
                    "Put right what was found on the spindle",
                    why("What a nail catches wears out what runs on it next."),
                    how("Rust and marks on a seat: clean, dress, look again. A burr on the thread: chase it."),
                    only(
                            JudgeSteps::hasLand,
                            how(
                                    "The land, shallow: polish it round and round, never along.",
                                    "Deeper: a repair sleeve over it, or the seal set a little to the side, so that the lip runs beside it.")),
                    with(Tool.LAMP),
                    must("judge.spindle-mended", "looked at again: nothing that a nail catches where anything runs"),
                    after(StepIds.JUDGE_SPINDLE),
                    takes(300),
                    when(s -> s.mends(JudgedItem.SPINDLE))),
            step(
                    StepIds.JUDGE_CAP,
                    Stage.JUDGE,
                    "Judge the cap",
                    judges(Part.CAP),
                    only(
                            s -> s.fittings().cap() == CapKind.SPRING_LOADED,
                            how("Its piston moves, its relief is open; a little seepage is what it is made for.")),
                    only(
                            s -> s.fittings().cap() == CapKind.OIL_WINDOW,
                            see("judge.cap-good", "window clear, face flat, no crack")),
                    only(
                            s -> s.fittings().cap() != CapKind.OIL_WINDOW,
                            see("judge.cap-good", "rim round, no dent, no crack")),
                    when(s -> judgesCap(s) && s.moves(Part.CAP) && s.puts(Part.CAP) == Kind.REFIT)),
            step(
                    StepIds.JUDGE_HUB,
                    Stage.JUDGE,
                    "Judge the hub",
                    verdict(JudgedItem.HUB),
                    only(s -> s.isOn(Construction.SPACER_SET), called("Judge the upright")),
                    how("Cups tight in their bores? Burrs at the shoulders? Cracks?"),
                    only(s -> s.isOn(Construction.ROTOR_HUB), how("Tone ring: rust, teeth, gap.")),
                    with(Tool.LAMP),
                    must(Check.Meaning.VERDICT, "judge.hub-good", "no cup turns or falls in by hand"),
                    after(StepIds.CLEAN_HUB),
                    when(s -> s.strips() && s.scope() != Scope.EXCHANGE)),
            step(
                    "judge.hub-mended",
                    Stage.JUDGE,
                    "Put right what was found in the hub",
                    why("A cup on a burr or on rust never comes home."),
                    how("Rust: clean it off. A burr at a shoulder: dress it with a fine file. Then look again."),
                    with(Tool.LAMP),
                    must("judge.hub-mended", "looked at again: bores clean, shoulders free of burrs"),
                    after(StepIds.JUDGE_HUB),
                    takes(300),
                    when(s -> s.mends(JudgedItem.HUB) && s.strips() && s.scope() != Scope.EXCHANGE)),
            step(
                    StepIds.JUDGE_BRAKE,
                    Stage.JUDGE,
                    "Look at the brake while it can be seen",
                    aided(Aid.LININGS),
                    why("Once the hub is on, nobody sees what is on the linings."),
                    how("Soaked linings are done with, never washed: renew them, both sides of the axle."),
                    careful(Caution.LICENSED_BRAKES),
                    with(Tool.LAMP),
                    must("judge.brake-dry", "what brakes is dry, or new linings come"),
                    after(StepIds.CLEAN_BRAKE),
                    takes(30),
                    when(s -> s.strips() && s.hasBrake() && !s.isRoadside())),
            step(
                    StepIds.JUDGE_NEW_HERE,
                    Stage.JUDGE,
                    "Have the new parts here",
                    worded(s -> List.of(called("Have here, new: " + named(s.newAfterAll())))),
                    why("What is missing is better known now than with the hub half together."),
                    how("Numbers held against the old ones.", "It is not here: say so, and the job waits for it."),
                    when(s -> s.hasRun() && !s.newAfterAll().isEmpty())),
            step(
                    StepIds.JUDGE_NEW_HUB,
                    Stage.JUDGE,
                    "Look at the new hub's cups before a cone goes in",
                    why("A bought hub is somebody else's press work."),
                    how("Right way round, home all round, no rust, no chip."),
                    with(Tool.LAMP),
                    must("judge.new-hub-home", "its cups are in without a gap, and clean"),
                    when(s -> s.brief().brings() == HubBrings.CUPS || s.brief().brings() == HubBrings.BEARINGS)),
            step(
                    StepIds.JUDGE_NEW_PARTS,
                    Stage.JUDGE,
                    "Check the new parts against the list",
                    why("Cups of one outside diameter differ in width and angle."),
                    how("Numbers on both rings.", "Rings and bores free of burrs."),
                    only(s -> !s.brief().setsByNut(), how("Pair numbers on both bearings and their spacer agree.")),
                    must("judge.new-parts-right", "every number is the one on the list"),
                    with(Tool.LAMP),
                    only(s -> !s.isRoadside(), with(Tool.CALLIPER)),
                    when(s -> s.brief().isOnNewHub() && s.brief().brings() != HubBrings.READY)));

    private JudgeSteps() {}

    /** Whether the seal's lip runs on the spindle itself; at the roadside nobody mends that. */
    private static boolean hasLand(Situation s) {
        return s.strips()
                && !s.isRoadside()
                && s.fittings().seal() != SealKind.MARINE_TWO_PIECE
                && s.fittings().seal() != SealKind.UNITIZED;
    }

    /** Whether the cap is judged with the rest, on the bench. */
    static boolean judgesCap(Situation s) {
        return s.strips() && !s.isRoadside();
    }

    private static String named(List<Part> parts) {
        return parts.stream().map(Part::words).collect(Collectors.joining(", "));
    }

    private static StepDefinition bearing(String id, String what, String which, Part cone, JudgedItem item) {
        return step(
                id,
                Stage.JUDGE,
                what,
                verdict(item),
                why("Cone and cup wear together and share one verdict."),
                how(
                        "Good light, fingernail over both races, turn it by hand for lumps.",
                        "Even grey path without feel: normal. Rust on a race, pits, blue or lines: renew."),
                judges(cone),
                with(Tool.LAMP),
                only(
                        s -> s.puts(cone) == Kind.REFIT,
                        must(
                                Check.Meaning.VERDICT,
                                "judge." + which + "-verdict",
                                "findings and verdict of the " + which + " bearing noted")),
                only(
                        s -> s.puts(cone) != Kind.REFIT,
                        see(
                                "judge." + which + "-cause",
                                "what ended the old one noted, so that it does not come back")),
                after(StepIds.CLEAN_WIPE, StepIds.CLEAN_CONES, StepIds.CLEAN_PURGE, StepIds.CLEAN_HUB),
                takes(120),
                // the old ones ride home in the bag, and are looked at there
                when(s -> s.strips() && s.scope() != Scope.EXCHANGE && !s.isRoadside()));
    }
}
