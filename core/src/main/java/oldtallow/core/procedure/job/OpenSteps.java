package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.asks;
import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.off;
import static oldtallow.core.procedure.job.Piece.only;
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
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.look.Sign;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;

/** Stage 3, as far as the lock: wheel, brake, cap or drive. Common practice of the trade. */
final class OpenSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.STRIP_WHEEL,
                    Stage.STRIP,
                    "Wheel off",
                    worded(s -> List.of(how("Its " + s.fittings().wheel().words() + " in a pan"
                            + (s.isOn(Construction.OIL_BATH_HEAVY) ? "." : ", the wheel under the sill.")))),
                    only(s -> s.isOn(Construction.OIL_BATH_HEAVY), with(Tool.DOLLY), how("It stays upright.")),
                    careful(Caution.HEAVY_WHEEL),
                    with(Tool.WHEEL_BRACE),
                    off(Part.WHEEL),
                    takes(90)),
            step(
                    StepIds.STRIP_CALIPER,
                    Stage.STRIP,
                    "Caliper and bracket off, hung up",
                    why("A hose that carries a caliper tears inside."),
                    only(
                            s -> s.isOn(Construction.ROTOR_HUB),
                            how(
                                    "Steering unlocked and turned, so that the bolts can be reached.",
                                    "Piston eased back a little first, or the pads hold on the disc.")),
                    how(
                            "Bolts out, pads with it, bracket too where it is in the way.",
                            "Wire it to the spring or the axle."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_DUST, Caution.BRAKE_HOSE),
                    with(Tool.SOCKET_SET, Tool.WIRE_HOOK, Tool.MASK),
                    only(s -> s.isOn(Construction.ROTOR_HUB), with(Tool.PRY_BAR)),
                    off(Part.CALIPER),
                    takes(240)),
            step(
                    StepIds.STRIP_DRUM,
                    Stage.STRIP,
                    "Drum off",
                    how("Slacken the shoes if a worn lip holds it."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_DUST),
                    with(Tool.SOFT_HAMMER, Tool.MASK),
                    off(Part.DRUM),
                    takes(180)),
            step(
                    StepIds.STRIP_LININGS,
                    Stage.STRIP,
                    "Old linings out",
                    how("Both sides of the axle, or it pulls."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_DUST),
                    with(Tool.PLIERS, Tool.MASK),
                    off(Part.LININGS),
                    takes(600)),
            step(
                    StepIds.STRIP_LOCATING_PINS,
                    Stage.STRIP,
                    "Locating pins of the disc out",
                    how("Same pin, same hole: mark them."),
                    with(Tool.SOCKET_SET, Tool.BAGS),
                    off(Part.LOCATING_PINS)),
            step(
                    StepIds.STRIP_DISC,
                    Stage.STRIP,
                    "Disc off",
                    how("A puller if it will not come; no hammer on its face."),
                    only(s -> !s.isRoadside(), with(Tool.PULLER)),
                    off(Part.DISC),
                    takes(120)),
            step(StepIds.STRIP_DISC_SPACER, Stage.STRIP, "Disc spacer off", off(Part.DISC_SPACER)),
            step(
                    StepIds.STRIP_DRAIN,
                    Stage.STRIP,
                    "Drain the oil",
                    why("It runs over everything when the hub is opened."),
                    how("Pan under it, fill plug open.", "Look at what comes: milky is water, glitter is metal."),
                    with(Tool.DRAIN_PAN),
                    using(Supply.RAGS),
                    after(StepIds.STRIP_WHEEL, StepIds.STRIP_DRUM, StepIds.STRIP_CALIPER),
                    takes(300),
                    when(s -> drains(s) && s.hasRun() && s.reachesNut())),
            step(StepIds.STRIP_CAP_PLUG, Stage.STRIP, "Rubber plug out", off(Part.CAP_PLUG), takes(10)),
            step(
                    StepIds.STRIP_CAP,
                    Stage.STRIP,
                    "Cap off",
                    only(
                            s -> s.fittings().cap() == CapKind.OIL_WINDOW,
                            how("Screws out, cap away by hand: no lever against its face."),
                            with(Tool.SOCKET_SET)),
                    only(
                            s -> s.fittings().cap() != CapKind.OIL_WINDOW,
                            how("Tap its rim outward, or cap pliers, turning the hub.", "Keep the rim round."),
                            with(Tool.SOFT_HAMMER)),
                    only(s -> s.fittings().cap() != CapKind.OIL_WINDOW && !s.isRoadside(), with(Tool.CAP_PLIERS)),
                    after(StepIds.STRIP_DRAIN),
                    off(Part.CAP)),
            step(StepIds.STRIP_CAP_GASKET, Stage.STRIP, "Cap gasket off, both faces clean", off(Part.CAP_GASKET)),
            step(
                    StepIds.STRIP_HALF_SHAFT,
                    Stage.STRIP,
                    "Half shaft out",
                    why("A driven axle hides a growl until its shaft is out."),
                    how("Flange bolts out, tap the flange loose, draw it straight.", "Not down onto the stub seal."),
                    with(Tool.SOCKET_SET, Tool.SOFT_HAMMER, Tool.DRAIN_PAN, Tool.HUB_BAR),
                    after(StepIds.STRIP_DRAIN),
                    off(Part.HALF_SHAFT),
                    takes(300)),
            step(
                    StepIds.STRIP_END_COVER,
                    Stage.STRIP,
                    "End cover off",
                    why("The shaft's circlip lies behind it."),
                    how("Pressed: tapped round its rim. Bolted: bolts out, then tapped loose."),
                    with(Tool.SOCKET_SET, Tool.SOFT_HAMMER),
                    off(Part.END_COVER)),
            step(
                    StepIds.STRIP_HUB_COVER,
                    Stage.STRIP,
                    "Cover of the locking hub off",
                    how(
                            "Set to free, screws out; its spring and dial stay together.",
                            "The shaft's circlip lies behind it."),
                    with(Tool.SOCKET_SET, Tool.BAGS),
                    off(Part.HUB_COVER)),
            step(
                    StepIds.STRIP_CIRCLIP,
                    Stage.STRIP,
                    "Circlip off the shaft",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    off(Part.CIRCLIP)),
            step(
                    StepIds.STRIP_SHIMS,
                    Stage.STRIP,
                    "Shims off, kept together",
                    why("They set the shaft's end float, and go back as they were."),
                    with(Tool.BAGS),
                    off(Part.SHIMS)),
            step(
                    StepIds.STRIP_DRIVE_FLANGE,
                    Stage.STRIP,
                    "Drive flange off",
                    how("Hold the hub with a bar, bolts out, tap it loose.", "Mark it to the hub."),
                    see("strip.flange-bolts", "bolts the maker wants used once are laid aside for new ones"),
                    with(Tool.SOCKET_SET, Tool.HUB_BAR, Tool.SOFT_HAMMER),
                    only(s -> !s.isRoadside(), with(Tool.PAINT_MARKER)),
                    off(Part.DRIVE_FLANGE),
                    when(s -> !s.isOn(Construction.SPACER_SET)),
                    takes(180)),
            step(
                    StepIds.STRIP_LOCKING_HUB,
                    Stage.STRIP,
                    "Body of the locking hub off",
                    how("Hold the hub with a bar, nuts off, body off as one.", "Bag it: grit is its death."),
                    see("strip.hub-nuts", "nuts the maker wants used once are laid aside for new ones"),
                    with(Tool.SOCKET_SET, Tool.HUB_BAR, Tool.BAGS),
                    off(Part.LOCKING_HUB),
                    takes(240)),
            step(
                    StepIds.STRIP_FLANGE_GASKET,
                    Stage.STRIP,
                    "Old gasket and sealant off",
                    how("Both faces bare, nothing into the bearing."),
                    off(Part.FLANGE_GASKET)),
            step(
                    StepIds.STRIP_SPIN_AGAIN,
                    Stage.STRIP,
                    "Spin again, without the shaft",
                    asks(Sign.Kind.SPIN_WITHOUT_SHAFT),
                    why("Now only the bearings can growl."),
                    see("look.spun-again", "what it sounds like without the shaft noted"),
                    after(StepIds.STRIP_HALF_SHAFT, StepIds.STRIP_DRIVE_FLANGE, StepIds.STRIP_LOCKING_HUB),
                    when(s -> s.brief().construction().isDriven() && s.isLookedAtFirst() && s.reachesNut())),
            step(
                    StepIds.STRIP_LOOK_GREASE,
                    Stage.STRIP,
                    "Look at the grease, the nut and the lock",
                    asks(Sign.Kind.GREASE, Sign.Kind.LOCK, Sign.Kind.MISPLACED),
                    only(
                            GreaseSteps::isOil,
                            called("Look at the oil, the nut and the lock"),
                            how("Clear, milky, or with glitter in it.")),
                    why("How it was found says what happened to it."),
                    only(
                            s -> !GreaseSteps.isOil(s),
                            how("Clean; black but thick; thin and runny; milky; rusty; gone.")),
                    how("Lock there? Nut loose by hand? Everything in its right place?"),
                    with(Tool.LAMP),
                    see("look.grease-seen", "what it was like, nut and lock as found noted"),
                    after(StepIds.STRIP_CAP, StepIds.STRIP_FLANGE_GASKET, StepIds.STRIP_HALF_SHAFT),
                    when(s -> s.isLookedAtFirst() && (s.reachesNut() || s.moves(Part.CAP)))));

    private OpenSteps() {}

    static boolean drains(Situation s) {
        return GreaseSteps.isOil(s) || s.isOn(Construction.FULL_FLOATING_REAR);
    }
}
