package oldtallow.app.register.web;

import java.util.List;
import java.util.function.Function;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.TorqueView;
import oldtallow.app.units.form.DueRuleView;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.BoltTorque;
import oldtallow.core.schedule.figure.FigureValue.EndPlay;
import oldtallow.core.schedule.figure.FigureValue.Grease;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.FigureValue.NutSequence;
import oldtallow.core.schedule.figure.FigureValue.Spanners;
import oldtallow.core.schedule.interval.DueRule;
import org.jspecify.annotations.Nullable;

/** A figure's value; which fields there are depends on its kind. */
record FigureValueView(
        @Nullable String school,
        @Nullable String schoolLabel,
        @Nullable String words,
        @Nullable LengthView least,
        @Nullable LengthView most,
        @Nullable TorqueView leastTorque,
        @Nullable TorqueView mostTorque,
        @Nullable List<DueRuleView> rules) {

    /** {@code label} names a school. */
    static FigureValueView of(FigureValue value, Function<ProcedureId, String> label) {
        return switch (value) {
            case NutSequence(ProcedureId school, String words) ->
                new FigureValueView(
                        school.value(),
                        label.apply(school),
                        words.isEmpty() ? null : words,
                        null,
                        null,
                        null,
                        null,
                        null);
            case EndPlay(EndPlayWindow window) ->
                new FigureValueView(
                        null,
                        null,
                        null,
                        LengthView.of(window.least()),
                        LengthView.of(window.most()),
                        null,
                        null,
                        null);
            case BoltTorque(FigureKind kind, Torque least, Torque most) ->
                new FigureValueView(null, null, null, null, null, TorqueView.of(least), TorqueView.of(most), null);
            case Spanners(String words) -> new FigureValueView(null, null, words, null, null, null, null, null);
            case Grease(String words) -> new FigureValueView(null, null, words, null, null, null, null, null);
            case Interval(List<DueRule> rules) ->
                new FigureValueView(
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null,
                        rules.stream().map(DueRuleView::of).toList());
        };
    }
}
