package oldtallow.app.figures.web;

import java.util.List;
import java.util.function.Function;
import oldtallow.app.wire.DueRuleView;
import oldtallow.app.wire.LengthView;
import oldtallow.app.wire.TorqueView;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.figure.FigureKind;
import oldtallow.core.figure.FigureValue;
import oldtallow.core.figure.FigureValue.BoltTorque;
import oldtallow.core.figure.FigureValue.EndPlay;
import oldtallow.core.figure.FigureValue.Grease;
import oldtallow.core.figure.FigureValue.Interval;
import oldtallow.core.figure.FigureValue.NutSequence;
import oldtallow.core.figure.FigureValue.Spanners;
import oldtallow.core.interval.DueRule;
import oldtallow.core.quantity.Torque;
import oldtallow.core.sequence.SchoolId;
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
    static FigureValueView of(FigureValue value, Function<SchoolId, String> label) {
        return switch (value) {
            case NutSequence(SchoolId school, String words) ->
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
