package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.aided;
import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.must;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.using;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;

/** Stage 4: clean. Common practice of the trade. */
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
                            s -> meetsOldGrease(s) && !s.brief().known().grease(),
                            how("Nobody knows what was in it: everything old must come out.")),
                    using(Supply.WHEEL_BEARING_GREASE),
                    only(
                            CleanSteps::meetsOldGrease,
                            must("grease.goes-with-old", "it goes with the old one, or all of the old comes out")),
                    only(
                            s -> s.brief().brings() == HubBrings.READY,
                            how("The hub comes greased: ask with what, and stay with it.")),
                    when(s -> s.assembles() && !GreaseSteps.isOil(s) && !s.isRoadside())),
            step(
                    StepIds.CLEAN_WIPE,
                    Stage.CLEAN,
                    "Wipe everything with a rag first",
                    only(
                            s -> !s.isRoadside() || GreaseSteps.isOil(s),
                            why("What the rag takes, the solvent need not.")),
                    only(
                            s -> s.isRoadside() && !GreaseSteps.isOil(s),
                            why("What the spare is packed with runs in this hub now: all of the old comes out.")),
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
                    when(s -> s.strips() && s.hasBrake())));

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
}
