package oldtallow.app.register;

import static org.mockito.Mockito.mock;

import java.util.List;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.register.reference.OwnProcedure;
import oldtallow.app.register.reference.ProcedureStore;

/** The trade's procedures for tests that sign nobody in. */
public final class TestProcedures {

    private TestProcedures() {}

    public static AdjustmentProcedures standard() {
        return new AdjustmentProcedures(mock(ProcedureStore.class)) {
            @Override
            public List<OwnProcedure> own() {
                return List.of();
            }
        };
    }
}
