package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.must;
import static oldtallow.core.job.Piece.on;
import static oldtallow.core.job.Piece.only;
import static oldtallow.core.job.Piece.read;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.using;
import static oldtallow.core.job.Piece.waits;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.ReadingKind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Supply;
import oldtallow.core.step.Tool;

/** Stage 10, first half: locking the nut and closing the hub. Common practice of the trade. */
final class LockSteps {

    static final List<StepDefinition> ALL = List.of(
            step("close.tab-washer", Stage.CLOSE, "New tab washer on", careful(Caution.OLD_LOCK), on(Part.TAB_WASHER)),
            step(
                    "close.outer-nut",
                    Stage.CLOSE,
                    "Outer nut on, tabs bent both ways",
                    how("To its torque, inner nut held.", "One tab over each nut."),
                    with(Tool.NUT_SOCKET, Tool.TORQUE_WRENCH, Tool.COLD_CHISEL),
                    must("close.tabs-bent", "one tab lies on each nut"),
                    on(Part.OUTER_NUT)),
            step(
                    "close.play-locked",
                    Stage.CLOSE,
                    "Measure again, now that it is locked",
                    why("The outer nut closes the thread's own play: the first reading no longer holds."),
                    with(Tool.DIAL_INDICATOR),
                    read(ReadingKind.END_PLAY),
                    must("nut.recorded", "the setting is recorded, with the play as it stands now"),
                    must("close.play-inside", "the play with both nuts tight is inside its window"),
                    after("close.outer-nut"),
                    when(s -> s.moves(Part.OUTER_NUT) && NutSteps.isSet(s))),
            step(
                    "close.tang",
                    Stage.CLOSE,
                    "Tang washer on, tang bent to a flat",
                    with(Tool.HAMMER, Tool.DRIFT),
                    must("close.tang-bent", "a tang that was not bent before lies on a flat"),
                    on(Part.TANG_WASHER)),
            step("close.lock-plate", Stage.CLOSE, "Lock plate on", on(Part.LOCK_PLATE)),
            step(
                    "close.lock-screws",
                    Stage.CLOSE,
                    "Lock screws in, all of them",
                    with(Tool.SCREWDRIVER),
                    must("close.screws-in", "every screw is in and tight"),
                    on(Part.LOCK_SCREWS)),
            step(
                    "close.retainer",
                    Stage.CLOSE,
                    "Nut retainer on",
                    how("Over the nut, a slot on the hole."),
                    on(Part.RETAINER)),
            step(
                    "close.cotter",
                    Stage.CLOSE,
                    "New cotter in, both legs bent",
                    how("Clear of the cap.", "The nut must still move slightly in its lock."),
                    careful(Caution.OLD_LOCK),
                    with(Tool.PLIERS),
                    must("close.cotter-bent", "both legs are bent and clear of the cap"),
                    on(Part.COTTER)),
            step(
                    "close.stake",
                    Stage.CLOSE,
                    "Stake the collar into the slot",
                    how("A round nose, no sharp edge: a cut collar breaks."),
                    with(Tool.HAMMER, Tool.DRIFT, Tool.GOGGLES),
                    careful(Caution.STEEL_CHIPS),
                    must("close.staked", "the collar lies in the slot and is not cracked"),
                    when(s -> s.brief().fastening() == Fastening.STAKED_NUT && s.moves(Part.NUT))),
            step(
                    "close.spin",
                    Stage.CLOSE,
                    "Spin it again",
                    must("close.spins", "it spins free and silent"),
                    after(
                            "close.cotter",
                            "close.stake",
                            "close.lock-screws",
                            "close.tang",
                            "close.play-locked",
                            "close.outer-nut")),
            step(
                    "close.pump",
                    Stage.CLOSE,
                    "Pump it through, turning the hub",
                    why("Pumped without turning, it finds the seal instead of the bearing."),
                    how("About half a cartridge.", "Until clean grease shows at the front."),
                    with(Tool.GREASE_GUN),
                    using(Supply.WHEEL_BEARING_GREASE, Supply.RAGS),
                    must("close.pumped", "clean grease came at the front, and none at the back"),
                    after("close.spin"),
                    takes(180),
                    when(s -> s.isOn(Construction.GREASE_THROUGH) && s.assembles())),
            step(
                    "close.flange-gasket",
                    Stage.CLOSE,
                    "New gasket or sealant on clean faces",
                    using(Supply.SEALANT),
                    after("close.spin"),
                    on(Part.FLANGE_GASKET)),
            step(
                    "close.locking-hub",
                    Stage.CLOSE,
                    "Locking hub on",
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH),
                    must("close.hub-locks", "it locks and frees by hand"),
                    on(Part.LOCKING_HUB),
                    takes(240)),
            step(
                    "close.drive-flange",
                    Stage.CLOSE,
                    "Drive flange on",
                    how("To your mark, bolts crosswise to the maker's figure."),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH),
                    using(Supply.THREADLOCKER),
                    on(Part.DRIVE_FLANGE),
                    when(s -> !s.isOn(Construction.SPACER_SET)),
                    takes(180)),
            step("close.shims", Stage.CLOSE, "Shims on, the same ones", on(Part.SHIMS)),
            step(
                    "close.circlip",
                    Stage.CLOSE,
                    "Circlip in its groove",
                    how("A bolt in the shaft's end thread pulls it out far enough."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    must("close.circlip-home", "it sits in its groove all round"),
                    on(Part.CIRCLIP)),
            step(
                    "close.half-shaft",
                    Stage.CLOSE,
                    "Half shaft in",
                    how(
                            "Held up off the stub seal until the splines meet.",
                            "Flange bolts crosswise to the maker's figure."),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH),
                    on(Part.HALF_SHAFT),
                    takes(240)),
            step("close.cap-gasket", Stage.CLOSE, "New cap gasket on", on(Part.CAP_GASKET)),
            step(
                    "close.cap",
                    Stage.CLOSE,
                    "Cap on, square",
                    only(
                            s -> s.brief().fittings().cap() == CapKind.OIL_WINDOW,
                            how("Screws crosswise, hand-tight and a little."),
                            with(Tool.SOCKET_SET)),
                    only(
                            s -> s.brief().fittings().cap() != CapKind.OIL_WINDOW,
                            how("On its rim, with wood or a soft hammer, until the sound changes."),
                            with(Tool.SOFT_HAMMER)),
                    only(
                            s -> s.brief().choices().capFill() == Choices.CapFill.FILM && !GreaseSteps.isOil(s),
                            how("A film inside against rust.")),
                    only(
                            s -> s.brief().choices().capFill() == Choices.CapFill.FILLED && !GreaseSteps.isOil(s),
                            how("Filled with grease."),
                            using(Supply.WHEEL_BEARING_GREASE)),
                    after("close.spin", "close.pump"),
                    on(Part.CAP)),
            step("close.cap-plug", Stage.CLOSE, "Rubber plug in", on(Part.CAP_PLUG)),
            step(
                    "close.oil",
                    Stage.CLOSE,
                    "Fill the oil, wait, look again",
                    how("To the mark; it drops as the bearings fill.", "The maker's grade."),
                    using(Supply.GEAR_OIL),
                    waits(600, "for the oil to find its level"),
                    must("close.oil-level", "the level stands at its mark and nothing drips"),
                    after("close.cap", "close.half-shaft"),
                    takes(600),
                    when(s -> OpenSteps.drains(s))));

    private LockSteps() {}
}
