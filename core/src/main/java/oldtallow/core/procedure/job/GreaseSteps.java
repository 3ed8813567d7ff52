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
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;

/** Stage 7: grease, or oil. Common practice of the trade. */
final class GreaseSteps {

    static final List<StepDefinition> ALL = List.of(
            pack("grease.inboard", "Pack the inboard cone", "inboard", Aid.INBOARD_CONE),
            pack("grease.outboard", "Pack the outboard cone", "outboard", Aid.OUTBOARD_CONE),
            step(
                    StepIds.GREASE_OIL_FILM,
                    Stage.GREASE,
                    "Wet both bearings with the oil they will run in",
                    why("The first turns are dry until the oil has reached them."),
                    using(Supply.GEAR_OIL),
                    when(s -> s.assembles() && isOil(s))),
            step(
                    StepIds.GREASE_BEDS,
                    Stage.GREASE,
                    "A bed on the cups, a film on seats and seal lip",
                    aided(Aid.BEDS),
                    only(GreaseSteps::isReady, called("A film on the spindle's seats and land")),
                    only(s -> !isReady(s), how("Both raceways coated.")),
                    how("A film keeps seats from rust and the lip from running dry."),
                    only(Situation::hasBrake, careful(Caution.BRAKE_FACE), how("None on what brakes.")),
                    using(Supply.WHEEL_BEARING_GREASE),
                    after(StepIds.GREASE_KIND, StepIds.CLEAN_HUB),
                    takes(90),
                    when(s -> s.assembles() && !isOil(s))),
            step(
                    StepIds.GREASE_CHANNEL,
                    Stage.GREASE,
                    "Fill the spindle's channel until grease comes",
                    aided(Aid.CHANNEL),
                    why("Else the first strokes pump air through the bearing."),
                    with(Tool.GREASE_GUN),
                    using(Supply.WHEEL_BEARING_GREASE),
                    when(s -> s.assembles() && s.isOn(Construction.GREASE_THROUGH) && !isOil(s))),
            step(
                    StepIds.GREASE_CAVITY,
                    Stage.GREASE,
                    "The hub's cavity",
                    aided(Aid.CAVITY),
                    only(s -> s.isOn(Construction.SPACER_SET), called("The upright's cavity")),
                    only(s -> fill(s) == CavityFill.EMPTY, how("Stays empty: a film against rust.")),
                    only(
                            s -> fill(s) == CavityFill.RING,
                            how("A ring beside each cup, so that the bearing's own stays in.")),
                    only(s -> fill(s) == CavityFill.THIRD, how("A third full, spread round.")),
                    only(
                            s -> fill(s) == CavityFill.FULL && !s.isOn(Construction.GREASE_THROUGH),
                            how("Full: it keeps water out and is the store. Room is left for the spindle.")),
                    only(
                            s -> fill(s) == CavityFill.FULL && s.isOn(Construction.GREASE_THROUGH),
                            how("Left: it is filled from the nipple once the nut is set.")),
                    using(Supply.WHEEL_BEARING_GREASE),
                    after(StepIds.GREASE_KIND, StepIds.CLEAN_HUB),
                    when(s -> s.assembles() && !isOil(s) && !isReady(s))));

    private GreaseSteps() {}

    static boolean isOil(Situation s) {
        return fill(s) == CavityFill.OIL;
    }

    /** Whether the hub comes greased and sealed. */
    static boolean isReady(Situation s) {
        return s.brief().brings() == HubBrings.READY;
    }

    /** Whether the cones are filled by what comes through the spindle. */
    private static boolean feedsThroughNipple(Situation s) {
        return s.brief().choices().packing() == Choices.Packing.NIPPLE
                && s.isOn(Construction.GREASE_THROUGH)
                && !s.isRoadside();
    }

    private static CavityFill fill(Situation s) {
        return s.fittings().cavity();
    }

    private static StepDefinition pack(String id, String what, String which, Aid aid) {
        return step(
                id,
                Stage.GREASE,
                what,
                aided(aid),
                why("Only the grease between the rollers reaches the big rib."),
                only(
                        GreaseSteps::feedsThroughNipple,
                        called("Wet the " + which + " cone, the nipple packs it"),
                        how(
                                "New grease wiped between the rollers all round, so that none starts dry.",
                                "The rest comes through the spindle, the hub turned, once the nut is set.")),
                only(Situation::isRoadside, how("It is packed: open its bag last, and let no sand near it.")),
                only(
                        s -> !s.isRoadside()
                                && s.brief().choices().packing() != Choices.Packing.PACKER
                                && !feedsThroughNipple(s),
                        how(
                                "Wide end down into a palmful.",
                                "Press until it worms out on top.",
                                "Next bite, all the way round."),
                        careful(Caution.SMEARED_NOT_PACKED)),
                only(
                        s -> !s.isRoadside() && s.brief().choices().packing() == Choices.Packing.PACKER,
                        how("Narrow end down in the packer.", "Pump until it worms out all round."),
                        with(Tool.BEARING_PACKER)),
                using(Supply.WHEEL_BEARING_GREASE),
                only(
                        s -> !feedsThroughNipple(s),
                        must("grease." + which + "-packed", "grease worms out between the rollers all round")),
                after(
                        StepIds.GREASE_KIND,
                        "strip." + which + "-cone",
                        "strip.hook",
                        StepIds.STRIP_KNOCK,
                        StepIds.STRIP_TOGETHER),
                takes(90),
                when(s -> s.assembles() && !isOil(s) && !isReady(s)));
    }
}
