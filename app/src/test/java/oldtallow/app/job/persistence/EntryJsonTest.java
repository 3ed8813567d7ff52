package oldtallow.app.job.persistence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.CapFill;
import oldtallow.core.procedure.brief.Choices.Cleaning;
import oldtallow.core.procedure.brief.Choices.InboardCone;
import oldtallow.core.procedure.brief.Choices.Packing;
import oldtallow.core.procedure.brief.Choices.Reuse;
import oldtallow.core.procedure.brief.Scope;
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

    /** What was no choice yet when a job was opened went as most do it. */
    @Test
    void readsChoicesThatWereWrittenBeforeThereWereMore() {
        JSONB written = JSONB.valueOf("""
                {"scope": "REPACK", "reason": "", "choices": {"capFill": "FILLED", "cleaning": "PURGE", "cupRemoval": "DRIFTED",
                 "hubBrings": "BEARINGS", "inboardCone": "HOOKED", "packing": "PACKER", "races": "DRIVEN", "reuse": "NOTHING"}}
                """);

        assertThat(entries.read("Scoped", written))
                .isEqualTo(new JobEntry.Scoped(
                        Scope.REPACK,
                        Choices.USUAL
                                .with(CapFill.FILLED)
                                .with(Cleaning.PURGE)
                                .with(InboardCone.HOOKED)
                                .with(Packing.PACKER)
                                .with(Reuse.NOTHING),
                        ""));
    }

    @Test
    void knowsNoOtherKind() {
        assertThatThrownBy(() -> entries.read("Praised", JSONB.valueOf("{}")))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("Praised");
    }
}
