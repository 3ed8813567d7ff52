package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.judges;
import static oldtallow.core.job.Piece.must;
import static oldtallow.core.job.Piece.only;
import static oldtallow.core.job.Piece.read;
import static oldtallow.core.job.Piece.see;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.using;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.PartMove.Kind;
import oldtallow.core.step.ReadingKind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Supply;
import oldtallow.core.step.Tool;

/** Stages 4 and 5: clean, then judge. Common practice of the trade. */
final class CleanSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    "clean.wipe",
                    Stage.CLEAN,
                    "Wipe everything with a rag first",
                    why("What the rag takes, the solvent need not."),
                    using(Supply.RAGS),
                    after("strip.hub", "strip.hook", "strip.inboard-cone"),
                    takes(90),
                    when(Situation::strips)),
            step(
                    "clean.cones",
                    Stage.CLEAN,
                    "Wash the cones until nothing comes",
                    why("Old grease in the cage hides damage and thins the new."),
                    how(
                            "Flush through the cage, wide end and narrow end.",
                            "Blow through, held still; let it dry.",
                            "Each cone stays with its own place."),
                    careful(Caution.SOLVENT, Caution.AIR_ON_BEARING),
                    with(Tool.PARTS_WASHER, Tool.COMPRESSED_AIR, Tool.GOGGLES, Tool.GLOVES),
                    using(Supply.SOLVENT, Supply.RAGS),
                    after("clean.wipe"),
                    takes(120),
                    when(s -> keepsCones(s) && !purges(s))),
            step(
                    "clean.purge",
                    Stage.CLEAN,
                    "Push new grease through the cones",
                    why("Works without solvent; slower, and only with greases that go together."),
                    how("Another colour, from the wide end.", "Until no old colour comes."),
                    using(Supply.PURGE_GREASE, Supply.RAGS),
                    must("clean.purged", "no old colour comes any more"),
                    after("clean.wipe"),
                    takes(420),
                    when(s -> keepsCones(s) && purges(s))),
            step(
                    "clean.hub",
                    Stage.CLEAN,
                    "Clean out the hub",
                    how("Cavity, cups and seal bore down to bare metal."),
                    only(
                            s -> s.scope() != Scope.ROADSIDE,
                            careful(Caution.SOLVENT),
                            using(Supply.SOLVENT),
                            with(Tool.GLOVES)),
                    only(
                            s -> s.isOn(Construction.LOCKING_HUB_FRONT) && s.scope() == Scope.RENEW,
                            how("Blast and paint it if it is bare; seats masked, studs in with threadlocker.")),
                    using(Supply.RAGS),
                    after("clean.wipe"),
                    takes(120),
                    when(s -> s.strips() && s.scope() != Scope.EXCHANGE)),
            step(
                    "clean.spindle",
                    Stage.CLEAN,
                    "Clean spindle, thread, nut and washer",
                    how("Thread with a brush; the nut must run on by fingers."),
                    using(Supply.RAGS),
                    after("clean.wipe"),
                    takes(90),
                    when(Situation::strips)),
            step(
                    "clean.brake",
                    Stage.CLEAN,
                    "Clean the brake, wet",
                    why("Dust in the air is breathed; grease on linings never comes out."),
                    careful(Caution.BRAKE_DUST, Caution.BRAKE_FACE),
                    with(Tool.MASK, Tool.GLOVES),
                    using(Supply.BRAKE_CLEANER, Supply.RAGS),
                    takes(90),
                    when(s -> s.strips() && s.hasBrake())),
            bearing("judge.inboard", "Judge the inboard bearing", "inboard", Part.INBOARD_CONE),
            bearing("judge.outboard", "Judge the outboard bearing", "outboard", Part.OUTBOARD_CONE),
            step(
                    "judge.spindle",
                    Stage.JUDGE,
                    "Judge the spindle",
                    why("A groove you can feel under a cone or lip wears out the next one."),
                    judges(Part.SEAL_SLEEVE),
                    how("Fingernail along both seats and the seal land.", "Heat colour, rust, thread, creep marks."),
                    with(Tool.LAMP, Tool.CALLIPER),
                    read(ReadingKind.SPINDLE_AT_INBOARD_SEAT, ReadingKind.SPINDLE_AT_OUTBOARD_SEAT),
                    must("judge.spindle-good", "seats, seal land and thread are fit to run on"),
                    after("clean.spindle"),
                    takes(120),
                    when(Situation::assembles)),
            step(
                    "judge.hub",
                    Stage.JUDGE,
                    "Judge the hub",
                    how("Cups tight in their bores? Burrs at the shoulders? Cracks at the studs?"),
                    only(s -> s.isOn(Construction.ROTOR_HUB), how("Tone ring: rust, teeth, gap.")),
                    with(Tool.LAMP),
                    must("judge.hub-good", "no cup turns or falls in by hand"),
                    after("clean.hub"),
                    when(s -> s.strips() && s.scope() != Scope.EXCHANGE)),
            step(
                    "judge.cap",
                    Stage.JUDGE,
                    "Judge the cap",
                    judges(Part.CAP),
                    see("judge.cap-good", "rim round, no dent, no crack"),
                    when(s -> s.moves(Part.CAP) && s.puts(Part.CAP) == Kind.REFIT)),
            step(
                    "judge.new-parts",
                    Stage.JUDGE,
                    "Check the new parts against the list",
                    why("Cups of one outside diameter differ in width and angle."),
                    how("Numbers on both rings; pair numbers where there are any.", "Cups and bores free of burrs."),
                    must("judge.new-parts-right", "every number is the one on the list"),
                    with(Tool.LAMP, Tool.CALLIPER),
                    when(s -> s.scope() == Scope.FIRST_BUILD || s.scope() == Scope.EXCHANGE)));

    private CleanSteps() {}

    static boolean keepsCones(Situation s) {
        return s.strips() && (s.puts(Part.INBOARD_CONE) == Kind.REFIT || s.puts(Part.OUTBOARD_CONE) == Kind.REFIT);
    }

    private static boolean purges(Situation s) {
        return s.brief().choices().cleaning() == Choices.Cleaning.PURGE;
    }

    private static StepDefinition bearing(String id, String what, String which, Part cone) {
        return step(
                id,
                Stage.JUDGE,
                what,
                why("Cone and cup wear together and share one verdict."),
                how(
                        "Good light, fingernail over both races, turn it by hand for lumps.",
                        "Even grey path without feel: normal. Rust on a race, pits, blue or lines: renew."),
                judges(cone),
                with(Tool.LAMP),
                only(
                        s -> s.puts(cone) == Kind.REFIT,
                        must("judge." + which + "-verdict", "findings and verdict of the " + which + " bearing noted")),
                only(
                        s -> s.puts(cone) != Kind.REFIT,
                        see(
                                "judge." + which + "-cause",
                                "what ended the old one noted, so that it does not come back")),
                after("clean.wipe", "clean.cones", "clean.purge", "clean.hub"),
                takes(120),
                when(s -> s.strips() && s.scope() != Scope.EXCHANGE));
    }
}
