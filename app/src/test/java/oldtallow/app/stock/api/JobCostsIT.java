package oldtallow.app.stock.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import java.util.stream.StreamSupport;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
class JobCostsIT {

    @Test
    void whatTheJobsCostStandsBesideEachOther(RunningOldTallow app) {
        JsonNode costs = costs(app, Demo.rearRight("Boat tandem"));

        assertThat(costs.path("jobs").findValuesAsString("scope"))
                .containsExactly("ADJUST", "REPACK", "RENEW", "EXCHANGE");
        JsonNode adjust = costs.path("jobs").get(0);
        JsonNode repack = costs.path("jobs").get(1);
        JsonNode renew = costs.path("jobs").get(2);
        assertThat(total(renew)).isGreaterThan(total(repack));
        assertThat(total(repack)).isGreaterThan(total(adjust));
        assertThat(repack.path("lines").toString()).contains("grease, about").contains("rags, solvent, oil");
        assertThat(adjust.path("lines").toString()).doesNotContain("grease, about");
        JsonNode exchange = costs.path("jobs").get(3);
        assertThat(exchange.path("lines").toString())
                .contains("hub with L68149/L68111 and L44649/L44610")
                .doesNotContain("cone L68149");
        assertThat(exchange.path("whole").asBoolean()).as(exchange.toString()).isTrue();
        assertThat(renew.at("/putOff/dearer").asDouble()).isCloseTo(total(exchange) - total(renew), within(0.001));
        assertThat(repack.at("/putOff/thenWords").asString()).isEqualTo("renew bearings and races");
        // the sum of its own parts
        double lines = 0;
        for (JsonNode line : renew.path("lines")) {
            lines += line.path("price").asDouble(0);
        }
        assertThat(renew.path("parts").asDouble() + renew.path("consumables").asDouble())
                .isCloseTo(lines, within(0.001));
        assertThat(costs.path("standing").asDouble()).isEqualTo(36.0); // two days, where nobody says
        assertThat(app.http()
                        .get("/api/v1/wheel-ends/" + Demo.rearRight("Boat tandem") + "/job-costs?waitingDays=400")
                        .remedyFor("waitingDays"))
                .contains("0 to 365");
    }

    @Test
    void whatANewHubBringsIsNotPaidTwice(RunningOldTallow app) {
        String at = "/api/v1/wheel-ends/" + Demo.rearRight("Boat tandem") + "/job-costs?hubBrings=";
        JsonNode bare = exchange(Bench.accepted(app.http().get(at + "NOTHING")));
        JsonNode ready = exchange(Bench.accepted(app.http().get(at + "READY")));

        assertThat(bare.path("lines").toString()).contains("L68149", "seal ");
        assertThat(ready.path("lines").toString()).doesNotContain("cone L68149", "cup L68111", "seal ");
        assertThat(ready.path("parts").asDouble()).isLessThan(bare.path("parts").asDouble());
    }

    private static JsonNode exchange(JsonNode costs) {
        return StreamSupport.stream(costs.path("jobs").spliterator(), false)
                .filter(job -> job.path("scope").asString().equals("EXCHANGE"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatHasNoPriceIsNamedAndTheTotalCalledIncomplete(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");

        JsonNode renew = costs(app, end).path("jobs").get(2);

        assertThat(renew.path("whole").asBoolean()).isFalse();
        assertThat(renew.path("unpriced").toString()).contains("seal");
        assertThat(renew.path("missing").toString()).contains("size not on record");
        assertThat(renew.at("/putOff/dearer").isMissingNode()
                        || renew.at("/putOff/dearer").isNull())
                .isTrue();
    }

    @Test
    void anOilBathCostsNoGreaseAndAnUprightNoHub(RunningOldTallow app) {
        Bench bench = new Bench(app.http());

        assertThat(costs(app, bench.newWheelEnd("OIL_BATH_HEAVY")).toString()).doesNotContain("grease, about");
        assertThat(costs(app, bench.newWheelEnd("SPACER_SET")).path("jobs").findValuesAsString("scope"))
                .containsExactly("ADJUST", "REPACK", "RENEW");
    }

    @Test
    void onlyAnOwnerSetsTheRates(RunningOldTallow app) {
        JsonNode now = app.as("ines").get("/api/v1/workshop/rates").json();
        String form = """
                {"hour": 62.00, "sundries": 3.50, "standingDay": 18.00, "version": %d}
                """.formatted(now.path("version").asInt());

        assertThat(app.http().put("/api/v1/workshop/rates", form).status()).isEqualTo(403);
        assertThat(app.as("ines").put("/api/v1/workshop/rates", form).status()).isEqualTo(200);
        // sent again it is the same; other rates, by what was read before, are somebody else's
        assertThat(app.as("ines").put("/api/v1/workshop/rates", form).status()).isEqualTo(200);
        assertThat(app.as("ines")
                        .put("/api/v1/workshop/rates", form.replace("62.00", "63.00"))
                        .status())
                .isEqualTo(409);
        assertThat(app.as("ines")
                        .put("/api/v1/workshop/rates", form.replace("62.00", "62.005"))
                        .remedyFor("hour"))
                .contains("two decimals");
    }

    private static JsonNode costs(RunningOldTallow app, UUID end) {
        return Bench.accepted(app.http().get("/api/v1/wheel-ends/" + end + "/job-costs"));
    }

    private static double total(JsonNode job) {
        return job.path("total").asDouble();
    }
}
