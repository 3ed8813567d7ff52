package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.asks;
import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.meanwhile;
import static oldtallow.core.procedure.job.Piece.must;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.read;
import static oldtallow.core.procedure.job.Piece.see;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.using;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.Piece.worded;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.look.Sign;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stages 0 to 2: before anything is loosened. Common practice of the trade. */
final class PrepareSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.PREPARE_PLACE,
                    Stage.PREPARE,
                    "Off the road, on level ground",
                    why("Traffic hurts more people at the roadside than hubs do."),
                    how("Warning triangle out, everybody off the traffic side."),
                    when(Situation::isRoadside)),
            step(
                    StepIds.LOOK_TEMPERATURE,
                    Stage.PREPARE,
                    "Feel for heat now, left against right",
                    only(
                            Situation::hasBrake,
                            why("A hub cools in minutes; the hotter side runs tight or its brake drags.")),
                    only(s -> !s.hasBrake(), why("A hub cools in minutes; the hotter side runs tight or dry.")),
                    only(
                            s -> !s.isRoadside(),
                            how("Every hub, the same spot, before paperwork and jack."),
                            with(Tool.THERMOMETER)),
                    only(Situation::isRoadside, how("Every hub, back of the hand near it first.")),
                    careful(Caution.HOT_HUB),
                    read(ReadingKind.HUB_TEMPERATURE, ReadingKind.OTHER_HUB_TEMPERATURE),
                    when(Situation::hasRun),
                    after(StepIds.PREPARE_PLACE)),
            step(
                    StepIds.PREPARE_COOL,
                    Stage.PREPARE,
                    "Let a hot hub cool",
                    how("Until a hand stays on it."),
                    meanwhile(1200, "for a hot hub to cool"),
                    after(StepIds.LOOK_TEMPERATURE),
                    when(Situation::isRoadside)),
            step(
                    StepIds.PREPARE_LICENCE,
                    Stage.PREPARE,
                    "Is this work yours to do?",
                    why("Heavy wheel ends are licensed work in many places."),
                    how("If not, stop here and hand it on.", "If so, lay out the maker's procedure."),
                    careful(Caution.LICENSED_HEAVY),
                    must("prepare.licensed", "whoever does it may do it"),
                    after(StepIds.LOOK_TEMPERATURE),
                    when(s -> s.isOn(Construction.OIL_BATH_HEAVY))),
            step(
                    StepIds.PREPARE_FIGURES,
                    Stage.PREPARE,
                    "Find the maker's figures",
                    why("The maker's figure for this rig governs over every rule and habit."),
                    how(
                            "Nut sequence, end play or preload, and every torque this job pulls.",
                            "Enter them with manual, chapter and page.",
                            "None to be found: common practice governs, and the sheet says so."),
                    with(Tool.MANUAL),
                    takes(300),
                    when(s -> !s.brief().known().figures() && !s.isRoadside() && s.reachesNut())),
            step(
                    StepIds.PREPARE_ODOMETER,
                    Stage.PREPARE,
                    "Write down the distance",
                    why("The next service counts from here."),
                    how("Odometer or hub meter; with neither, what you reckon since the last time."),
                    read(ReadingKind.ODOMETER),
                    when(Situation::hasRun)),
            step(
                    StepIds.PREPARE_NUMBERS,
                    Stage.PREPARE,
                    "Find out which bearings are in it",
                    why("Kits almost fit: near-twins differ by less than a sheet of paper."),
                    only(
                            s -> !s.isRoadside(),
                            how(
                                    "Numbers on record, on the old box, or on the rings once they are out.",
                                    "None: measure, and let the reckoner name the set."),
                            with(Tool.CALLIPER, Tool.LAMP)),
                    only(
                            Situation::isRoadside,
                            how("Numbers on record, on the bag, or on the rings once they are out."),
                            with(Tool.LAMP)),
                    takes(300),
                    when(s -> s.hasRun() && s.assembles() && !s.brief().known().bearings())),
            step(
                    StepIds.PREPARE_HUB_BRINGS,
                    Stage.PREPARE,
                    "What does the new hub bring?",
                    why("Cups, bearings and seal are in it or are not; what is missing is bought and fitted."),
                    worded(s -> List.of(how(
                            "Planned for: " + s.brief().brings().words() + ".",
                            "It brings something else: say so before it is laid out, and the plan follows."))),
                    must("prepare.hub-as-planned", "the new hub is as it was planned for"),
                    when(s -> s.brief().isOnNewHub() && !s.isOn(Construction.SPACER_SET))),
            step(
                    StepIds.PREPARE_NEW_PARTS,
                    Stage.PREPARE,
                    "Lay out the new parts",
                    why("Half the day goes when the seal is at the other end of town."),
                    how("Hold each number against the list.", "What is always new goes on no rig twice."),
                    see("prepare.parts-here", "everything on the list is here"),
                    takes(120),
                    when(Situation::reachesNut)),
            step(
                    StepIds.PREPARE_BAG,
                    Stage.PREPARE,
                    "Open nothing yet: check the sealed bag",
                    why("A packed bearing keeps clean only in its bag."),
                    how("Set, numbers and date on the label.", "It stays shut until the spindle is clean."),
                    must("prepare.bag-fits", "the numbers on the bag are those of this wheel end"),
                    when(Situation::isRoadside)),
            step(
                    StepIds.RAISE_CHOCK,
                    Stage.RAISE,
                    "Chock it",
                    how("Both ways, on the wheels that stay down."),
                    only(s -> s.brief().construction().hasPedal(), how("In gear or park.")),
                    only(
                            s -> s.hasBrake() && s.brief().construction().hasPedal(),
                            how("The brake on, where it holds a wheel that stays down.")),
                    only(
                            s -> s.hasBrake() && !s.brief().construction().hasPedal(),
                            how("Coupled, or its own brake on.")),
                    only(s -> !s.hasBrake() && !s.brief().construction().hasPedal(), how("Coupled where it can be.")),
                    careful(Caution.ROLLING_RIG),
                    with(Tool.CHOCKS)),
            step(
                    StepIds.RAISE_CRACK_NUTS,
                    Stage.RAISE,
                    "Crack the wheel nuts, half a turn",
                    only(s -> s.fittings().wheel() == WheelFixing.BOLTS, called("Crack the wheel bolts, half a turn")),
                    why("On the ground the wheel holds against the brace; in the air the rig rocks."),
                    with(Tool.WHEEL_BRACE),
                    when(s -> s.moves(Part.WHEEL) && s.hasRun())),
            step(
                    StepIds.RAISE_JACK,
                    Stage.RAISE,
                    "Jack it, set it on stands",
                    how("Jack at the maker's point."),
                    only(
                            s -> s.hasRun() && s.moves(Part.WHEEL) && !s.isOn(Construction.OIL_BATH_HEAVY),
                            how("Stands under it, the wheel slid under the sill as a second catch once it is off.")),
                    only(
                            s -> !s.hasRun() || !s.moves(Part.WHEEL) || s.isOn(Construction.OIL_BATH_HEAVY),
                            how("Stands under it.")),
                    careful(Caution.FALLING_RIG),
                    with(Tool.JACK, Tool.STANDS),
                    must("raise.on-stands", "it stands on stands and does not move when pushed"),
                    after(StepIds.RAISE_CHOCK, StepIds.RAISE_CRACK_NUTS),
                    takes(240),
                    when(PrepareSteps::isRaised)),
            step(
                    StepIds.LOOK_SPIN,
                    Stage.FIRST_LOOK,
                    "Spin it and listen",
                    asks(Sign.Kind.SPIN),
                    why("Growl and grind are damage, whatever the play says."),
                    how("Hand on the spring or axle: a growl is felt before it is heard."),
                    see("look.spun", "silent, growl, grind, rattle or thump noted"),
                    when(Situation::isLookedAtFirst)),
            step(
                    StepIds.LOOK_ROCK,
                    Stage.FIRST_LOOK,
                    "Rock it at twelve and six",
                    asks(Sign.Kind.ROCK, Sign.Kind.TAKEN_UP),
                    why("Play that a nut takes up is adjustment; play that stays is wear."),
                    only(
                            s -> !s.brief().setsByNut(),
                            how(
                                    "A spacer sets this one: any play to feel is wear, or parts that do not belong together.")),
                    how("Push at the top, pull at the bottom."),
                    only(s -> !s.isRoadside(), how("Measure at the tread with a dial if there is one.")),
                    read(ReadingKind.ROCK),
                    when(Situation::isLookedAtFirst)),
            step(
                    StepIds.LOOK_LEAK,
                    Stage.FIRST_LOOK,
                    "Look behind for grease",
                    asks(Sign.Kind.LEAK),
                    only(GreaseSteps::isOil, called("Look behind for oil")),
                    only(Situation::hasBrake, why("What has passed the seal ruins linings.")),
                    only(s -> !s.hasBrake(), why("It tells whether the seal still holds.")),
                    with(Tool.LAMP),
                    only(Situation::hasBrake, how("Backing plate, linings, tyre wall.")),
                    only(s -> !s.hasBrake(), how("Back of the hub, inside of the tyre.")),
                    only(
                            s -> s.fittings().cap() == CapKind.SPRING_LOADED && s.moves(Part.CAP),
                            how("A little past its spring-loaded cap is no failed seal.")),
                    using(Supply.RAGS),
                    when(s -> s.hasRun() && !s.isRoadside())));

    private PrepareSteps() {}

    /** Oil is topped up, and its level read, with the rig on its wheels. */
    static boolean isRaised(Situation s) {
        return !(s.isTopUp() && GreaseSteps.isOil(s));
    }
}
