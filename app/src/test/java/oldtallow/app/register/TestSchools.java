package oldtallow.app.register;

import static org.mockito.Mockito.mock;

import java.util.List;
import oldtallow.app.register.api.NutSchools;
import oldtallow.app.register.reference.OwnSchool;
import oldtallow.app.register.reference.SchoolStore;

/** The trade's schools for tests that sign nobody in. */
public final class TestSchools {

    private TestSchools() {}

    public static NutSchools standard() {
        return new NutSchools(mock(SchoolStore.class)) {
            @Override
            public List<OwnSchool> own() {
                return List.of();
            }
        };
    }
}
