package oldtallow.app.units.form;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.HubMotion;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.sequence.SequenceStep;
import oldtallow.core.fastening.sequence.StepKind;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.quantity.Turn;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/** An adjustment procedure as it is written down: in the file of the trade's procedures, and in a workshop's own. */
public record ProcedureForm(
        String label,
        @Nullable String usedOn,
        @Nullable String endsWith,
        String source,
        @Nullable Boolean samePartsOnly,
        List<StepForm> steps) {

    private static final Map<Quantity, String> FIELDS = Map.of(
            EnteredQuantity.NAME_OF_PROCEDURE, "label",
            EnteredQuantity.USED_ON, "usedOn",
            EnteredQuantity.ENDS_WITH, "endsWith",
            EnteredQuantity.SOURCE, "source",
            EnteredQuantity.NUMBER_OF_STEPS, "steps",
            EnteredQuantity.ORDER_OF_STEPS, "steps");

    /**
     * A step of it.
     *
     * @param fingers whether fingers do it and no wrench is asked for; null for no
     * @param turnDegrees of the nut, positive looser; null where the procedure fixes none
     * @param hubTurns that the hub is turned at least; null where nobody counts
     */
    public record StepForm(
            StepKind kind,
            String says,
            @Nullable TorqueRangeForm torque,
            @Nullable Boolean fingers,
            @Nullable BigDecimal turnDegrees,
            HubMotion hub,
            @Nullable Integer hubTurns,
            @Nullable String lookOutFor) {

        static StepForm of(SequenceStep step) {
            @Nullable TorqueRange torque = step.torque();
            @Nullable Turn turn = step.turn();
            return new StepForm(
                    step.kind(),
                    step.says(),
                    torque == null ? null : TorqueRangeForm.of(torque),
                    step.fingers() ? true : null,
                    turn == null ? null : BigDecimal.valueOf(turn.degrees()),
                    step.hub(),
                    step.hubTurns() == 0 ? null : step.hubTurns(),
                    step.lookOutFor());
        }

        private @Nullable SequenceStep toStep(String path, FieldErrors errors) {
            @Nullable TorqueRange range = torque == null ? null : errors.at(path + ".torque", torque::toRange);
            @Nullable
            Turn turn =
                    turnDegrees == null ? null : errors.at(path + ".turnDegrees", () -> Turn.ofDegrees(turnDegrees));
            Map<Quantity, String> fields = Map.of(
                    EnteredQuantity.WORDS_OF_STEP, path + ".says",
                    EnteredQuantity.LOOK_OUT_FOR, path + ".lookOutFor",
                    EnteredQuantity.TORQUE, path + ".torque",
                    EnteredQuantity.TURN_OF_NUT, path + ".turnDegrees",
                    ReadingKind.HUB_TURNS, path + ".hubTurns");
            return errors.at(
                    path,
                    fields,
                    () -> new SequenceStep(
                            kind,
                            says.strip(),
                            range,
                            Boolean.TRUE.equals(fingers),
                            turn,
                            hub,
                            hubTurns == null ? 0 : hubTurns,
                            lookOutFor == null ? "" : lookOutFor.strip()));
        }
    }

    /** A torque to pull; {@code orMore} where more is still meant. */
    public record TorqueRangeForm(
            Double least,
            Double most,
            TorqueUnit unit,
            @Nullable Boolean orMore) {

        private static final MathContext TYPED = new MathContext(6);

        static TorqueRangeForm of(TorqueRange range) {
            return new TorqueRangeForm(
                    rounded(range.least(), range.unit()),
                    rounded(range.most(), range.unit()),
                    range.unit(),
                    range.openEnded());
        }

        TorqueRange toRange() {
            return new TorqueRange(Torque.of(least, unit), Torque.of(most, unit), Boolean.TRUE.equals(orMore), unit);
        }

        private static double rounded(Torque torque, TorqueUnit unit) {
            return BigDecimal.valueOf(torque.newtonMetres() / unit.newtonMetres())
                    .round(TYPED)
                    .doubleValue();
        }
    }

    public static ProcedureForm of(AdjustmentProcedure procedure) {
        return new ProcedureForm(
                procedure.label(),
                procedure.usedOn(),
                procedure.endsWith(),
                procedure.source(),
                procedure.samePartsOnly(),
                procedure.steps().stream().map(StepForm::of).toList());
    }

    /** The procedure, or a refusal that names every field that is wrong. */
    public AdjustmentProcedure toProcedure(ProcedureId id) {
        var errors = new FieldErrors();
        List<SequenceStep> made = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            @Nullable SequenceStep step = steps.get(i).toStep("steps[" + i + "]", errors);
            if (step != null) {
                made.add(step);
            }
        }
        errors.throwIfAny();
        return errors.require(errors.at(
                "steps",
                FIELDS,
                () -> new AdjustmentProcedure(
                        id,
                        label.strip(),
                        usedOn == null ? "" : usedOn.strip(),
                        endsWith == null ? "" : endsWith.strip(),
                        source.strip(),
                        Boolean.TRUE.equals(samePartsOnly),
                        made)));
    }
}
