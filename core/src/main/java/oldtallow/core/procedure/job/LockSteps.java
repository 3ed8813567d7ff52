package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.aided;
import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.judges;
import static oldtallow.core.procedure.job.Piece.must;
import static oldtallow.core.procedure.job.Piece.on;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.read;
import static oldtallow.core.procedure.job.Piece.see;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.using;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stage 10, first half: locking the nut and closing the hub. Common practice of the trade. */
final class LockSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.CLOSE_TAB_WASHER,
                    Stage.CLOSE,
                    "New tab washer on",
                    careful(Caution.OLD_LOCK),
                    on(Part.TAB_WASHER)),
            step(
                    StepIds.CLOSE_OUTER_NUT,
                    Stage.CLOSE,
                    "Outer nut on, tabs bent both ways",
                    how("To its torque, inner nut held.", "One tab over each nut."),
                    with(Tool.NUT_SOCKET, Tool.TORQUE_WRENCH, Tool.COLD_CHISEL, Tool.HAMMER, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    read(ReadingKind.OUTER_NUT_TORQUE),
                    must("close.tabs-bent", "one tab lies on each nut"),
                    on(Part.OUTER_NUT)),
            step(
                    StepIds.CLOSE_PLAY_LOCKED,
                    Stage.CLOSE,
                    "Measure again, now that it is locked",
                    aided(Aid.PLAY_LOCKED),
                    only(Situation::isRoadside, called("Feel again, now that it is locked")),
                    why("The outer nut closes the thread's own play: the first reading no longer holds."),
                    only(s -> !s.isRoadside(), with(Tool.DIAL_INDICATOR), read(ReadingKind.END_PLAY)),
                    must(
                            Check.Meaning.SETTING_RECORDED,
                            "nut.recorded",
                            "the setting is recorded, with the play as it stands now"),
                    only(
                            s -> !s.isRoadside(),
                            must("close.play-inside", "the play with both nuts tight is inside its window")),
                    only(
                            Situation::isRoadside,
                            must("close.play-inside", "with both nuts tight it rocks hardly and turns freely")),
                    after(StepIds.CLOSE_OUTER_NUT),
                    when(s -> s.moves(Part.OUTER_NUT) && NutSteps.isSet(s))),
            step(
                    StepIds.CLOSE_TANG,
                    Stage.CLOSE,
                    "Tang bent up against a flat of the nut",
                    how("One that was not bent before: a tang bent twice breaks."),
                    with(Tool.HAMMER, Tool.DRIFT, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    must("close.tang-bent", "a fresh tang lies flat against the nut"),
                    after(
                            StepIds.STRIP_TANG,
                            StepIds.HUB_NUT,
                            StepIds.NUT_STOP,
                            StepIds.NUT_PLAY,
                            StepIds.NUT_FULL_TORQUE),
                    when(s -> s.fastening() == Fastening.NUT_AND_TANG_WASHER && s.reachesNut())),
            step(StepIds.CLOSE_LOCK_PLATE, Stage.CLOSE, "Lock plate on", on(Part.LOCK_PLATE)),
            step(
                    StepIds.CLOSE_LOCK_SCREWS,
                    Stage.CLOSE,
                    "Lock screws in, all of them",
                    with(Tool.SCREWDRIVER),
                    must("close.screws-in", "every screw is in and tight"),
                    on(Part.LOCK_SCREWS)),
            step(
                    StepIds.CLOSE_RETAINER,
                    Stage.CLOSE,
                    "Nut retainer on",
                    only(
                            s -> s.fastening() == Fastening.PUSH_ON_RETAINER,
                            how("Pushed home over the nut, its key on the spindle's flat."),
                            must("close.retainer-keyed", "it is home, and the nut cannot turn in it")),
                    only(
                            s -> s.fastening() == Fastening.NUT_AND_RETAINER,
                            how("A slot on the hole; turn it on the nut until one comes.")),
                    on(Part.RETAINER)),
            step(
                    StepIds.CLOSE_COTTER,
                    Stage.CLOSE,
                    "New cotter in, both legs bent",
                    only(s -> hasCap(s), how("Clear of the cap.")),
                    only(
                            s -> s.fastening() == Fastening.CASTLE_NUT && NutSteps.isSet(s),
                            how("The nut must still move slightly in its lock.")),
                    careful(Caution.OLD_LOCK),
                    with(Tool.PLIERS),
                    only(s -> hasCap(s), must("close.cotter-bent", "both legs are bent and clear of the cap")),
                    only(s -> !hasCap(s), must("close.cotter-bent", "both legs are bent, cut short and flat")),
                    on(Part.COTTER)),
            step(
                    StepIds.CLOSE_STAKE,
                    Stage.CLOSE,
                    "Stake the collar into the slot",
                    how("A round nose, no sharp edge: a cut collar breaks."),
                    with(Tool.HAMMER, Tool.DRIFT, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    must("close.staked", "the collar lies in the slot and is not cracked"),
                    when(s -> s.fastening() == Fastening.STAKED_NUT && s.moves(Part.NUT))),
            step(
                    StepIds.CLOSE_SPIN,
                    Stage.CLOSE,
                    "Spin it again",
                    only(s -> !s.isRoadside(), must("close.spins", "it spins free and silent")),
                    only(
                            Situation::isRoadside,
                            called("Spin it, rock it"),
                            why("Measure it as soon as a dial is at hand."),
                            must("close.spins", "it spins free and hardly rocks")),
                    after(
                            StepIds.CLOSE_COTTER,
                            StepIds.CLOSE_RETAINER,
                            StepIds.CLOSE_STAKE,
                            StepIds.CLOSE_LOCK_SCREWS,
                            StepIds.CLOSE_TANG,
                            StepIds.CLOSE_PLAY_LOCKED,
                            StepIds.CLOSE_OUTER_NUT),
                    when(Situation::reachesNut)),
            step(
                    StepIds.CLOSE_PUMP,
                    Stage.CLOSE,
                    "Pump it through, turning the hub",
                    aided(Aid.PUMP),
                    why("Pumped without turning, it finds the seal instead of the bearing."),
                    how("About half a cartridge.", "Until clean grease shows at the front."),
                    with(Tool.GREASE_GUN),
                    using(Supply.WHEEL_BEARING_GREASE, Supply.RAGS),
                    must("close.pumped", "clean grease came at the front, and none at the back"),
                    after(StepIds.CLOSE_SPIN),
                    takes(180),
                    when(s -> s.isOn(Construction.GREASE_THROUGH) && s.assembles() && !GreaseSteps.isOil(s))),
            step(
                    StepIds.CLOSE_FLANGE_GASKET,
                    Stage.CLOSE,
                    "New gasket or sealant on clean faces",
                    using(Supply.SEALANT),
                    after(StepIds.CLOSE_SPIN),
                    on(Part.FLANGE_GASKET)),
            step(
                    StepIds.CLOSE_LOCKING_HUB,
                    Stage.CLOSE,
                    "Body of the locking hub on",
                    how(
                            "Hold the hub with a bar, nuts crosswise to their figure.",
                            "New nuts where the maker wants them used once."),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH, Tool.HUB_BAR),
                    read(ReadingKind.FLANGE_BOLT_TORQUE),
                    on(Part.LOCKING_HUB),
                    takes(240)),
            step(
                    StepIds.CLOSE_DRIVE_FLANGE,
                    Stage.CLOSE,
                    "Drive flange on",
                    only(Situation::hasRun, how("To your mark.")),
                    how(
                            "Hold the hub with a bar, bolts crosswise to their figure.",
                            "New bolts where the maker wants them used once."),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH, Tool.HUB_BAR),
                    using(Supply.THREADLOCKER),
                    read(ReadingKind.FLANGE_BOLT_TORQUE),
                    on(Part.DRIVE_FLANGE),
                    when(s -> !s.isOn(Construction.SPACER_SET)),
                    takes(180)),
            step(
                    StepIds.CLOSE_SHIMS,
                    Stage.CLOSE,
                    "Shims on, the same ones",
                    only(s -> !s.hasRun(), called("Shims on, as the maker lists them")),
                    on(Part.SHIMS)),
            step(
                    StepIds.CLOSE_CIRCLIP,
                    Stage.CLOSE,
                    "Circlip in its groove",
                    how("A bolt in the shaft's end thread pulls it out far enough.", "A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    must("close.circlip-home", "it sits in its groove all round"),
                    on(Part.CIRCLIP)),
            step(
                    StepIds.CLOSE_END_COVER,
                    Stage.CLOSE,
                    "End cover on, sealed",
                    how("Face clean, a thin bead of sealant; pressed home or bolted."),
                    using(Supply.SEALANT),
                    with(Tool.SOFT_HAMMER),
                    on(Part.END_COVER)),
            step(
                    StepIds.CLOSE_HUB_COVER,
                    Stage.CLOSE,
                    "Cover of the locking hub on",
                    how("Set to free, its seal whole, screws crosswise."),
                    with(Tool.SOCKET_SET),
                    // going home, it may stay free
                    only(s -> !s.isRoadside(), must("close.hub-locks", "it locks and frees by hand")),
                    on(Part.HUB_COVER)),
            step(
                    StepIds.CLOSE_HALF_SHAFT,
                    Stage.CLOSE,
                    "Half shaft in",
                    how(
                            "Held up off the stub seal until the splines meet.",
                            "Flange bolts crosswise to their figure; new ones where the maker wants them used once."),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH, Tool.HUB_BAR),
                    read(ReadingKind.FLANGE_BOLT_TORQUE),
                    on(Part.HALF_SHAFT),
                    takes(240)),
            step(StepIds.CLOSE_CAP_GASKET, Stage.CLOSE, "New cap gasket on", on(Part.CAP_GASKET)),
            step(
                    StepIds.CLOSE_CAP,
                    Stage.CLOSE,
                    "Cap on, square",
                    aided(Aid.CAP),
                    only(
                            s -> s.fittings().cap() == CapKind.OIL_WINDOW,
                            how("Screws crosswise, hand-tight and a little."),
                            with(Tool.SOCKET_SET)),
                    only(
                            s -> s.fittings().cap() != CapKind.OIL_WINDOW,
                            how("On its rim, with wood or a soft hammer, until the sound changes."),
                            with(Tool.SOFT_HAMMER)),
                    only(
                            s -> isGreasedCap(s) && s.brief().choices().capFill() == Choices.CapFill.FILM,
                            how("A film inside against rust.")),
                    only(
                            s -> isGreasedCap(s) && s.brief().choices().capFill() == Choices.CapFill.FILLED,
                            how("Filled with grease."),
                            using(Supply.WHEEL_BEARING_GREASE)),
                    only(LockSteps::isSpringLoaded, how("Dry: it is filled through its nipple once it is on.")),
                    after(StepIds.CLOSE_SPIN, StepIds.CLOSE_PUMP),
                    // where nothing else is judged, it is looked at on its way back
                    only(
                            s -> s.puts(Part.CAP) == Kind.REFIT && !JudgeSteps.judgesCap(s),
                            judges(Part.CAP),
                            see("close.cap-good", "rim round, no dent, no crack")),
                    on(Part.CAP)),
            step(
                    StepIds.CLOSE_CAP_FILL,
                    Stage.CLOSE,
                    "Fill the cap through its nipple, turning the hub",
                    why("Past the piston's travel it pushes the inner seal out."),
                    how(
                            "Slowly, until the piston stands some 3 mm out of its rest, or the cap weeps at its relief.",
                            "Not a stroke more."),
                    with(Tool.GREASE_GUN),
                    using(Supply.WHEEL_BEARING_GREASE, Supply.RAGS),
                    must("close.piston-up", "the piston has risen and is not at its end"),
                    after(StepIds.CLOSE_CAP),
                    takes(90),
                    when(s -> isSpringLoaded(s) && (s.moves(Part.CAP) || s.isTopUp()))),
            step(StepIds.CLOSE_CAP_PLUG, Stage.CLOSE, "Rubber plug in", on(Part.CAP_PLUG)));

    private LockSteps() {}

    private static boolean isSpringLoaded(Situation s) {
        return s.fittings().cap() == CapKind.SPRING_LOADED && !GreaseSteps.isOil(s);
    }

    private static boolean isGreasedCap(Situation s) {
        return !GreaseSteps.isOil(s) && !isSpringLoaded(s);
    }

    /** Whether a cap closes the hub over its cotter; a flange leaves more room. */
    private static boolean hasCap(Situation s) {
        return s.moves(Part.CAP);
    }
}
