package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.byMechanic;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.must;
import static oldtallow.core.job.Piece.only;
import static oldtallow.core.job.Piece.read;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.PartMove.Kind;
import oldtallow.core.step.ReadingKind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Tool;

/** Stage 9: setting the nut. The figures are the governing school's; these steps are common practice. */
final class NutSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    "nut.seat",
                    Stage.SET_NUT,
                    "Seat it, turning the hub both ways",
                    why("Unspun rollers read tight and go loose a mile on."),
                    how(
                            "Torque by the governing sequence.",
                            "A jump under the wrench: a cup was not home, back to the races."),
                    only(
                            s -> s.puts(Part.INBOARD_CONE) != Kind.REFIT && s.assembles(),
                            how("New rings: seat, settle and seat again.")),
                    careful(Caution.INCH_POUNDS),
                    with(Tool.NUT_SOCKET, Tool.TORQUE_WRENCH),
                    read(ReadingKind.SEATING_TORQUE, ReadingKind.HUB_TURNS),
                    must("nut.turned", "the hub was turned throughout, both ways"),
                    after("hub.nut"),
                    when(NutSteps::isSet)),
            step(
                    "nut.release",
                    Stage.SET_NUT,
                    "Release it, hub held still",
                    how(
                            "A hub that turns now loses its seat: then seat again.",
                            "Drag to be measured? Pull the scale now, steadily: this is the seal alone."),
                    with(Tool.NUT_SOCKET),
                    read(ReadingKind.DRAG_WITH_NUT_LOOSE),
                    after("nut.seat"),
                    when(NutSteps::isSet)),
            step(
                    "nut.fine",
                    Stage.SET_NUT,
                    "The fine setting",
                    how(
                            "By the governing sequence: fingers, or inch-pounds.",
                            "This is where the stops are counted from."),
                    careful(Caution.INCH_POUNDS),
                    with(Tool.TORQUE_WRENCH_SMALL),
                    read(ReadingKind.FINAL_TORQUE),
                    after("nut.release"),
                    when(NutSteps::isSet)),
            step(
                    "nut.stop",
                    Stage.SET_NUT,
                    "To the stop, looser only",
                    why("Tight kills a bearing far sooner than loose."),
                    how("Match the dial to the nut, take the stop it names, save it."),
                    careful(Caution.NEVER_TIGHTER),
                    // two nuts: locking takes up play, so what is recorded is what stands then
                    only(
                            s -> s.brief().fastening() != Fastening.TWO_NUTS,
                            must("nut.recorded", "the setting is recorded")),
                    after("nut.fine"),
                    when(NutSteps::isSet)),
            step(
                    "nut.play",
                    Stage.SET_NUT,
                    "Measure the end play",
                    why("The angle says what it should be; the dial says what it is."),
                    how("Push and pull the hub while turning it to and fro.", "Several readings; note the spread."),
                    with(Tool.DIAL_INDICATOR),
                    read(ReadingKind.END_PLAY, ReadingKind.ROLLING_DRAG),
                    after("nut.stop"),
                    takes(60),
                    when(s -> isSet(s) && s.brief().fastening() != Fastening.TWO_NUTS)),
            step(
                    "nut.full-torque",
                    Stage.SET_NUT,
                    "Nut to full torque; the spacer sets the play",
                    why("There is nothing to adjust: wrong or mixed parts are the failure here."),
                    how(
                            "The maker's figure, going up, turning the flange.",
                            "On to the next hole, torque still going up, never back."),
                    with(Tool.TORQUE_WRENCH, Tool.NUT_SOCKET),
                    read(ReadingKind.FINAL_TORQUE),
                    must("nut.pair-agrees", "cups, cones and spacer carry the same pair number"),
                    must("nut.hole-going-up", "the hole was met going up, not by backing off"),
                    must("nut.torque-recorded", "the torque is recorded"),
                    must("nut.free-at-torque", "at full torque it turns freely and does not rock"),
                    after("hub.nut"),
                    when(s -> s.isOn(Construction.SPACER_SET))),
            step(
                    "nut.shown",
                    Stage.SET_NUT,
                    "Show the setting to a mechanic",
                    byMechanic(),
                    must("nut.shown-good", "a mechanic felt the setting"),
                    after("nut.stop", "nut.play", "nut.full-torque"),
                    when(s -> s.brief().worker() == JobBrief.Worker.APPRENTICE)));

    private NutSteps() {}

    static boolean isSet(Situation s) {
        return !s.isOn(Construction.SPACER_SET);
    }
}
