package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.aided;
import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.must;
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
import static oldtallow.core.procedure.job.Piece.worded;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.look.AfterDrive;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stage 10, second half, to 12: brake and wheel on, proved, remembered. Common practice of the trade. */
final class CloseSteps {

    private static final String CLOSED = StepIds.CLOSE_SPIN;

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.CLOSE_BRAKE_FACES,
                    Stage.CLOSE,
                    "Clean the brake faces once more",
                    careful(Caution.BRAKE_FACE),
                    using(Supply.BRAKE_CLEANER, Supply.RAGS),
                    // where the caliper comes over them, they are looked at as it does
                    only(s -> !s.moves(Part.CALIPER), facesClean()),
                    after(StepIds.CLOSE_CAP, StepIds.CLOSE_CAP_PLUG, StepIds.CLOSE_CAP_FILL, CLOSED),
                    when(s -> s.assembles() && s.baresBrake())),
            step(StepIds.CLOSE_DISC_SPACER, Stage.CLOSE, "Disc spacer on", after(CLOSED), on(Part.DISC_SPACER)),
            step(
                    StepIds.CLOSE_DISC,
                    Stage.CLOSE,
                    "Disc on",
                    how("Anti-seize on its seat, none on its faces."),
                    careful(Caution.BRAKE_FACE),
                    using(Supply.ANTI_SEIZE),
                    on(Part.DISC)),
            step(
                    StepIds.CLOSE_LOCATING_PINS,
                    Stage.CLOSE,
                    "Locating pins in",
                    how("Each in its own hole, a little anti-seize."),
                    using(Supply.ANTI_SEIZE),
                    with(Tool.SOCKET_SET),
                    on(Part.LOCATING_PINS)),
            HubSteps.linings("close.linings", Stage.CLOSE, s -> !HubSteps.coversLinings(s)),
            step(
                    StepIds.CLOSE_DRUM,
                    Stage.CLOSE,
                    "Drum on",
                    careful(Caution.LICENSED_BRAKES),
                    after(StepIds.CLOSE_BRAKE_FACES),
                    on(Part.DRUM)),
            step(
                    StepIds.CLOSE_CALIPER,
                    Stage.CLOSE,
                    "Caliper back, bolts to torque",
                    how(
                            "Threadlocker where the maker says so, the removable grade.",
                            "Backing plate clear, hose untwisted."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_HOSE),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH),
                    using(Supply.THREADLOCKER),
                    read(ReadingKind.CALIPER_BOLT_TORQUE),
                    only(s -> s.assembles() && s.baresBrake(), facesClean()),
                    must("close.caliper-torqued", "caliper bolts are at the governing torque"),
                    after(StepIds.CLOSE_BRAKE_FACES),
                    on(Part.CALIPER),
                    when(s -> !s.isOn(Construction.SPACER_SET)),
                    takes(240)),
            step(
                    StepIds.CLOSE_WHEEL,
                    Stage.CLOSE,
                    "Wheel on, snug in a star",
                    aided(Aid.WHEEL_SNUG),
                    worded(s -> List.of(how(
                            "Seats and threads of the " + s.fittings().wheel().words() + " clean and dry."))),
                    careful(Caution.HEAVY_WHEEL, Caution.WHEEL_NUTS),
                    with(Tool.WHEEL_BRACE),
                    after(StepIds.CLOSE_CAP_PLUG, StepIds.CLOSE_CAP, StepIds.CLOSE_CAP_FILL, CLOSED),
                    on(Part.WHEEL),
                    when(s -> !s.putsWheelOnFirst()),
                    takes(60)),
            step(
                    StepIds.CLOSE_ROCK,
                    Stage.CLOSE,
                    "Rock the wheel once more, before it comes down",
                    why("On the ground nobody feels it any more."),
                    only(Situation::hasRun, how("As after setting, and no worse than the first look.")),
                    see("close.rock-as-set", "the rock is what it was after setting"),
                    after(CLOSED, StepIds.CLOSE_WHEEL),
                    takes(20),
                    when(Situation::reachesNut)),
            step(
                    StepIds.CLOSE_DOWN,
                    Stage.CLOSE,
                    "Down on its wheels",
                    how("Nothing left under it, stands out, jack out."),
                    careful(Caution.FALLING_RIG),
                    with(Tool.JACK),
                    after(
                            StepIds.CLOSE_WHEEL,
                            StepIds.CLOSE_ROCK,
                            StepIds.CLOSE_CAP,
                            StepIds.CLOSE_CAP_PLUG,
                            StepIds.CLOSE_CAP_FILL,
                            StepIds.CLOSE_HALF_SHAFT,
                            StepIds.CLOSE_END_COVER,
                            StepIds.CLOSE_HUB_COVER,
                            StepIds.CLOSE_CIRCLIP),
                    takes(60),
                    when(PrepareSteps::isRaised)),
            step(
                    StepIds.CLOSE_OIL,
                    Stage.CLOSE,
                    "Fill the oil, the axle level; wait, look again",
                    why("The bearings fill from it, and it drops."),
                    how("To the mark, the maker's grade."),
                    using(Supply.GEAR_OIL),
                    waits(600, "for the oil to find its level"),
                    must("close.oil-level", "the level stands at its mark again and nothing drips"),
                    after(StepIds.CLOSE_DOWN, StepIds.CLOSE_CAP, StepIds.CLOSE_HALF_SHAFT),
                    takes(600),
                    when(s -> OpenSteps.drains(s) && (s.reachesNut() || s.isTopUp()))),
            step(
                    StepIds.CLOSE_WHEEL_NUTS,
                    Stage.CLOSE,
                    "Wheel nuts to torque, in the star",
                    aided(Aid.WHEEL_NUTS),
                    only(s -> s.fittings().wheel() == WheelFixing.BOLTS, called("Wheel bolts to torque, in the star")),
                    how("In stages: half, then full, then once round."),
                    careful(Caution.WHEEL_NUTS),
                    with(Tool.TORQUE_WRENCH),
                    read(ReadingKind.WHEEL_NUT_TORQUE),
                    worded(s -> List.of(must(
                            "close.nuts-torqued",
                            "every " + s.fittings().wheel().one() + " is at the governing torque"))),
                    after(StepIds.CLOSE_DOWN),
                    takes(60),
                    when(s -> s.moves(Part.WHEEL))),
            step(
                    StepIds.CLOSE_PEDAL,
                    Stage.CLOSE,
                    "Pump the brake until it is hard",
                    careful(Caution.NO_PEDAL, Caution.LICENSED_BRAKES),
                    how("A line was opened: it is bled first, by whoever may."),
                    must("close.pedal-hard", "the pedal is hard"),
                    after(StepIds.CLOSE_DOWN, StepIds.CLOSE_WHEEL_NUTS),
                    when(s -> s.assembles()
                            && s.hasBrake()
                            && s.brief().construction().hasPedal())),
            step(
                    StepIds.CLOSE_BRAKE_ADJUST,
                    Stage.CLOSE,
                    "Re-adjust the trailer's brakes, and try them",
                    careful(Caution.LICENSED_BRAKES),
                    how("Both sides alike, by the maker's procedure.", "A line was opened: it is bled first."),
                    must("close.brake-holds", "the brake holds, and the wheel is free when it is let go"),
                    after(StepIds.CLOSE_DOWN, StepIds.CLOSE_WHEEL_NUTS),
                    takes(240),
                    when(s -> s.assembles()
                            && s.hasBrake()
                            && !s.brief().construction().hasPedal())),
            step(
                    StepIds.PROVE_DRIVE,
                    Stage.PROVE,
                    "A short drive",
                    why("Nothing proves a setting like a few warm kilometres."),
                    how("About " + AfterDrive.ENOUGH_KM + " km: less says nothing."),
                    only(Situation::hasBrake, how("Brakes used little, they heat the hub too.")),
                    takes(1200),
                    when(Situation::reachesNut)),
            step(
                    StepIds.PROVE_TEMPERATURE,
                    Stage.PROVE,
                    "Hub temperature, left against right",
                    aided(Aid.WARMTH),
                    only(Situation::hasBrake, why("Warm is fine. Hot is too tight, or a dragging brake.")),
                    only(s -> !s.hasBrake(), why("Warm is fine. Hot is too tight.")),
                    careful(Caution.HOT_HUB),
                    only(s -> !s.isRoadside(), with(Tool.THERMOMETER)),
                    read(ReadingKind.HUB_TEMPERATURE, ReadingKind.OTHER_HUB_TEMPERATURE),
                    must(Check.Meaning.WARM_AT_MOST, "prove.warm", "warm at most, and like the other side"),
                    after(StepIds.PROVE_DRIVE),
                    when(Situation::reachesNut)),
            step(
                    StepIds.PROVE_OIL,
                    Stage.PROVE,
                    "The oil once more, now that the bearings have filled",
                    how("Axle level; topped up to the mark."),
                    using(Supply.GEAR_OIL),
                    see("prove.oil-level", "the level stands at its mark and nothing drips"),
                    after(StepIds.PROVE_DRIVE),
                    when(s -> OpenSteps.drains(s) && s.reachesNut())),
            step(
                    StepIds.PROVE_ROCK,
                    Stage.PROVE,
                    "Up again, rock it once more",
                    aided(Aid.PROVED),
                    how("Chocked, jacked and on stands again, as before."),
                    only(NutSteps::isSet, how("Loose: take it up by the least the lock allows, and prove again.")),
                    only(
                            s -> !NutSteps.isSet(s),
                            how("Loose: apart again, the pair and its spacer do not belong together.")),
                    how("Nothing left under it, and down again."),
                    careful(Caution.ROLLING_RIG, Caution.FALLING_RIG),
                    with(Tool.CHOCKS, Tool.JACK, Tool.STANDS),
                    read(ReadingKind.ROCK),
                    must("prove.no-rock", "the rock is what it was after setting"),
                    after(StepIds.PROVE_DRIVE, StepIds.PROVE_TEMPERATURE),
                    takes(300),
                    // nobody jacks a rig up twice at the roadside: it is felt at each stop, and looked at in the
                    // workshop
                    when(s -> !s.isRoadside() && s.reachesNut())),
            step(
                    StepIds.PROVE_NUTS_AGAIN,
                    Stage.PROVE,
                    "Wheel nuts again after the first 50 to 100 km",
                    aided(Aid.WHEEL_NUTS_AGAIN),
                    only(
                            s -> s.fittings().wheel() == WheelFixing.BOLTS,
                            called("Wheel bolts again after the first 50 to 100 km")),
                    careful(Caution.WHEEL_NUTS),
                    with(Tool.TORQUE_WRENCH),
                    see("prove.retorque-told", "whoever drives it knows, or it stands on the almanac"),
                    after(StepIds.PROVE_DRIVE),
                    when(s -> s.moves(Part.WHEEL))),
            step(
                    StepIds.PROVE_ROAD,
                    Stage.PROVE,
                    "Feel every hub at each stop on the way home",
                    how(
                            "Stop for the night where it is light enough to look again.",
                            "Measured and looked at by daylight as soon as there is a workshop."),
                    careful(Caution.HOT_HUB),
                    after(StepIds.PROVE_DRIVE),
                    when(Situation::isRoadside)),
            step(
                    StepIds.REMEMBER_PARTS,
                    Stage.REMEMBER,
                    "Write down what went in",
                    why("Next time somebody asks what is in it."),
                    how("Numbers and batches."),
                    only(s -> !GreaseSteps.isOil(s), how("The grease and its thickener.")),
                    must("remember.parts-entered", "new parts and what it runs in are entered"),
                    takes(60),
                    when(Situation::assembles)),
            step(
                    StepIds.REMEMBER_SPARES,
                    Stage.REMEMBER,
                    "Old but sound? Into the bag",
                    how(
                            "Clean, packed, dated: they get somebody home.",
                            "Old cups are kept as drivers, with their size on them."),
                    with(Tool.BAGS),
                    when(s -> s.scope() == Scope.RENEW)),
            step(
                    StepIds.REMEMBER_NEXT,
                    Stage.REMEMBER,
                    "When is it due again?",
                    how("The governing interval, sooner after dunking or hard use."),
                    see("remember.next-told", "the owner knows when, and what to feel for")));

    private CloseSteps() {}

    /** Whether disc and pads, or a drum apart from its hub, lie open while the hub is already on. */
    private static Piece facesClean() {
        return must("close.faces-clean", "what brakes is clean and dry");
    }
}
