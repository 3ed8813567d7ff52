package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.must;
import static oldtallow.core.job.Piece.on;
import static oldtallow.core.job.Piece.read;
import static oldtallow.core.job.Piece.see;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.using;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.ReadingKind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Supply;
import oldtallow.core.step.Tool;

/** Stage 10, second half, to 12: brake and wheel on, proved, remembered. Common practice of the trade. */
final class CloseSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    "close.brake-faces",
                    Stage.CLOSE,
                    "Clean the brake faces once more",
                    careful(Caution.BRAKE_FACE),
                    using(Supply.BRAKE_CLEANER, Supply.RAGS),
                    must("close.faces-clean", "no grease on drum, disc or linings"),
                    after("close.cap", "close.cap-plug", "close.oil", "close.spin"),
                    when(s -> s.assembles() && s.hasBrake())),
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
                    must("close.caliper-torqued", "caliper bolts are at the maker's torque"),
                    after("close.brake-faces"),
                    on(Part.CALIPER),
                    takes(240)),
            step(
                    "close.wheel",
                    Stage.CLOSE,
                    "Wheel on, nuts snug in a star",
                    how("Seats and threads clean and dry."),
                    careful(Caution.HEAVY_WHEEL, Caution.WHEEL_NUTS),
                    with(Tool.WHEEL_BRACE),
                    after("close.cap-plug", "close.cap", "close.oil", "close.spin"),
                    on(Part.WHEEL),
                    takes(60)),
            step(
                    "close.down",
                    Stage.CLOSE,
                    "Down on its wheels",
                    how("Nothing left under it, stands out, jack out."),
                    careful(Caution.FALLING_RIG),
                    with(Tool.JACK),
                    after(
                            "close.wheel",
                            "close.cap",
                            "close.cap-plug",
                            "close.oil",
                            "close.half-shaft",
                            "close.circlip"),
                    takes(60)),
            step(
                    "close.wheel-nuts",
                    Stage.CLOSE,
                    "Wheel nuts to torque, in the star",
                    how("In stages: half, then full, then once round."),
                    careful(Caution.WHEEL_NUTS),
                    with(Tool.TORQUE_WRENCH),
                    read(ReadingKind.WHEEL_NUT_TORQUE),
                    must("close.nuts-torqued", "every wheel nut is at the governing torque"),
                    after("close.down"),
                    takes(60),
                    when(s -> s.moves(Part.WHEEL))),
            step(
                    "close.pedal",
                    Stage.CLOSE,
                    "Pump the brake until it is hard",
                    careful(Caution.NO_PEDAL, Caution.LICENSED_BRAKES),
                    must("close.pedal-hard", "the pedal is hard, or the trailer's brake holds"),
                    after("close.down", "close.wheel-nuts"),
                    when(s -> s.assembles() && s.hasBrake())),
            step(
                    "close.brake-adjust",
                    Stage.CLOSE,
                    "Re-adjust the trailer's brakes",
                    careful(Caution.LICENSED_BRAKES),
                    how("Both sides alike, by the maker's procedure."),
                    after("close.pedal"),
                    takes(240),
                    when(s -> s.assembles()
                            && s.brief().fittings().brake() == BrakeKind.DRUM
                            && !s.brief().construction().isDriven())),
            step(
                    "prove.drive",
                    Stage.PROVE,
                    "A short drive",
                    why("Nothing proves a setting like a few warm miles."),
                    how("Ten minutes, brakes used little: they heat the hub too."),
                    takes(900)),
            step(
                    "prove.temperature",
                    Stage.PROVE,
                    "Hub temperature, left against right",
                    why("Warm is fine. Hot is too tight, or a dragging brake."),
                    careful(Caution.HOT_HUB),
                    with(Tool.THERMOMETER),
                    read(ReadingKind.HUB_TEMPERATURE, ReadingKind.OTHER_HUB_TEMPERATURE),
                    must("prove.warm", "warm at most, and like the other side"),
                    after("prove.drive")),
            step(
                    "prove.rock",
                    Stage.PROVE,
                    "Rock it once more",
                    how("Loose: take it up by a stop and prove again."),
                    read(ReadingKind.ROCK),
                    must("prove.no-rock", "the rock is what it was after setting"),
                    after("prove.drive")),
            step(
                    "prove.nuts-again",
                    Stage.PROVE,
                    "Wheel nuts again after the first 50 to 100 km",
                    careful(Caution.WHEEL_NUTS),
                    with(Tool.TORQUE_WRENCH),
                    see("prove.retorque-told", "whoever drives it knows, or it stands on the almanac"),
                    after("prove.drive"),
                    when(s -> s.moves(Part.WHEEL))),
            step(
                    "prove.road",
                    Stage.PROVE,
                    "Feel every hub at each stop on the way home",
                    careful(Caution.HOT_HUB),
                    after("prove.drive"),
                    when(s -> s.scope() == Scope.ROADSIDE)),
            step(
                    "remember.parts",
                    Stage.REMEMBER,
                    "Write down what went in",
                    why("Next time somebody asks which grease this was."),
                    how("Numbers and batches, the grease and its thickener."),
                    must("remember.parts-entered", "new parts and the grease are entered"),
                    takes(60),
                    when(Situation::assembles)),
            step(
                    "remember.spares",
                    Stage.REMEMBER,
                    "Old but sound? Into the bag",
                    how("Clean, packed, dated: they get somebody home."),
                    with(Tool.BAGS),
                    when(s -> s.scope() == Scope.RENEW || s.scope() == Scope.EXCHANGE)),
            step(
                    "remember.next",
                    Stage.REMEMBER,
                    "When is it due again?",
                    how("The governing interval, sooner after dunking or hard use."),
                    see("remember.next-told", "the owner knows when, and what to feel for")));

    private CloseSteps() {}
}
