package oldtallow.app.register.web;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
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

/** What a figure says. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "form")
@JsonSubTypes({
    @JsonSubTypes.Type(value = FigureValueView.SequenceFigureView.class, name = "SEQUENCE"),
    @JsonSubTypes.Type(value = FigureValueView.EndPlayFigureView.class, name = "END_PLAY"),
    @JsonSubTypes.Type(value = FigureValueView.TorqueFigureView.class, name = "TORQUE"),
    @JsonSubTypes.Type(value = FigureValueView.WordsFigureView.class, name = "WORDS"),
    @JsonSubTypes.Type(value = FigureValueView.RulesFigureView.class, name = "RULES")
})
sealed interface FigureValueView {

    /** {@code label} names an adjustment procedure. */
    static FigureValueView of(FigureValue value, Function<ProcedureId, String> label) {
        return switch (value) {
            case NutSequence(ProcedureId procedure, String words) ->
                new SequenceFigureView(procedure.value(), label.apply(procedure), words);
            case EndPlay(EndPlayWindow window) ->
                new EndPlayFigureView(LengthView.of(window.least()), LengthView.of(window.most()));
            case BoltTorque(FigureKind kind, Torque least, Torque most) ->
                new TorqueFigureView(TorqueView.of(least), TorqueView.of(most));
            case Spanners(String words) -> new WordsFigureView(words);
            case Grease(String words) -> new WordsFigureView(words);
            case Interval(List<DueRule> rules) ->
                new RulesFigureView(rules.stream().map(DueRuleView::of).toList());
        };
    }

    /** How the nut is set. */
    record SequenceFigureView(String procedure, String procedureLabel, String words) implements FigureValueView {}

    /** The end play it is to have; negative is preload. */
    record EndPlayFigureView(LengthView least, LengthView most) implements FigureValueView {}

    /** What a bolt or nut is pulled to. */
    record TorqueFigureView(TorqueView least, TorqueView most) implements FigureValueView {}

    /** A grease or a spanner, as somebody wrote it. */
    record WordsFigureView(String words) implements FigureValueView {}

    /** When it is due: whichever comes first. */
    record RulesFigureView(List<DueRuleView> rules) implements FigureValueView {}
}
