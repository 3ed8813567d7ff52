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
import static oldtallow.core.procedure.job.Piece.using;
import static oldtallow.core.procedure.job.Piece.verdict;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stages 4 and 5: clean, then judge. Common practice of the trade. */
final class CleanSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.GREASE_KIND,
                    Stage.CLEAN,
                    "Decide the grease, before any is washed out or pushed through",
                    aided(Aid.GREASE_KIND),
                    only(s -> !meetsOldGrease(s), called("Decide the grease, on clean hands")),
                    why("Two thickeners that do not go together run out of the hub as oil."),
                    how("For wheel bearings, high temperature, extreme pressure."),
                    only(s -> s.fittings().brake() == BrakeKind.DISC, how("Rated for disc brakes: they heat the hub.")),
                    only(
                            s -> s.fittings().seal() == SealKind.MARINE_TWO_PIECE,
                            how("Marine grade: this hub is dunked.")),
                    only(
                            Situation::isRoadside,
                            called("The bag's grease goes in: all of the old comes out"),
                            how("What the spare is packed with is what runs in this hub now.")),
                    only(
                            s -> meetsOldGrease(s)
                                    && !s.isRoadside()
                                    && !s.brief().known().grease(),
                            how("Nobody knows what was in it: everything old must come out.")),
                    using(Supply.WHEEL_BEARING_GREASE),
                    only(
                            CleanSteps::meetsOldGrease,
                            must("grease.goes-with-old", "it goes with the old one, or all of the old comes out")),
                    only(
                            s -> s.brief().brings() == HubBrings.READY,
                            how("The hub comes greased: ask with what, and stay with it.")),
                    when(s -> s.assembles() && !GreaseSteps.isOil(s))),
            step(
                    StepIds.CLEAN_WIPE,
                    Stage.CLEAN,
                    "Wipe everything with a rag first",
                    why("What the rag takes, the solvent need not."),
                    using(Supply.RAGS),
                    after("strip.hub", "strip.hook", StepIds.STRIP_INBOARD_CONE, StepIds.GREASE_KIND),
                    takes(90),
                    when(s -> s.strips() && s.scope() != Scope.EXCHANGE)),
            step(
                    StepIds.CLEAN_CONES,
                    Stage.CLEAN,
                    "Wash the cones until nothing comes",
                    why("What is left in the cage hides damage and spoils the new filling."),
                    how(
                            "Flush through the cage, wide end and narrow end.",
                            "Blow through, held still; let it dry.",
                            "Each cone stays with its own place."),
                    careful(Caution.SOLVENT, Caution.AIR_ON_BEARING),
                    with(Tool.PARTS_WASHER, Tool.COMPRESSED_AIR, Tool.GOGGLES, Tool.GLOVES),
                    using(Supply.SOLVENT, Supply.RAGS),
                    after(StepIds.CLEAN_WIPE),
                    takes(120),
                    when(s -> keepsCones(s) && !purges(s))),
            step(
                    StepIds.CLEAN_PURGE,
                    Stage.CLEAN,
                    "Push new grease through the cones",
                    why("Works without solvent; slower, and only with greases that go together."),
                    how("Another colour, from the wide end.", "Until no old colour comes."),
                    using(Supply.PURGE_GREASE, Supply.RAGS),
                    must("clean.purged", "no old colour comes any more"),
                    after(StepIds.CLEAN_WIPE),
                    takes(420),
                    when(s -> keepsCones(s) && purges(s))),
            step(
                    StepIds.CLEAN_HUB,
                    Stage.CLEAN,
                    "Clean out the hub",
                    only(s -> s.isOn(Construction.SPACER_SET), called("Clean out the upright")),
                    how("Cavity, cups and seal bore down to bare metal."),
                    only(s -> !s.isRoadside(), careful(Caution.SOLVENT), using(Supply.SOLVENT), with(Tool.GLOVES)),
                    using(Supply.RAGS),
                    after(StepIds.CLEAN_WIPE),
                    takes(120),
                    when(s -> s.strips() && s.scope() != Scope.EXCHANGE)),
            step(
                    StepIds.CLEAN_SPINDLE,
                    Stage.CLEAN,
                    "Clean spindle, thread and what goes back on it",
                    how("Thread with a brush; the nut must run on by fingers."),
                    using(Supply.RAGS),
                    after(StepIds.CLEAN_WIPE),
                    takes(90),
                    when(Situation::strips)),
            step(
                    StepIds.CLEAN_BRAKE,
                    Stage.CLEAN,
                    "Clean the brake, wet",
                    why("Dust in the air is breathed; what has soaked into linings never comes out."),
                    careful(Caution.BRAKE_DUST, Caution.BRAKE_FACE),
                    with(Tool.MASK, Tool.GLOVES),
                    using(Supply.BRAKE_CLEANER, Supply.RAGS),
                    takes(90),
                    when(s -> s.strips() && s.hasBrake())),
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
                    only(s -> s.isOn(Construction.SPACER_SET), called("Judge the driveshaft and the flange's stub")),
                    why("A groove you can feel under a cone wears out the next one."),
                    how("Fingernail along both seats.", "Heat colour, rust, thread, creep marks."),
                    with(Tool.LAMP),
                    only(
                            s -> !s.isRoadside(),
                            with(Tool.CALLIPER),
                            read(ReadingKind.SPINDLE_AT_INBOARD_SEAT, ReadingKind.SPINDLE_AT_OUTBOARD_SEAT)),
                    must(Check.Meaning.VERDICT, "judge.spindle-good", "seats and thread are fit to run on"),
                    after(StepIds.CLEAN_SPINDLE),
                    takes(120),
                    when(Situation::assembles)),
            step(
                    StepIds.JUDGE_LAND,
                    Stage.JUDGE,
                    "The land where the seal's lip runs",
                    why("A groove a nail catches is a damaged land: the next lip leaks in it."),
                    how(
                            "Shallow: polish it round and round, never along.",
                            "Deeper: a repair sleeve over it, or the seal set a little to the side so that the lip runs beside it."),
                    with(Tool.LAMP),
                    must(
                            "judge.land-good",
                            "the lip will run on a sound land: as it was, polished, sleeved or beside it"),
                    after(StepIds.CLEAN_SPINDLE),
                    takes(30),
                    when(s -> s.strips()
                            && s.fittings().seal() != SealKind.MARINE_TWO_PIECE
                            && s.fittings().seal() != SealKind.UNITIZED)),
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
                    when(s -> s.strips() && s.hasBrake())),
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
                    when(s -> s.moves(Part.CAP) && s.puts(Part.CAP) == Kind.REFIT)),
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

    private CleanSteps() {}

    static boolean keepsCones(Situation s) {
        return s.strips() && (s.puts(Part.INBOARD_CONE) == Kind.REFIT || s.puts(Part.OUTBOARD_CONE) == Kind.REFIT);
    }

    /** A new hub or axle has none; what is in the channel of a spindle stays. */
    private static boolean meetsOldGrease(Situation s) {
        return s.strips() && (s.scope() != Scope.EXCHANGE || s.isOn(Construction.GREASE_THROUGH));
    }

    private static boolean purges(Situation s) {
        return s.brief().choices().cleaning() == Choices.Cleaning.PURGE && !GreaseSteps.isOil(s);
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
                when(s -> s.strips() && s.scope() != Scope.EXCHANGE));
    }
}
