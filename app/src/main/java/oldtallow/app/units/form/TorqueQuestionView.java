package oldtallow.app.units.form;

import java.util.Optional;
import oldtallow.app.units.TorqueEntry;
import oldtallow.app.units.TorqueView;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.fastening.sequence.TorqueUnitGuard;
import oldtallow.core.fastening.thread.NutFactor;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * Doubt about a final torque.
 *
 * @param likelyUnit in which the same number is what the procedure asks
 * @param timesExpected how many times what the procedure asks the entry is
 * @param pressKilonewtons axial force the torque as entered would press with; an estimate, nut factor 0.20
 */
public record TorqueQuestionView(
        TorqueUnitGuard.Doubt doubt,
        TorqueView asEntered,
        @Nullable TorqueUnit likelyUnit,
        @Nullable TorqueView asLikely,
        TorqueView expectedLeast,
        TorqueView expectedMost,
        double timesExpected,
        double pressKilonewtons) {

    public static @Nullable TorqueQuestionView of(
            @Nullable TorqueEntry entry, Optional<TorqueRange> asked, Length threadDiameter) {
        if (entry == null || asked.isEmpty()) {
            return null;
        }
        var errors = new FieldErrors();
        var question = errors.at(
                "finalTorque.number", () -> TorqueUnitGuard.question(entry.number(), entry.unit(), asked.get()));
        return errors.require(question).map(doubt -> of(doubt, threadDiameter)).orElse(null);
    }

    public static TorqueQuestionView of(TorqueUnitGuard.Question question, Length threadDiameter) {
        @Nullable Torque likely = question.asLikely();
        return new TorqueQuestionView(
                question.doubt(),
                TorqueView.of(question.asEntered()),
                question.likelyUnit(),
                likely == null ? null : TorqueView.of(likely),
                TorqueView.of(question.expected().least()),
                TorqueView.of(question.expected().most()),
                question.timesExpected(),
                NutFactor.DEFAULT.force(question.asEntered(), threadDiameter).kilonewtons());
    }
}
