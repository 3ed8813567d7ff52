package oldtallow.app.nut.web;

import java.util.Arrays;
import java.util.List;
import oldtallow.app.wire.LengthView;
import oldtallow.app.wire.ThreadForm;
import oldtallow.app.wire.TorqueView;
import oldtallow.core.endplay.RecommendedBackOff;
import oldtallow.core.quantity.Turn;
import oldtallow.core.sequence.HubMotion;
import oldtallow.core.sequence.NutSchool;
import oldtallow.core.sequence.SequenceStep;
import oldtallow.core.sequence.StepKind;
import oldtallow.core.sequence.TorqueRange;
import oldtallow.core.thread.Hand;
import oldtallow.core.thread.SpindleThread;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NutReferenceController {

    /** What does not change: schools, threads, and the back-offs of the recommended practice. */
    @GetMapping("/api/nut-reference")
    NutReferenceView reference() {
        return new NutReferenceView(
                Arrays.stream(NutSchool.values()).map(SchoolView::of).toList(),
                Arrays.stream(SpindleThread.values()).map(ThreadView::of).toList(),
                Arrays.stream(RecommendedBackOff.values()).map(BackOffView::of).toList());
    }

    record NutReferenceView(List<SchoolView> schools, List<ThreadView> threads, List<BackOffView> backOffs) {}

    /** A thread met on spindles. */
    record ThreadView(ThreadForm thread, String designation, String usedOn) {

        static ThreadView of(SpindleThread thread) {
            return new ThreadView(
                    ThreadForm.of(thread.designation(), thread.cut(Hand.RIGHT)), thread.designation(), thread.usedOn());
        }
    }

    /** A back-off of recommended practice RP 618; its travel is nominal and never the end play. */
    record BackOffView(String axle, boolean jamNut, int threadsPerInch, double degrees, LengthView nominalTravel) {

        static BackOffView of(RecommendedBackOff row) {
            return new BackOffView(
                    row.axle(),
                    row.jamNut(),
                    row.threadsPerInch(),
                    row.backOff().degrees(),
                    LengthView.of(row.nominalTravel()));
        }
    }

    /** A school of setting the nut. */
    record SchoolView(NutSchool id, String label, String usedOn, String endsWith, List<StepView> steps) {

        static SchoolView of(NutSchool school) {
            return new SchoolView(
                    school,
                    school.label(),
                    school.usedOn(),
                    school.endsWith(),
                    school.steps().stream().map(StepView::of).toList());
        }
    }

    /** A step of a school, with its torque in all three units. */
    record StepView(
            StepKind kind,
            String says,
            @Nullable TorqueRangeView torque,
            @Nullable Double backOffDegrees,
            HubMotion hub,
            String lookOutFor) {

        static StepView of(SequenceStep step) {
            @Nullable TorqueRange torque = step.torque();
            @Nullable Turn backOff = step.backOff();
            return new StepView(
                    step.kind(),
                    step.says(),
                    torque == null
                            ? null
                            : new TorqueRangeView(
                                    TorqueView.of(torque.least()), TorqueView.of(torque.most()), torque.openEnded()),
                    backOff == null ? null : backOff.degrees(),
                    step.hub(),
                    step.lookOutFor());
        }
    }

    /** A torque to pull. */
    record TorqueRangeView(TorqueView least, TorqueView most, boolean orMore) {}
}
