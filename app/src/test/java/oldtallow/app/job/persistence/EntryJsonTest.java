package oldtallow.app.job.persistence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import oldtallow.core.procedure.bench.JobEntry;
import org.jooq.JSONB;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import tools.jackson.databind.json.JsonMapper;

class EntryJsonTest {

    private final EntryJson entries = new EntryJson(JsonMapper.shared());

    @Test
    void namesEveryKindOnce() {
        List<String> names = Arrays.stream(JobEntry.class.getPermittedSubclasses())
                .map(kind -> entries.kind((JobEntry) Mockito.mock(kind)))
                .toList();

        assertThat(names).doesNotHaveDuplicates().contains("StepDone", "SignedOff");
    }

    @Test
    void readsBackWhatItWrote() {
        var waived = new JobEntry.Waived("raise.on-stands", "stood on its wheels");

        assertThat(entries.read(entries.kind(waived), entries.body(waived))).isEqualTo(waived);
    }

    /** As it lies in the books of those who chose one before procedures were called so. */
    @Test
    void readsWhatOlderVersionsWrote() {
        var chosen = new JobEntry.ProcedureChosen("TWO_NUTS");

        assertThat(entries.kind(chosen)).isEqualTo("SchoolChosen");
        assertThat(entries.read("SchoolChosen", JSONB.valueOf("{\"school\": \"TWO_NUTS\"}")))
                .isEqualTo(chosen);
        assertThat(entries.read("SchoolChosen", entries.body(chosen))).isEqualTo(chosen);
    }

    @Test
    void knowsNoOtherKind() {
        assertThatThrownBy(() -> entries.read("Praised", JSONB.valueOf("{}")))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("Praised");
    }
}
