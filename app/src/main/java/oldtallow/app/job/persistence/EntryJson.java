package oldtallow.app.job.persistence;

import com.fasterxml.jackson.annotation.JsonAlias;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices;
import org.jooq.JSONB;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** Entries as they lie in the database: their kind and their body. */
@Component
class EntryJson {

    /** What a kind is called there, for good, however its class is called. */
    private static final Map<String, Class<? extends JobEntry>> KINDS = Map.ofEntries(
            Map.entry("Scoped", JobEntry.Scoped.class),
            Map.entry("WayChosen", JobEntry.WayChosen.class),
            Map.entry("StepDone", JobEntry.StepDone.class),
            Map.entry("RunDone", JobEntry.RunDone.class),
            Map.entry("Undone", JobEntry.Undone.class),
            Map.entry("StepUndone", JobEntry.StepUndone.class),
            Map.entry("Added", JobEntry.Added.class),
            Map.entry("Waived", JobEntry.Waived.class),
            Map.entry("Condemned", JobEntry.Condemned.class),
            Map.entry("NotHere", JobEntry.NotHere.class),
            Map.entry("Noted", JobEntry.Noted.class),
            Map.entry("FirstLooked", JobEntry.FirstLooked.class),
            Map.entry("Judged", JobEntry.Judged.class),
            Map.entry("Waits", JobEntry.Waits.class),
            Map.entry("WentOn", JobEntry.WentOn.class),
            Map.entry("Greased", JobEntry.Greased.class),
            Map.entry("SchoolChosen", JobEntry.ProcedureChosen.class),
            Map.entry("CupMoved", JobEntry.CupMoved.class),
            Map.entry("SettingReopened", JobEntry.SettingReopened.class),
            Map.entry("PhotoTaken", JobEntry.PhotoTaken.class),
            Map.entry("Closed", JobEntry.Closed.class),
            Map.entry("SignedOff", JobEntry.SignedOff.class),
            Map.entry("Abandoned", JobEntry.Abandoned.class));

    private static final Map<Class<? extends JobEntry>, String> NAMES =
            KINDS.entrySet().stream().collect(Collectors.toMap(Map.Entry::getValue, Map.Entry::getKey));

    private final JsonMapper json;

    EntryJson(JsonMapper json) {
        this.json = json.rebuild()
                .addModule(new SimpleModule().addDeserializer(Choices.class, new FormerChoices()))
                .addMixIn(JobEntry.ProcedureChosen.class, FormerFields.class)
                .build();
    }

    /** Throws {@link IllegalStateException} for a kind that nobody gave a name. */
    String kind(JobEntry entry) {
        String kind = NAMES.get(entry.getClass());
        if (kind == null) {
            throw new IllegalStateException("no name in the database for " + entry.getClass());
        }
        return kind;
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

    /** What was not yet a choice when it was written went as most do it. */
    private static final class FormerChoices extends ValueDeserializer<Choices> {

        @Override
        public Choices deserialize(JsonParser from, DeserializationContext context) {
            JsonNode written = context.readTree(from);
            return Arrays.stream(ChoiceKind.values())
                    .flatMap(kind -> kind.ways().stream()
                            .filter(way ->
                                    way.name().equals(written.path(kind.id()).asString(""))))
                    .reduce(Choices.USUAL, Choices::with, (one, other) -> other);
        }
    }

    /** Fields by the names older versions wrote. */
    interface FormerFields {

        @JsonAlias("school")
        String procedure();
    }
}
