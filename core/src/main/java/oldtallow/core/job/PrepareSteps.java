package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.must;
import static oldtallow.core.job.Piece.only;
import static oldtallow.core.job.Piece.read;
import static oldtallow.core.job.Piece.see;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.using;
import static oldtallow.core.job.Piece.waits;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.ReadingKind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Supply;
import oldtallow.core.step.Tool;

/** Stages 0 to 2: before anything is loosened. Common practice of the trade. */
final class PrepareSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    "prepare.licence",
                    Stage.PREPARE,
                    "Is this work yours to do?",
                    why("Heavy wheel ends are licensed work in many places."),
                    how("If not, stop here and hand it on.", "If so, lay out the maker's procedure."),
                    careful(Caution.LICENSED_HEAVY),
                    must("prepare.licensed", "whoever does it may do it"),
                    when(s -> s.isOn(Construction.OIL_BATH_HEAVY))),
            step(
                    "prepare.figures",
                    Stage.PREPARE,
                    "Find the maker's figures",
                    why("The maker's figure for this rig governs over every rule and habit."),
                    how(
                            "Nut sequence, end play or preload, wheel-nut torque.",
                            "Enter them with manual, chapter and page.",
                            "None to be found: common practice governs, and the sheet says so."),
                    with(Tool.MANUAL),
                    takes(300),
                    when(s -> !s.brief().known().figures())),
            step(
                    "prepare.odometer",
                    Stage.PREPARE,
                    "Write down the distance",
                    why("The next service counts from here."),
                    how("Odometer or hub meter; with neither, what you reckon since the last time."),
                    read(ReadingKind.ODOMETER)),
            step(
                    "prepare.numbers",
                    Stage.PREPARE,
                    "Find out which bearings are in it",
                    why("Kits almost fit: near-twins differ by less than a sheet of paper."),
                    how(
                            "Numbers on record, on the old box, or on the rings once they are out.",
                            "None: measure, and let the reckoner name the set."),
                    with(Tool.CALLIPER, Tool.LAMP),
                    takes(300),
                    when(s -> s.assembles() && !s.brief().known().bearings())),
            step(
                    "prepare.new-parts",
                    Stage.PREPARE,
                    "Lay out the new parts",
                    why("Half the day goes when the seal is at the other end of town."),
                    how("Hold each number against the list.", "What is always new goes on no rig twice."),
                    see("prepare.parts-here", "everything on the list is here"),
                    takes(120)),
            step(
                    "prepare.bag",
                    Stage.PREPARE,
                    "Open nothing yet: check the sealed bag",
                    why("A packed bearing keeps clean only in its bag."),
                    how("Set, numbers and date on the label.", "It stays shut until the spindle is clean."),
                    must("prepare.bag-fits", "the numbers on the bag are those of this wheel end"),
                    when(s -> s.scope() == Scope.ROADSIDE)),
            step(
                    "prepare.place",
                    Stage.PREPARE,
                    "Get off the road, on level ground",
                    why("Traffic hurts more people at the roadside than hubs do."),
                    how("Warning triangle out, everybody off the traffic side.", "Give the hub time to cool."),
                    careful(Caution.HOT_HUB),
                    waits(1200, "for a hot hub to cool"),
                    when(s -> s.scope() == Scope.ROADSIDE)),
            step(
                    "raise.chock",
                    Stage.RAISE,
                    "Chock it",
                    how("Both ways, on the wheels that stay down.", "Coupled, or its own brake on."),
                    careful(Caution.ROLLING_RIG),
                    with(Tool.CHOCKS)),
            step(
                    "raise.crack-nuts",
                    Stage.RAISE,
                    "Crack the wheel nuts, half a turn",
                    why("On the ground the wheel holds against the brace; in the air the rig rocks."),
                    with(Tool.WHEEL_BRACE),
                    when(s -> s.moves(Part.WHEEL) && s.scope() != Scope.FIRST_BUILD)),
            step(
                    "raise.jack",
                    Stage.RAISE,
                    "Jack it, set it on stands",
                    how("Jack at the maker's point.", "Stands under it, wheel slid under the sill as a second catch."),
                    careful(Caution.FALLING_RIG),
                    with(Tool.JACK, Tool.STANDS),
                    must("raise.on-stands", "it stands on stands and does not move when pushed"),
                    after("raise.chock", "raise.crack-nuts"),
                    takes(240)),
            step(
                    "look.temperature",
                    Stage.FIRST_LOOK,
                    "Feel for heat, left against right",
                    why("The hotter side runs tight or its brake drags."),
                    how("Both hubs, the same spot, soon after the drive in."),
                    careful(Caution.HOT_HUB),
                    with(Tool.THERMOMETER),
                    read(ReadingKind.HUB_TEMPERATURE, ReadingKind.OTHER_HUB_TEMPERATURE),
                    when(s -> s.scope() != Scope.FIRST_BUILD)),
            step(
                    "look.spin",
                    Stage.FIRST_LOOK,
                    "Spin it and listen",
                    why("Growl and grind are damage, whatever the play says."),
                    how("Hand on the spring or axle: a growl is felt before it is heard."),
                    see("look.spun", "silent, growl, grind, rattle or thump noted"),
                    when(s -> s.scope() != Scope.FIRST_BUILD)),
            step(
                    "look.rock",
                    Stage.FIRST_LOOK,
                    "Rock it at twelve and six",
                    why("Play that a nut takes up is adjustment; play that stays is wear."),
                    how("Push at the top, pull at the bottom.", "Measure at the tread with a dial if there is one."),
                    read(ReadingKind.ROCK),
                    when(s -> s.scope() != Scope.FIRST_BUILD)),
            step(
                    "look.leak",
                    Stage.FIRST_LOOK,
                    "Look behind for grease",
                    why("Grease on the backing plate has passed the seal, and ruins linings."),
                    with(Tool.LAMP),
                    only(Situation::hasBrake, how("Backing plate, linings, tyre wall.")),
                    only(s -> !s.hasBrake(), how("Back of the hub, inside of the tyre.")),
                    using(Supply.RAGS),
                    when(s -> s.scope() != Scope.FIRST_BUILD)));

    private PrepareSteps() {}
}
