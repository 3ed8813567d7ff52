package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.aided;
import static oldtallow.core.procedure.job.Piece.byMechanic;
import static oldtallow.core.procedure.job.Piece.called;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.must;
import static oldtallow.core.procedure.job.Piece.on;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.read;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.Piece.worded;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.StepKind;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stage 9: setting the nut. Words and figures are those of the procedure by which it is set; the rest is common practice. */
final class NutSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.SET_WHEEL,
                    Stage.SET_NUT,
                    "Wheel on now, snug in a star",
                    aided(Aid.WHEEL_SNUG),
                    why("With the wheel on, a hand turns the hub easily and feels its rock at the tyre."),
                    worded(s -> List.of(how(
                            "Seats and threads of the " + s.fittings().wheel().words() + " clean and dry."))),
                    how("To torque once it stands on the ground."),
                    careful(Caution.HEAVY_WHEEL, Caution.WHEEL_NUTS),
                    with(Tool.WHEEL_BRACE),
                    after(StepIds.HUB_NUT),
                    on(Part.WHEEL),
                    takes(60),
                    when(Situation::putsWheelOnFirst)),
            step(
                    StepIds.NUT_SEAT,
                    Stage.SET_NUT,
                    "Seat it, turning the hub both ways",
                    aided(Aid.SEAT),
                    why("Unspun rollers read tight and go loose a mile on."),
                    worded(s -> says(s, StepKind.SEAT)),
                    how("A jump under the wrench is a cup that was not home: back to the races."),
                    only(
                            s -> s.puts(Part.INBOARD_CONE) != Kind.REFIT && s.assembles(),
                            how("New rings: seat, settle and seat again.")),
                    worded(s -> wrench(s, StepKind.SEAT, ReadingKind.SEATING_TORQUE)),
                    only(s -> s.fastening() == Fastening.RING_AND_LOCK_PLATE, with(Tool.PIN_SPANNER)),
                    only(s -> s.fastening() != Fastening.RING_AND_LOCK_PLATE, with(Tool.NUT_SOCKET)),
                    read(ReadingKind.HUB_TURNS),
                    must(Check.Meaning.HUB_TURNED, "nut.turned", "the hub was turned throughout, both ways"),
                    after(StepIds.HUB_NUT, StepIds.SET_WHEEL, StepIds.STRIP_TANG),
                    when(s -> has(s, StepKind.SEAT))),
            step(
                    StepIds.NUT_RELEASE,
                    Stage.SET_NUT,
                    "Release it, hub held still",
                    aided(Aid.RELEASE),
                    only(
                            s -> !procedure(s).holdsTheHub(StepKind.RELEASE),
                            called("Back it off, trying the hub as you go")),
                    worded(s -> says(s, StepKind.RELEASE)),
                    only(
                            NutSteps::releasesFully,
                            how("Drag to be measured? Pull the scale now, steadily: this is the seal alone."),
                            read(ReadingKind.DRAG_WITH_NUT_LOOSE)),
                    only(s -> s.fastening() == Fastening.RING_AND_LOCK_PLATE, with(Tool.PIN_SPANNER)),
                    only(s -> s.fastening() != Fastening.RING_AND_LOCK_PLATE, with(Tool.NUT_SOCKET)),
                    after(StepIds.NUT_SEAT),
                    when(s -> has(s, StepKind.RELEASE))),
            step(
                    StepIds.NUT_FINE,
                    Stage.SET_NUT,
                    "The fine setting",
                    aided(Aid.FINE),
                    only(s -> procedure(s).samePartsOnly(), called("Back to where it stood")),
                    worded(s -> says(s, StepKind.FINAL)),
                    worded(s -> wrench(s, StepKind.FINAL, ReadingKind.FINAL_TORQUE)),
                    after(StepIds.NUT_RELEASE, StepIds.NUT_SEAT, StepIds.HUB_NUT, StepIds.STRIP_TANG),
                    when(s -> has(s, StepKind.FINAL))),
            step(
                    StepIds.NUT_STOP,
                    Stage.SET_NUT,
                    "To the stop, looser only",
                    aided(Aid.STOP),
                    why("Tight kills a bearing far sooner than loose."),
                    only(
                            s -> s.fastening().holdsAnywhere(),
                            called("Back to the play it is to keep, looser only"),
                            how("Anywhere inside the dial's green arc; save it.")),
                    only(
                            s -> !s.fastening().holdsAnywhere(),
                            how("Match the dial to the nut, take the stop it names, save it.")),
                    only(s -> s.fastening() == Fastening.TWO_NUTS, how("Locking takes up play: leave that much more.")),
                    only(s -> procedure(s).samePartsOnly(), called("Save where it stands")),
                    careful(Caution.NEVER_TIGHTER),
                    // two nuts: locking takes up play, so what is recorded is what stands then
                    only(
                            s -> s.fastening() != Fastening.TWO_NUTS,
                            must(Check.Meaning.SETTING_RECORDED, "nut.recorded", "the setting is recorded")),
                    after(StepIds.NUT_FINE, StepIds.NUT_RELEASE, StepIds.NUT_SEAT),
                    when(s -> s.reachesNut() && isSet(s))),
            step(
                    StepIds.NUT_PLAY,
                    Stage.SET_NUT,
                    "Measure the end play",
                    aided(Aid.PLAY),
                    why("The angle says what it should be; the dial says what it is."),
                    how("Push and pull the hub while turning it to and fro.", "Several readings; note the spread."),
                    with(Tool.DIAL_INDICATOR),
                    read(ReadingKind.END_PLAY, ReadingKind.ROLLING_DRAG),
                    after(StepIds.NUT_STOP),
                    takes(60),
                    // at the roadside it is felt once it is locked
                    when(s -> s.reachesNut() && isSet(s) && s.fastening() != Fastening.TWO_NUTS && !s.isRoadside())),
            step(
                    StepIds.NUT_FULL_TORQUE,
                    Stage.SET_NUT,
                    "Nut to full torque; the spacer sets the play",
                    aided(Aid.FULL_TORQUE),
                    why("There is nothing to adjust: wrong or mixed parts are the failure here."),
                    how("The maker's figure, going up."),
                    only(
                            s -> s.isOn(Construction.SPACER_SET) && s.hasBrake(),
                            how("Somebody on the pedal: the brake holds the hub.")),
                    only(
                            s -> s.fastening().takesCotter(),
                            how("On to the next hole, torque still going up, never back."),
                            must("nut.hole-going-up", "the hole was met going up, not by backing off")),
                    with(Tool.TORQUE_WRENCH),
                    only(s -> s.fastening() == Fastening.RING_AND_LOCK_PLATE, with(Tool.PIN_SPANNER)),
                    only(s -> s.fastening() != Fastening.RING_AND_LOCK_PLATE, with(Tool.NUT_SOCKET)),
                    read(ReadingKind.FINAL_TORQUE),
                    must("nut.torque-recorded", "the torque is recorded"),
                    must("nut.free-at-torque", "at full torque it turns freely and does not rock"),
                    after(StepIds.HUB_NUT, StepIds.STRIP_TANG, StepIds.HUB_CALIPER),
                    when(s -> s.reachesNut() && !isSet(s))),
            step(
                    StepIds.NUT_SHOWN,
                    Stage.SET_NUT,
                    "Show the setting to a mechanic",
                    byMechanic(),
                    must("nut.shown-good", "a mechanic felt the setting"),
                    after(StepIds.NUT_STOP, StepIds.NUT_PLAY, StepIds.NUT_FULL_TORQUE),
                    when(s -> s.reachesNut() && s.brief().worker() == JobBrief.Worker.APPRENTICE)));

    private NutSteps() {}

    /** Whether the nut sets the play. */
    static boolean isSet(Situation s) {
        return s.brief().setsByNut();
    }

    private static boolean has(Situation s, StepKind kind) {
        return s.reachesNut() && isSet(s) && !procedure(s).steps(kind).isEmpty();
    }

    private static AdjustmentProcedure procedure(Situation s) {
        return s.brief().procedure();
    }

    /** Whether the nut is clear of the bearing afterwards, so that the seal alone can be felt. */
    private static boolean releasesFully(Situation s) {
        return procedure(s).holdsTheHub(StepKind.RELEASE)
                && procedure(s).steps(StepKind.RELEASE).stream().allMatch(step -> step.turn() == null);
    }

    /** What the procedure says, each step in its own words. */
    private static List<Piece> says(Situation s, StepKind kind) {
        return List.of(how(procedure(s).steps(kind).stream()
                .map(step -> step.says() + ".")
                .distinct()
                .toArray(String[]::new)));
    }

    /** A torque wrench only where the procedure pulls a torque, and its caution only where that is printed in inch-pounds. */
    private static List<Piece> wrench(Situation s, StepKind kind, ReadingKind reading) {
        if (!procedure(s).asksWrench(kind)) {
            return List.of();
        }
        return procedure(s).asksInchPounds(kind)
                ? List.of(with(Tool.TORQUE_WRENCH_SMALL), careful(Caution.INCH_POUNDS), read(reading))
                : List.of(with(Tool.TORQUE_WRENCH), read(reading));
    }
}
