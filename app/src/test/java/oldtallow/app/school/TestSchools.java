package oldtallow.app.school;

import static org.mockito.Mockito.mock;

import java.util.List;
import tools.jackson.databind.json.JsonMapper;

/** The trade's schools for tests that sign nobody in. */
public final class TestSchools {

    private TestSchools() {}

    public static NutSchools standard() {
        return new NutSchools(new StandardSchools(JsonMapper.shared()), mock(SchoolStore.class)) {
            @Override
            public List<OwnSchool> own() {
                return List.of();
            }
        };
    }
}
