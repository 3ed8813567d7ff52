package oldtallow.app.job.web;

import java.util.List;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.look.Diagnosis;
import oldtallow.core.procedure.look.Sign;
import org.jspecify.annotations.Nullable;

/** What the first look saw and points to. */
record DiagnosisView(
        List<Sign> signs,
        List<SuspectedView> suspicions,
        Diagnosis.Drive drive,
        String driveWords,
        String driveReason) {

    static @Nullable DiagnosisView of(Bench<WheelEnd> bench) {
        return bench.diagnosis()
                .map(diagnosis -> new DiagnosisView(
                        bench.firstLook().map(JobEntry.FirstLooked::signs).orElse(List.of()),
                        diagnosis.suspicions().stream().map(SuspectedView::of).toList(),
                        diagnosis.drive(),
                        diagnosis.drive().words(),
                        diagnosis.driveReason()))
                .orElse(null);
    }

    /** A suspicion, what speaks for it, and what to look at next. */
    record SuspectedView(String words, List<String> because, String lookNext) {

        static SuspectedView of(Diagnosis.Suspected suspected) {
            return new SuspectedView(
                    suspected.suspicion().words(),
                    suspected.because(),
                    suspected.suspicion().lookNext());
        }
    }
}
