package oldtallow.app.job.persistence;

import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.core.procedure.bench.JobEntry;
import org.jooq.JSONB;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Entries as they lie in the database: their kind and their body. */
@Component
class EntryJson {

    /** A kind is the record's own name; renaming one needs a migration. */
    private static final Map<String, Class<? extends JobEntry>> KINDS = Arrays.stream(
                    JobEntry.class.getPermittedSubclasses())
            .map(kind -> kind.<JobEntry>asSubclass(JobEntry.class))
            .collect(Collectors.toMap(Class::getSimpleName, Function.identity()));

    private final JsonMapper json;

    EntryJson(JsonMapper json) {
        this.json = json;
    }

    String kind(JobEntry entry) {
        return entry.getClass().getSimpleName();
    }

    JSONB body(JobEntry entry) {
        return JSONB.valueOf(json.writeValueAsString(entry));
    }

    JobEntry read(String kind, JSONB body) {
        Class<? extends JobEntry> type = KINDS.get(kind);
        if (type == null) {
            throw new IllegalStateException("an entry of a kind that this version does not know: " + kind);
        }
        return json.readValue(body.data(), type);
    }
}
