package oldtallow.app.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Bench.Pair;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A pass over all dates of a workshop, and those who read and write meanwhile. */
@ExtendWith(OldTallowExtension.class)
class PassIT {

    /** What a pass does, by hand: every rank again under the next number, those of before taken away. */
    private static final String RANKED_ANEW = """
            insert into rig_standing (workshop_id, pass, rig_id, urgency, attention_on, due_what, due_on, due_minutes)
            select workshop_id, pass + 1, rig_id, urgency, attention_on, due_what, due_on, due_minutes
            from rig_standing where workshop_id = ?::uuid
            """;

    private static final String RULE = """
            {"kind": "INTERVAL", "authority": "WORKSHOP", "version": %d, "source": "by hand", "rules": %s}
            """;

    private final LocalDate today = LocalDate.now(ZoneId.systemDefault());

    private DSLContext db;
    private Http device;
    private Pair rig;
    private String workshop;

    @BeforeEach
    void enterARig(RunningOldTallow app) {
        db = app.db();
        device = app.http();
        rig = new Bench(device).newPair("STEPPED_BRAKED");
        workshop = db.fetchValue("select workshop_id::text from rig where id = ?::uuid", rig.rig())
                .toString();
    }

    @Test
    void theYardIsAsItWasUntilThePassIsOver() {
        String before = device.get("/api/v1/yard").text();

        assertThatThrownBy(() -> db.transaction(during -> {
                    pass(during.dsl());
                    assertThat(device.get("/api/v1/yard").text()).isEqualTo(before);
                    assertThat(device.get("/api/v1/almanac").status()).isEqualTo(200);
                    throw new IllegalStateException("given up");
                }))
                .hasMessage("given up");

        assertThat(device.get("/api/v1/yard").text()).isEqualTo(before);
    }

    @Test
    void aRigThatChangesMeanwhileWaitsAndIsRankedInTheNewPass() throws Exception {
        CompletableFuture<Integer> told = db.transactionResult(during -> {
            pass(during.dsl());
            var waiting = CompletableFuture.supplyAsync(
                    () -> device.post("/api/v1/rigs/" + rig.rig() + "/services", """
                            {"id": "%s", "wheelEndIds": ["%s"], "kind": "REPACK", "on": "%s"}
                            """.formatted(
                                            UUID.randomUUID(), rig.left(), today.minusDays(30)))
                            .status());
            assertThatThrownBy(() -> waiting.get(500, TimeUnit.MILLISECONDS)).isInstanceOf(TimeoutException.class);
            return waiting;
        });

        assertThat(told.get(15, TimeUnit.SECONDS)).isEqualTo(200);
        assertThat(db.fetch(
                                "select due_what, pass = (select pass from rank_pass r where r.workshop_id = s.workshop_id)"
                                        + " as latest from rig_standing s where rig_id = ?::uuid",
                                rig.rig())
                        .formatCSV())
                .as("one rank, of the new pass, that knows of the repack")
                .contains("REPACK " + rig.left())
                .contains("true")
                .doesNotContain("false");
    }

    @Test
    void aRuleForAllLeavesOneRankOfEveryRig(RunningOldTallow app) {
        Http owner = app.as("ines");
        JsonNode kept = rule(owner);
        int pass = latestPass();

        assertThat(owner.post(
                                "/api/v1/workshop/rules",
                                RULE.formatted(kept.path("version").asInt(), """
                        [{"action": "REPACK", "trigger": "MONTHS", "number": 7}]"""))
                        .status())
                .isEqualTo(200);
        try {
            assertThat(latestPass()).isEqualTo(pass + 1);
            assertThat(db.fetchValue("select count(*) from rig_standing where workshop_id = ?::uuid", workshop))
                    .isEqualTo(db.fetchValue("select count(*) from rig where workshop_id = ?::uuid", workshop));
            assertThat(db.fetchValue(
                            "select count(*) from rig_standing where workshop_id = ?::uuid and pass <> ?",
                            workshop,
                            pass + 1))
                    .isEqualTo(0L);
        } finally {
            owner.post(
                    "/api/v1/workshop/rules",
                    RULE.formatted(rule(owner).path("version").asInt(), rules(kept)));
        }
    }

    /** An owner's rigs are found by the register, not by their ranks: a rename takes them along at once. */
    @Test
    void anOwnersRigsAreFoundUnderTheNewNameAtOnce() {
        String name = "Owner " + UUID.randomUUID().toString().substring(0, 8);
        db.execute("update rig set owner_name = ? where id = ?::uuid", name, rig.rig());

        JsonNode yard =
                device.get("/api/v1/yard?owner=" + name.replace(" ", "%20")).json();

        assertThat(yard.path("rigs")).hasSize(1);
        assertThat(yard.at("/rigs/0/id").asString()).isEqualTo(rig.rig());
        assertThat(yard.at("/next/0/wheelEndIds")).hasSize(2);
        assertThat(device.get("/api/v1/yard?owner=Nobody").json().path("rigs")).isEmpty();
    }

    private void pass(DSLContext within) {
        within.execute("update rank_pass set pass = pass + 1 where workshop_id = ?::uuid", workshop);
        within.execute(RANKED_ANEW, workshop);
        within.execute("""
                delete from rig_standing s where workshop_id = ?::uuid
                    and pass < (select pass from rank_pass r where r.workshop_id = s.workshop_id)
                """, workshop);
    }

    private int latestPass() {
        return (Integer) db.fetchValue("select pass from rank_pass where workshop_id = ?::uuid", workshop);
    }

    private static String rules(JsonNode kept) {
        return StreamSupport.stream(kept.at("/value/rules").spliterator(), false)
                .map(one -> "{\"action\": \"%s\", \"trigger\": \"%s\", \"number\": %d}"
                        .formatted(
                                one.path("action").asString(),
                                one.path("trigger").asString(),
                                one.path("number").asInt()))
                .collect(Collectors.joining(",", "[", "]"));
    }

    private static JsonNode rule(Http owner) {
        for (JsonNode rule : owner.get("/api/v1/workshop/rules").json()) {
            if (rule.path("kind").asString().equals("INTERVAL")) {
                return rule;
            }
        }
        throw new IllegalStateException("the demo's workshop has a rule of its own");
    }
}
