package oldtallow.app.setting.model;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.setting.measure.DialReadings;
import oldtallow.core.setting.nut.NutReading;
import org.jspecify.annotations.Nullable;

/**
 * A setting as a mechanic reports it.
 *
 * @param id made by the client
 * @param backOffDegrees from where the nut stood at the reading to where it was locked
 * @param measuredEndPlay after locking, where it was measured
 * @param finalTorque pulled for the fine setting, where a wrench was used
 * @param note reason for anything unusual; may be empty
 * @param readings of which {@code measuredEndPlay} is the outcome; null where only that was sent
 */
public record NewNutSetting(
        UUID id,
        UUID wheelEndId,
        Instant setAt,
        ProcedureId procedure,
        NutReading reading,
        BigDecimal backOffDegrees,
        @Nullable Length measuredEndPlay,
        @Nullable FinalTorque finalTorque,
        String note,
        @Nullable DialReadings readings) {

    /**
     * The torque of the fine setting.
     *
     * @param confirmed whether the mechanic stands by it although it was questioned
     */
    public record FinalTorque(double number, TorqueUnit unit, boolean confirmed) {}
}
