package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What can be done in several ways: asked where it first matters, as the workshop usually does it until somebody chooses. */
@ExtendWith(OldTallowExtension.class)
class ChoicesIT {

    @Test
    void aChoiceIsAskedAtItsStepAndHoldsForEveryHub(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.openAll(bench.newRig("STEPPED_UNBRAKED", 1), "REPACK", "STAGE_BY_STAGE");
        job = bench.doUntil(job, "raise.crack-nuts");
        JsonNode wheel = asked(job, "WHEEL").orElseThrow();
        assertThat(wheel.path("now").asString()).isEqualTo("LAST");
        assertThat(wheel.path("values").findValuesAsString("value")).contains("STAYS", "BEFORE_SETTING");

        job = Bench.accepted(bench.post(job, "/ways", way("WHEEL", "STAYS")));

        assertThat(job.at("/walk/now/id").asString()).isEqualTo("raise.jack");
        assertThat(asked(job, "WHEEL").orElseThrow().path("now").asString()).isEqualTo("STAYS");
        assertThat(job.path("walk").path("lastPress").path("words").asString())
                .isEqualTo("The wheel: stays on its hub");
        JsonNode other = bench.look(bench.at(job, 1));
        assertThat(other.path("choices").path("wheel").asString()).isEqualTo("STAYS");

        // one press, so one press takes it back everywhere
        ObjectNode back =
                Bench.entry().put("entryId", job.at("/walk/lastPress/entryId").asString());
        job = Bench.accepted(bench.post(job, "/undo", back));
        assertThat(job.path("choices").path("wheel").asString()).isEqualTo("LAST");
        assertThat(bench.look(other).path("choices").path("wheel").asString()).isEqualTo("LAST");
    }

    @Test
    void whatIsDoneAlreadyIsNoChoiceAnyMore(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "strip.cap");

        assertThat(job.path("choosable").findValuesAsString("kind")).contains("PACKING", "INBOARD_CONE");
        var late = bench.post(job, "/ways", way("WHEEL", "STAYS"));

        assertThat(late.status()).isEqualTo(422);
        assertThat(late.json().toString()).contains("stays on its hub", "comes too late");
    }

    @Test
    void aJobBeginsAsTheWorkshopUsuallyDoesIt(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        assertThat(app.http()
                        .put("/api/v1/workshop/usual-choices", "{\"packing\": \"PACKER\"}")
                        .status())
                .as("how jobs begin is the owner's to say")
                .isEqualTo(403);
        keep(app, "PACKER");
        try {
            JsonNode job = bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK");
            assertThat(job.path("choices").path("packing").asString()).isEqualTo("PACKER");
            assertThat(job.path("choices").path("capFill").asString()).isEqualTo("FILM");
        } finally {
            keep(app, "BY_HAND");
        }
    }

    private static void keep(RunningOldTallow app, String packing) {
        JsonNode kept = Bench.accepted(
                app.as("ines").put("/api/v1/workshop/usual-choices", "{\"packing\": \"%s\"}".formatted(packing)));
        assertThat(find(kept, "PACKING").orElseThrow().path("now").asString()).isEqualTo(packing);
        assertThat(List.copyOf(kept.findValuesAsString("kind"))).hasSize(9);
    }

    private static ObjectNode way(String choice, String way) {
        return Bench.entry().put("choice", choice).put("way", way);
    }

    private static Optional<JsonNode> asked(JsonNode job, String kind) {
        return find(job.at("/walk/now/choices"), kind);
    }

    private static Optional<JsonNode> find(JsonNode choices, String kind) {
        return choices.valueStream()
                .filter(one -> one.path("kind").asString().equals(kind))
                .findFirst();
    }
}
