package oldtallow.app.outlet.api;

import java.util.stream.Collectors;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.interval.DueRule;
import org.springframework.stereotype.Component;

/** A figure as it stands on a sheet. */
@Component
class FigureWords {

    private final AdjustmentProcedures procedures;

    FigureWords(AdjustmentProcedures procedures) {
        this.procedures = procedures;
    }

    String of(FigureValue value) {
        return switch (value) {
            case FigureValue.NutSequence(var procedure, String words) ->
                procedures.label(procedure) + (words.isEmpty() ? "" : ": " + words);
            case FigureValue.EndPlay(var window) ->
                SheetWords.length(window.least()) + " to " + SheetWords.length(window.most());
            case FigureValue.BoltTorque(var kind, Torque least, Torque most) ->
                least.equals(most) ? torque(least) : torque(least) + " to " + torque(most);
            case FigureValue.Spanners(String words) -> words;
            case FigureValue.Grease(String words) -> words;
            case FigureValue.Interval(var rules) ->
                rules.stream().map(DueRule::words).collect(Collectors.joining(" or "));
        };
    }

    private static String torque(Torque torque) {
        return SheetWords.number(torque.newtonMetres(), 0) + " N·m (" + SheetWords.number(torque.poundForceFeet(), 0)
                + " lbf·ft)";
    }
}
