package oldtallow.app.school;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import oldtallow.app.wire.SchoolForm;
import oldtallow.core.sequence.NutSchool;
import oldtallow.core.sequence.SchoolId;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The trade's own schools, read from their file. All figures are common practice unless a school names its source. */
@Component
class StandardSchools {

    private static final String FILE = "/nut-schools.json";

    private final List<NutSchool> all;

    StandardSchools(JsonMapper json) {
        try (InputStream file = StandardSchools.class.getResourceAsStream(FILE)) {
            List<Entry> entries = json.readValue(file, new TypeReference<>() {});
            this.all = entries.stream().map(Entry::toSchool).toList();
        } catch (IOException e) {
            throw new UncheckedIOException("cannot read " + FILE, e);
        }
    }

    /** In the order of the file. */
    List<NutSchool> all() {
        return all;
    }

    /** A school of the file: its name, then what every school has. */
    private record Entry(
            String id,
            String label,
            String usedOn,
            String endsWith,
            String source,
            @Nullable Boolean samePartsOnly,
            List<SchoolForm.StepForm> steps) {

        NutSchool toSchool() {
            return new SchoolForm(label, usedOn, endsWith, source, samePartsOnly, steps).toSchool(new SchoolId(id));
        }
    }
}
