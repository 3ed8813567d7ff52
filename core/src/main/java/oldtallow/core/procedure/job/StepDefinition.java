package oldtallow.core.procedure.job;

import java.util.List;
import oldtallow.core.procedure.step.Stage;

/** A step as it is written down once for all constructions, with the conditions under which it is done. */
record StepDefinition(String id, Stage stage, String what, List<Piece> pieces) {

    static StepDefinition step(String id, Stage stage, String what, Piece... pieces) {
        return new StepDefinition(id, stage, what, List.of(pieces));
    }
}
