package oldtallow.app.units.form;

import java.util.List;
import oldtallow.app.units.TorqueView;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.HubMotion;
import oldtallow.core.fastening.sequence.SequenceStep;
import oldtallow.core.fastening.sequence.StepKind;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.quantity.Turn;
import org.jspecify.annotations.Nullable;

/**
 * An adjustment procedure.
 *
 * @param samePartsOnly whether it holds only while not one part was changed
 * @param setsTheNut whether it ends at a stop, as against a torque or the old place
 */
public record ProcedureView(
        String id,
        String label,
        String usedOn,
        String endsWith,
        String source,
        boolean samePartsOnly,
        boolean setsTheNut,
        List<SequenceStepView> steps) {

    public static ProcedureView of(AdjustmentProcedure procedure) {
        return new ProcedureView(
                procedure.id().value(),
                procedure.label(),
                procedure.usedOn(),
                procedure.endsWith(),
                procedure.source(),
                procedure.samePartsOnly(),
                procedure.setsTheNut(),
                procedure.steps().stream().map(SequenceStepView::of).toList());
    }

    /**
     * A step of a procedure, with its torque in all three units.
     *
     * @param torque null where none is pulled, and where fingers do it
     * @param turnDegrees of the nut, positive looser
     * @param hubTurns that the hub is turned at least; 0 where nobody counts
     */
    public record SequenceStepView(
            StepKind kind,
            String says,
            @Nullable TorqueRangeView torque,
            @Nullable Double turnDegrees,
            HubMotion hub,
            String hubWords,
            int hubTurns,
            String lookOutFor) {

        public static SequenceStepView of(SequenceStep step) {
            @Nullable TorqueRange torque = step.torque();
            @Nullable Turn turn = step.turn();
            return new SequenceStepView(
                    step.kind(),
                    step.says(),
                    torque == null || step.fingers() ? null : TorqueRangeView.of(torque),
                    turn == null ? null : turn.degrees(),
                    step.hub(),
                    step.hub().words(),
                    step.hubTurns(),
                    step.lookOutFor());
        }
    }

    /** A torque to pull. */
    public record TorqueRangeView(TorqueView least, TorqueView most, boolean orMore) {

        public static TorqueRangeView of(TorqueRange range) {
            return new TorqueRangeView(TorqueView.of(range.least()), TorqueView.of(range.most()), range.openEnded());
        }
    }
}
