package oldtallow.app.setting.web;

import java.util.Arrays;
import java.util.List;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.form.ProcedureView;
import oldtallow.app.units.form.ThreadForm;
import oldtallow.core.fastening.endplay.RecommendedBackOff;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NutReferenceController {

    private final AdjustmentProcedures procedures;

    NutReferenceController(AdjustmentProcedures procedures) {
        this.procedures = procedures;
    }

    /** Procedures to choose from, threads, and the back-offs of the recommended practice. */
    @GetMapping("/api/v1/nut-reference")
    NutReferenceView reference() {
        return new NutReferenceView(
                procedures.all().stream().map(ProcedureView::of).toList(),
                Arrays.stream(SpindleThread.values()).map(ThreadView::of).toList(),
                Arrays.stream(RecommendedBackOff.values()).map(BackOffView::of).toList());
    }

    record NutReferenceView(List<ProcedureView> procedures, List<ThreadView> threads, List<BackOffView> backOffs) {}

    /** A thread met on spindles. */
    record ThreadView(ThreadForm thread, String designation, String usedOn) {

        static ThreadView of(SpindleThread thread) {
            return new ThreadView(
                    ThreadForm.of(thread.designation(), thread.cut(ThreadHand.RIGHT)),
                    thread.designation(),
                    thread.usedOn());
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
}
