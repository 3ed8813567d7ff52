package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.off;
import static oldtallow.core.job.Piece.only;
import static oldtallow.core.job.Piece.see;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.using;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Supply;
import oldtallow.core.step.Tool;

/** Stage 3, as far as the lock: wheel, brake, cap or drive. Common practice of the trade. */
final class OpenSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    "strip.wheel",
                    Stage.STRIP,
                    "Wheel off",
                    how("Nuts in a pan, wheel under the sill."),
                    only(
                            s -> s.isOn(Construction.STRAIGHT_SPINDLE),
                            how("On a small trailer it may stay on and come off with the hub.")),
                    only(s -> s.isOn(Construction.OIL_BATH_HEAVY), with(Tool.DOLLY), how("It stays upright.")),
                    careful(Caution.HEAVY_WHEEL),
                    with(Tool.WHEEL_BRACE),
                    off(Part.WHEEL),
                    takes(90)),
            step(
                    "strip.caliper",
                    Stage.STRIP,
                    "Caliper off, hung up",
                    why("A hose that carries a caliper tears inside."),
                    how("Two bolts, pads with it.", "Wire it to the spring or the axle."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_DUST, Caution.BRAKE_HOSE),
                    with(Tool.SOCKET_SET, Tool.WIRE_HOOK, Tool.MASK),
                    off(Part.CALIPER),
                    takes(240)),
            step(
                    "strip.drum",
                    Stage.STRIP,
                    "Drum off",
                    how("Slacken the shoes if a worn lip holds it."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_DUST),
                    with(Tool.SOFT_HAMMER, Tool.MASK),
                    off(Part.DRUM),
                    takes(180)),
            step(
                    "strip.drain",
                    Stage.STRIP,
                    "Drain the oil",
                    why("It runs over the brake when the flange comes away."),
                    how("Pan under it, fill plug open.", "Look at what comes: milky is water, glitter is metal."),
                    with(Tool.DRAIN_PAN),
                    using(Supply.RAGS),
                    after("strip.wheel", "strip.drum", "strip.caliper"),
                    takes(300),
                    when(s -> drains(s) && s.scope() != Scope.FIRST_BUILD)),
            step("strip.cap-plug", Stage.STRIP, "Rubber plug out", off(Part.CAP_PLUG), takes(10)),
            step(
                    "strip.cap",
                    Stage.STRIP,
                    "Cap off",
                    only(
                            s -> s.brief().fittings().cap() == CapKind.OIL_WINDOW,
                            how("Screws out, cap away by hand: no lever against its face."),
                            with(Tool.SOCKET_SET)),
                    only(
                            s -> s.brief().fittings().cap() != CapKind.OIL_WINDOW,
                            how("Tap its rim outward, or cap pliers, turning the hub.", "Keep the rim round."),
                            with(Tool.CAP_PLIERS, Tool.SOFT_HAMMER)),
                    after("strip.drain"),
                    off(Part.CAP)),
            step("strip.cap-gasket", Stage.STRIP, "Cap gasket off, both faces clean", off(Part.CAP_GASKET)),
            step(
                    "strip.half-shaft",
                    Stage.STRIP,
                    "Half shaft out",
                    why("A driven axle hides a growl until its shaft is out."),
                    how("Flange bolts out, tap the flange loose, draw it straight.", "Not down onto the stub seal."),
                    with(Tool.SOCKET_SET, Tool.SOFT_HAMMER, Tool.DRAIN_PAN),
                    after("strip.drain"),
                    off(Part.HALF_SHAFT),
                    takes(300)),
            step(
                    "strip.circlip",
                    Stage.STRIP,
                    "Circlip off",
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.CIRCLIP)),
            step(
                    "strip.shims",
                    Stage.STRIP,
                    "Shims off, kept together",
                    why("They set the shaft's end float, and go back as they were."),
                    with(Tool.BAGS),
                    off(Part.SHIMS)),
            step(
                    "strip.drive-flange",
                    Stage.STRIP,
                    "Drive flange off",
                    how("Bolts out, tap it loose.", "Mark it to the hub."),
                    with(Tool.SOCKET_SET, Tool.SOFT_HAMMER, Tool.PAINT_MARKER),
                    off(Part.DRIVE_FLANGE),
                    when(s -> !s.isOn(Construction.SPACER_SET)),
                    takes(180)),
            step(
                    "strip.locking-hub",
                    Stage.STRIP,
                    "Locking hub off",
                    how("Set to free, screws out, body off as one.", "Bag it: grit is its death."),
                    with(Tool.SOCKET_SET, Tool.BAGS),
                    off(Part.LOCKING_HUB),
                    takes(240)),
            step(
                    "strip.flange-gasket",
                    Stage.STRIP,
                    "Old gasket and sealant off",
                    how("Both faces bare, nothing into the bearing."),
                    off(Part.FLANGE_GASKET)),
            step(
                    "strip.spin-again",
                    Stage.STRIP,
                    "Spin again, without the shaft",
                    why("Now only the bearings can growl."),
                    see("look.spun-again", "what it sounds like without the shaft noted"),
                    after("strip.half-shaft", "strip.drive-flange", "strip.locking-hub"),
                    when(s -> s.brief().construction().isDriven() && s.scope() != Scope.FIRST_BUILD)),
            step(
                    "strip.look-grease",
                    Stage.STRIP,
                    "Look at the grease, the nut and the lock",
                    why("How it was found says what happened to it."),
                    how(
                            "Clean; black but thick; thin and runny; milky; rusty; gone.",
                            "Lock there? Nut loose by hand? Everything in its right place?"),
                    with(Tool.LAMP),
                    see("look.grease-seen", "grease, nut and lock as found noted"),
                    after("strip.cap", "strip.flange-gasket", "strip.half-shaft"),
                    when(s -> s.scope() != Scope.FIRST_BUILD)));

    private OpenSteps() {}

    static boolean drains(Situation s) {
        return s.brief().fittings().cavity() == CavityFill.OIL || s.isOn(Construction.FULL_FLOATING_REAR);
    }
}
