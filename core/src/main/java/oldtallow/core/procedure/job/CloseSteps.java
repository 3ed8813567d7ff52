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
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.look.AfterDrive;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stage 10, second half, to 12: brake and wheel on, proved, remembered. Common practice of the trade. */
final class CloseSteps {

    private static final String CLOSED = "close.spin";

    static final List<StepDefinition> ALL = List.of(
            step(
                    "close.brake-faces",
                    Stage.CLOSE,
                    "Clean the brake faces once more",
                    careful(Caution.BRAKE_FACE),
                    using(Supply.BRAKE_CLEANER, Supply.RAGS),
                    must("close.faces-clean", "what brakes is clean and dry"),
                    after("close.cap", "close.cap-plug", "close.cap-fill", CLOSED),
                    when(s -> s.assembles() && brakeIsOpen(s))),
            step("close.disc-spacer", Stage.CLOSE, "Disc spacer on", after(CLOSED), on(Part.DISC_SPACER)),
            step(
                    "close.disc",
                    Stage.CLOSE,
                    "Disc on",
                    how("Anti-seize on its seat, none on its faces."),
                    careful(Caution.BRAKE_FACE),
                    using(Supply.ANTI_SEIZE),
                    on(Part.DISC)),
            step(
                    "close.locating-pins",
                    Stage.CLOSE,
                    "Locating pins in",
                    how("Each in its own hole, a little anti-seize."),
                    using(Supply.ANTI_SEIZE),
                    with(Tool.SOCKET_SET),
                    on(Part.LOCATING_PINS)),
            HubSteps.linings("close.linings", Stage.CLOSE, s -> !HubSteps.coversLinings(s)),
            step(
                    "close.drum",
                    Stage.CLOSE,
                    "Drum on",
                    careful(Caution.LICENSED_BRAKES),
                    after("close.brake-faces"),
                    on(Part.DRUM)),
            step(
                    "close.caliper",
                    Stage.CLOSE,
                    "Caliper back, bolts to torque",
                    how(
                            "Threadlocker where the maker says so, the removable grade.",
                            "Backing plate clear, hose untwisted."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_HOSE),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH),
                    using(Supply.THREADLOCKER),
                    read(ReadingKind.CALIPER_BOLT_TORQUE),
                    must("close.caliper-torqued", "caliper bolts are at the governing torque"),
                    after("close.brake-faces"),
                    on(Part.CALIPER),
                    when(s -> !s.isOn(Construction.SPACER_SET)),
                    takes(240)),
            step(
                    "close.wheel",
                    Stage.CLOSE,
                    "Wheel on, snug in a star",
                    aided(Aid.WHEEL_SNUG),
                    worded(s -> List.of(how(
                            "Seats and threads of the " + s.fittings().wheel().words() + " clean and dry."))),
                    careful(Caution.HEAVY_WHEEL, Caution.WHEEL_NUTS),
                    with(Tool.WHEEL_BRACE),
                    after("close.cap-plug", "close.cap", "close.cap-fill", CLOSED),
                    on(Part.WHEEL),
                    takes(60)),
            step(
                    "close.rock",
                    Stage.CLOSE,
                    "Rock the wheel once more, before it comes down",
                    why("On the ground nobody feels it any more."),
                    only(Situation::hasRun, how("As after setting, and no worse than the first look.")),
                    see("close.rock-as-set", "the rock is what it was after setting"),
                    after(CLOSED, "close.wheel"),
                    takes(20)),
            step(
                    "close.down",
                    Stage.CLOSE,
                    "Down on its wheels",
                    how("Nothing left under it, stands out, jack out."),
                    careful(Caution.FALLING_RIG),
                    with(Tool.JACK),
                    after(
                            "close.wheel",
                            "close.rock",
                            "close.cap",
                            "close.cap-plug",
                            "close.cap-fill",
                            "close.half-shaft",
                            "close.end-cover",
                            "close.hub-cover",
                            "close.circlip"),
                    takes(60)),
            step(
                    "close.oil",
                    Stage.CLOSE,
                    "Fill the oil, the axle level; wait, look again",
                    why("The bearings fill from it, and it drops."),
                    how("To the mark, the maker's grade."),
                    using(Supply.GEAR_OIL),
                    waits(600, "for the oil to find its level"),
                    must("close.oil-level", "the level stands at its mark again and nothing drips"),
                    after("close.down", "close.cap", "close.half-shaft"),
                    takes(600),
                    when(OpenSteps::drains)),
            step(
                    "close.wheel-nuts",
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
                    after("close.down"),
                    takes(60),
                    when(s -> s.moves(Part.WHEEL))),
            step(
                    "close.pedal",
                    Stage.CLOSE,
                    "Pump the brake until it is hard",
                    careful(Caution.NO_PEDAL, Caution.LICENSED_BRAKES),
                    how("A line was opened: it is bled first, by whoever may."),
                    must("close.pedal-hard", "the pedal is hard"),
                    after("close.down", "close.wheel-nuts"),
                    when(s -> s.assembles()
                            && s.hasBrake()
                            && s.brief().construction().hasPedal())),
            step(
                    "close.brake-adjust",
                    Stage.CLOSE,
                    "Re-adjust the trailer's brakes, and try them",
                    careful(Caution.LICENSED_BRAKES),
                    how("Both sides alike, by the maker's procedure.", "A line was opened: it is bled first."),
                    must("close.brake-holds", "the brake holds, and the wheel is free when it is let go"),
                    after("close.down", "close.wheel-nuts"),
                    takes(240),
                    when(s -> s.assembles()
                            && s.hasBrake()
                            && !s.brief().construction().hasPedal())),
            step(
                    "prove.drive",
                    Stage.PROVE,
                    "A short drive",
                    why("Nothing proves a setting like a few warm kilometres."),
                    how("About " + AfterDrive.ENOUGH_KM + " km: less says nothing."),
                    only(Situation::hasBrake, how("Brakes used little, they heat the hub too.")),
                    takes(1200)),
            step(
                    "prove.temperature",
                    Stage.PROVE,
                    "Hub temperature, left against right",
                    aided(Aid.WARMTH),
                    only(Situation::hasBrake, why("Warm is fine. Hot is too tight, or a dragging brake.")),
                    only(s -> !s.hasBrake(), why("Warm is fine. Hot is too tight.")),
                    careful(Caution.HOT_HUB),
                    only(s -> !s.isRoadside(), with(Tool.THERMOMETER)),
                    read(ReadingKind.HUB_TEMPERATURE, ReadingKind.OTHER_HUB_TEMPERATURE),
                    must(Check.Meaning.WARM_AT_MOST, "prove.warm", "warm at most, and like the other side"),
                    after("prove.drive")),
            step(
                    "prove.oil",
                    Stage.PROVE,
                    "The oil once more, now that the bearings have filled",
                    how("Axle level; topped up to the mark."),
                    using(Supply.GEAR_OIL),
                    see("prove.oil-level", "the level stands at its mark and nothing drips"),
                    after("prove.drive"),
                    when(OpenSteps::drains)),
            step(
                    "prove.rock",
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
                    after("prove.drive", "prove.temperature"),
                    takes(300)),
            step(
                    "prove.nuts-again",
                    Stage.PROVE,
                    "Wheel nuts again after the first 50 to 100 km",
                    aided(Aid.WHEEL_NUTS_AGAIN),
                    only(
                            s -> s.fittings().wheel() == WheelFixing.BOLTS,
                            called("Wheel bolts again after the first 50 to 100 km")),
                    careful(Caution.WHEEL_NUTS),
                    with(Tool.TORQUE_WRENCH),
                    see("prove.retorque-told", "whoever drives it knows, or it stands on the almanac"),
                    after("prove.drive"),
                    when(s -> s.moves(Part.WHEEL))),
            step(
                    "prove.road",
                    Stage.PROVE,
                    "Feel every hub at each stop on the way home",
                    how(
                            "Stop for the night where it is light enough to look again.",
                            "Measured and looked at by daylight as soon as there is a workshop."),
                    careful(Caution.HOT_HUB),
                    after("prove.drive"),
                    when(Situation::isRoadside)),
            step(
                    "remember.parts",
                    Stage.REMEMBER,
                    "Write down what went in",
                    why("Next time somebody asks what is in it."),
                    how("Numbers and batches."),
                    only(s -> !GreaseSteps.isOil(s), how("The grease and its thickener.")),
                    must("remember.parts-entered", "new parts and what it runs in are entered"),
                    takes(60),
                    when(Situation::assembles)),
            step(
                    "remember.spares",
                    Stage.REMEMBER,
                    "Old but sound? Into the bag",
                    how(
                            "Clean, packed, dated: they get somebody home.",
                            "Old cups are kept as drivers, with their size on them."),
                    with(Tool.BAGS),
                    when(s -> s.scope() == Scope.RENEW)),
            step(
                    "remember.next",
                    Stage.REMEMBER,
                    "When is it due again?",
                    how("The governing interval, sooner after dunking or hard use."),
                    see("remember.next-told", "the owner knows when, and what to feel for")));

    private CloseSteps() {}

    /** Whether disc and pads, or a drum apart from its hub, lie open while the hub is already on. */
    private static boolean brakeIsOpen(Situation s) {
        return !s.isOn(Construction.SPACER_SET)
                && (s.fittings().brake() == BrakeKind.DISC
                        || (s.fittings().brake() == BrakeKind.DRUM && s.isOn(Construction.FULL_FLOATING_REAR)));
    }
}
