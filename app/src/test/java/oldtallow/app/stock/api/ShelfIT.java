package oldtallow.app.stock.api;

import static oldtallow.app.testing.Stores.delivery;
import static oldtallow.app.testing.Stores.form;
import static oldtallow.app.testing.Stores.here;
import static oldtallow.app.testing.Stores.moved;
import static org.assertj.core.api.Assertions.assertThat;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.app.testing.Stores;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(OldTallowExtension.class)
class ShelfIT {

    @Test
    void aDeliveryIsTakenInOnce(RunningOldTallow app) {
        UUID item = item(app, "once");
        ObjectNode delivery = delivery("B-1", 3);

        app.http().post("/api/v1/shelf/items/" + item + "/batches", delivery.toString());
        JsonNode again = app.http()
                .post("/api/v1/shelf/items/" + item + "/batches", delivery.toString())
                .json();
        JsonNode more = app.http()
                .post(
                        "/api/v1/shelf/items/" + item + "/batches",
                        delivery("b-1", 2).toString())
                .json();

        assertThat(here(again, item).at("/batches/0/onHand").asInt()).isEqualTo(3);
        assertThat(here(more, item).path("batches")).hasSize(1);
        assertThat(here(more, item).at("/batches/0/onHand").asInt()).isEqualTo(5);
        assertThat(here(more, item).at("/batches/0/keepsUntil").asString()).isEqualTo("2032-03-01");
    }

    @Test
    void fromABatchToEveryWheelEndThatCarriesItAndBack(RunningOldTallow app) {
        UUID item = item(app, "recalled");
        String number = "RC-" + UUID.randomUUID();
        UUID batch = batch(app, item, number, 4);
        Bench bench = new Bench(app.http());
        UUID carries = bench.newWheelEnd("STEPPED_BRAKED");
        UUID tookBack = bench.newWheelEnd("STEPPED_BRAKED");
        move(app, batch, -1, "FITTED", carries);
        move(app, batch, -1, "FITTED", carries);
        move(app, batch, -1, "FITTED", tookBack);
        move(app, batch, 1, "TAKEN_BACK", tookBack);

        JsonNode trace = app.http()
                .get("/api/v1/shelf/recall?batch=" + number.substring(0, 12).toLowerCase(Locale.ROOT))
                .json()
                .at("/batches/0");

        assertThat(trace.path("onHand").asInt()).isEqualTo(2);
        assertThat(trace.path("carriedBy")).hasSize(1);
        assertThat(trace.at("/carriedBy/0/wheelEndId").asString()).isEqualTo(carries.toString());
        assertThat(trace.at("/carriedBy/0/pieces").asInt()).isEqualTo(2);
        assertThat(trace.path("moves").findValuesAsString("by")).contains("Tobe");
        assertThat(app.http()
                        .get("/api/v1/wheel-ends/" + carries + "/from-the-shelf")
                        .json()
                        .findValuesAsString("batch"))
                .containsExactly(number);
    }

    @Test
    void theOrderListGoesIntoASpreadsheet(RunningOldTallow app) {
        UUID item = UUID.randomUUID();
        String tricky = "seal; \"wide\", " + item;
        app.http().post("/api/v1/shelf/items", form(item, tricky).put("want", 2).toString());

        List<CsvRecord> rows = CsvReader.builder()
                .ofCsvRecord(app.http().get("/api/v1/order-list.csv").text())
                .stream()
                .toList();

        assertThat(rows.getFirst().getFields()).startsWith("supplier", "kind", "designation");
        assertThat(rows)
                .filteredOn(row -> row.getField(2).equals(tricky))
                .singleElement()
                .satisfies(row -> assertThat(row.getFields()).endsWith("2", "4.35", "8.70"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+31", "-7", "@SUM(A1)", "\uff1d1"})
    void noCellIsAFormula(String begin, RunningOldTallow app) {
        String name = begin + " " + UUID.randomUUID();
        app.http()
                .post(
                        "/api/v1/shelf/items",
                        form(UUID.randomUUID(), name).put("want", 1).toString());

        String table = app.http().get("/api/v1/order-list.csv").text();

        // an apostrophe before it: OWASP, CSV Injection
        assertThat(CsvReader.builder().ofCsvRecord(table).stream().map(row -> row.getField(2)))
                .contains("'" + name)
                .doesNotContain(name);
    }

    @Test
    void ofTwoWhoTakeTheLastOneTheSecondIsToldSo(RunningOldTallow app) {
        UUID batch = batch(app, item(app, "last"), "L-1", 1);
        List<CompletableFuture<Answer>> tries = IntStream.range(0, 2)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> app.http()
                        .post(
                                "/api/v1/shelf/batches/" + batch + "/moves",
                                moved(-1, "SCRAPPED").toString())))
                .toList();

        List<Answer> answers = tries.stream().map(CompletableFuture::join).toList();

        assertThat(answers).extracting(Answer::status).containsExactlyInAnyOrder(200, 409);
        assertThat(answers.stream().filter(answer -> answer.status() == 409).map(Answer::text))
                .allMatch(text -> text.contains("Only 0 of this batch"));
    }

    @Test
    void aMoveTriedAgainIsOneMove(RunningOldTallow app) {
        UUID item = item(app, "again");
        UUID batch = batch(app, item, "A-1", 5);
        ObjectNode move = moved(-2, "SCRAPPED");
        app.http().post("/api/v1/shelf/batches/" + batch + "/moves", move.toString());

        JsonNode after = app.http()
                .post("/api/v1/shelf/batches/" + batch + "/moves", move.toString())
                .json();

        assertThat(here(after, item).path("good").asInt()).isEqualTo(3);
    }

    @Test
    void ordersWhatIsMissingBySupplierAndCountsNothingOutdated(RunningOldTallow app) {
        UUID item = UUID.randomUUID();
        ObjectNode form = form(item, "seal " + item).put("want", 5).put("supplier", "S " + item);
        app.http().post("/api/v1/shelf/items", form.toString());
        app.http()
                .post(
                        "/api/v1/shelf/items/" + item + "/batches",
                        delivery("old", 4).put("madeOn", "2010-01-01").toString());
        JsonNode shelf = app.http()
                .post(
                        "/api/v1/shelf/items/" + item + "/batches",
                        delivery("new", 2).toString())
                .json();

        assertThat(here(shelf, item).path("good").asInt()).isEqualTo(2);
        assertThat(here(shelf, item).path("missing").asInt()).isEqualTo(3);
        JsonNode order = order(app.http().get("/api/v1/order-list").json(), "S " + item);
        assertThat(order.path("total").asDouble()).isEqualTo(13.05);
    }

    /** Three jobs want three seals; two lie there: one is to be ordered, and what nobody wrote down is named. */
    @Test
    void ordersForAllPlannedJobsTogether(RunningOldTallow app) {
        Http http = app.http();
        Bench bench = new Bench(http);
        String size = "planned " + UUID.randomUUID().toString().substring(0, 8);
        UUID item = UUID.randomUUID();
        http.post("/api/v1/shelf/items", form(item, size).put("supplier", size).toString());
        http.post("/api/v1/shelf/items/" + item + "/batches", delivery("P-1", 2).toString());
        for (int i = 0; i < 3; i++) {
            UUID end = bench.newWheelEnd("STEPPED_BRAKED");
            assertThat(http.post("/api/v1/wheel-ends/" + end + "/parts", """
                    {"id": "%s", "place": "SEAL", "designation": "%s", "gradeNote": "", "batch": "", "condition": "NEW"}""".formatted(UUID.randomUUID(), size))
                            .status())
                    .isEqualTo(200);
            plan(app, end, "RENEW", "2099-05-01");
        }

        JsonNode list = http.get("/api/v1/order-list").json();

        JsonNode order = order(list, size);
        assertThat(order.path("lines")).hasSize(1);
        assertThat(order.at("/lines/0/pieces").asInt()).isEqualTo(1);
        assertThat(list.path("planned").toString()).contains("inboard cone").contains("washer");
    }

    @Test
    void aPlanForTheSameWheelEndTakesTheEarliersPlace(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");
        plan(app, end, "REPACK", "2099-05-01");
        JsonNode list = plan(app, end, "RENEW", "2099-06-01").json();

        List<JsonNode> here = StreamSupport.stream(list.path("planned").spliterator(), false)
                .filter(one -> one.path("wheelEndId").asString().equals(end.toString()))
                .toList();
        assertThat(here).singleElement().satisfies(one -> {
            assertThat(one.path("scope").asString()).isEqualTo("RENEW");
            assertThat(one.path("wantedOn").asString()).isEqualTo("2099-06-01");
        });
        String id = here.getFirst().path("id").asString();
        assertThat(app.http().delete("/api/v1/planned-jobs/" + id).status()).isEqualTo(200);
        assertThat(app.http().delete("/api/v1/planned-jobs/" + id).status())
                .as("taken away twice")
                .isLessThan(300);
        assertThat(plan(app, end, "REPACK", "2001-01-01").remedyFor("wantedOn")).contains("from today on");
    }

    /** A hub that comes with its bearings needs none from the shelf; a bare one does. */
    @Test
    void ordersByWhatTheNewHubBrings(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_UNBRAKED");
        String form = """
                {"id": "%s", "wheelEndId": "%s", "scope": "EXCHANGE", "hubBrings": "%s", "wantedOn": "%s"}""";

        String bare = app.http()
                .post("/api/v1/planned-jobs", form.formatted(UUID.randomUUID(), end, "NOTHING", "2099-07-01"))
                .text();
        JsonNode ready = planned(
                app.http()
                        .post("/api/v1/planned-jobs", form.formatted(UUID.randomUUID(), end, "READY", "2099-07-01"))
                        .json(),
                end);

        assertThat(bare).contains("bare: no cups in it");
        assertThat(ready.path("kit").toString()).doesNotContain("cone");
        assertThat(ready.path("hubBrings").asString()).isEqualTo("bearings in, greased and sealed");
    }

    private static JsonNode planned(JsonNode list, UUID end) {
        return StreamSupport.stream(list.path("planned").spliterator(), false)
                .filter(one -> one.path("wheelEndId").asString().equals(end.toString()))
                .findFirst()
                .orElseThrow();
    }

    private static Answer plan(RunningOldTallow app, UUID end, String scope, String wantedOn) {
        return app.http().post("/api/v1/planned-jobs", """
                {"id": "%s", "wheelEndId": "%s", "scope": "%s", "wantedOn": "%s"}""".formatted(UUID.randomUUID(), end, scope, wantedOn));
    }

    private static JsonNode order(JsonNode list, String supplier) {
        return StreamSupport.stream(list.path("orders").spliterator(), false)
                .filter(one -> one.path("supplier").asString().equals(supplier))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void saysWhatIsWrongWithAnEntry(RunningOldTallow app) {
        UUID item = item(app, "wrong");
        UUID batch = batch(app, item, "W-1", 1);
        Http http = app.http();

        assertThat(http.post(
                                "/api/v1/shelf/items",
                                form(UUID.randomUUID(), "x").put("price", 4.355).toString())
                        .remedyFor("price"))
                .contains("two decimals");
        assertThat(http.post(
                                "/api/v1/shelf/items",
                                form(UUID.randomUUID(), "WRONG " + item).toString())
                        .remedyFor("designation"))
                .contains("on the shelf already");
        ObjectNode undated = delivery("W-2", 1);
        undated.remove("madeOn");
        assertThat(http.post("/api/v1/shelf/items/" + item + "/batches", undated.toString())
                        .status())
                .isIn(400, 422);
        assertThat(http.post(
                                "/api/v1/shelf/items/" + item + "/batches",
                                delivery("W-2", 1).put("madeOn", "2099-01-01").toString())
                        .remedyFor("madeOn"))
                .contains("lies ahead");
        assertThat(http.post(
                                "/api/v1/shelf/batches/" + batch + "/moves",
                                moved(-1, "FITTED").toString())
                        .remedyFor("wheelEndId"))
                .contains("into which wheel end");
        assertThat(http.post(
                                "/api/v1/shelf/batches/" + batch + "/moves",
                                moved(1, "SCRAPPED").toString())
                        .remedyFor("pieces"))
                .contains("the right way");
        assertThat(http.post(
                                "/api/v1/shelf/batches/" + UUID.randomUUID() + "/moves",
                                moved(-1, "SCRAPPED").toString())
                        .status())
                .isEqualTo(404);
        assertThat(http.get("/api/v1/shelf/recall?batch=%20").remedyFor("batch"))
                .contains("is missing");
    }

    @Test
    void aChangeBehindSomebodysBackIsRefused(RunningOldTallow app) {
        UUID item = item(app, "changed");
        ObjectNode form = form(item, "changed " + item).put("want", 7);

        assertThat(app.http()
                        .put("/api/v1/shelf/items/" + item, form.toString())
                        .status())
                .isEqualTo(200);
        assertThat(app.http()
                        .put("/api/v1/shelf/items/" + item, form.toString())
                        .status())
                .as("sent twice")
                .isEqualTo(200);
        form.put("want", 8);
        assertThat(app.http()
                        .put("/api/v1/shelf/items/" + item, form.toString())
                        .status())
                .isEqualTo(409);
    }

    @Test
    void aCountPutsRightWhatLiesThereAndTellsItOnce(RunningOldTallow app) {
        UUID item = item(app, "counted");
        UUID batch = batch(app, item, "C-1", 5);
        String count = "{\"id\": \"" + UUID.randomUUID() + "\", \"counted\": 3, \"note\": \"two fell behind\"}";

        app.http().post("/api/v1/shelf/batches/" + batch + "/count", count);
        JsonNode shelf = app.http()
                .post("/api/v1/shelf/batches/" + batch + "/count", count)
                .json();

        assertThat(here(shelf, item).at("/batches/0/onHand").asInt()).isEqualTo(3);
        JsonNode moves = app.http().get("/api/v1/shelf/recall?batch=C-1").json().at("/batches");
        assertThat(moves.toString()).contains("two fell behind");
        String impossible = "{\"id\": \"" + UUID.randomUUID() + "\", \"counted\": -1, \"note\": \"\"}";
        assertThat(app.http()
                        .post("/api/v1/shelf/batches/" + batch + "/count", impossible)
                        .remedyFor("counted"))
                .contains("0 to 10,000");
    }

    @Test
    void whatIsOutOfDateGoesInWithAReasonOnly(RunningOldTallow app) {
        UUID item = item(app, "outdated");
        Answer came = app.http()
                .post(
                        "/api/v1/shelf/items/" + item + "/batches",
                        delivery("OLD-1", 2).put("madeOn", "2015-03-01").toString());
        String batch = here(came.json(), item).at("/batches/0/id").asString();
        ObjectNode move = moved(-1, "FITTED")
                .put(
                        "wheelEndId",
                        new Bench(app.http()).newWheelEnd("STEPPED_BRAKED").toString());

        Answer refused = app.http().post("/api/v1/shelf/batches/" + batch + "/moves", move.toString());
        Answer withReason = app.http()
                .post(
                        "/api/v1/shelf/batches/" + batch + "/moves",
                        move.put("note", "soft all round, stored dark").toString());

        assertThat(refused.remedyFor("note")).contains("kept until 2022-03-01").contains("fresher");
        assertThat(withReason.status()).isEqualTo(200);
    }

    @Test
    void aRecallFindsPartsThatNeverLayOnTheShelf(RunningOldTallow app) {
        String number = "ELSEWHERE-" + UUID.randomUUID().toString().substring(0, 8);
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");
        app.http().post("/api/v1/wheel-ends/" + end + "/parts", """
                {"id": "%s", "place": "SEAL", "designation": "45x62x8", "batch": "%s", "condition": "NEW"}
                """.formatted(UUID.randomUUID(), number));

        JsonNode found = app.http()
                .get("/api/v1/shelf/recall?batch=" + number.toLowerCase(Locale.ROOT))
                .json();

        assertThat(found.path("batches")).isEmpty();
        assertThat(found.at("/fitted/0/wheelEndId").asString()).isEqualTo(end.toString());
        assertThat(found.at("/fitted/0/part").asString()).isEqualTo("45x62x8");
    }

    @Test
    void theBoxThatFindsAnythingFindsABatch(RunningOldTallow app) {
        String number = "PAL" + UUID.randomUUID().toString().substring(0, 8);
        batch(app, item(app, "palette"), number, 2);

        JsonNode hits = app.http()
                .get("/api/v1/palette?q=" + number.substring(0, 8).toLowerCase(Locale.ROOT))
                .json();

        assertThat(hits.get(0).path("kind").asString()).isEqualTo("BATCH");
        assertThat(hits.get(0).path("batch").asString()).isEqualTo(number);
        assertThat(hits.get(0).path("detail").asString()).contains("2 on the shelf");
    }

    @Test
    void aTinOfGreaseHasACodeThatExists(RunningOldTallow app) {
        ObjectNode grease =
                form(UUID.randomUUID(), "grease " + UUID.randomUUID()).put("kind", "GREASE");
        grease.putObject("tin").put("thickener", "LITHIUM").put("code", "KP2ZZ").put("grams", 400);

        assertThat(app.http().post("/api/v1/shelf/items", grease.toString()).remedyFor("code"))
                .isNotEmpty();
        ((ObjectNode) grease.path("tin")).put("code", "KP2K-30").put("grams", 0);
        assertThat(app.http().post("/api/v1/shelf/items", grease.toString()).remedyFor("grams"))
                .contains("1 to 200,000");
        ((ObjectNode) grease.path("tin")).put("grams", 400);
        assertThat(app.http()
                        .post("/api/v1/shelf/items", grease.put("kind", "SEAL").toString())
                        .remedyFor("thickener"))
                .contains("of a grease");
        assertThat(app.http()
                        .post(
                                "/api/v1/shelf/items",
                                grease.put("kind", "GREASE").toString())
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aSealedBagSaysWhatItIsPackedWithAndWhereItsPartsRan(RunningOldTallow app) {
        UUID bag = UUID.randomUUID();
        app.http()
                .post(
                        "/api/v1/shelf/items",
                        form(bag, "bag " + bag).put("kind", "SPARE_BAG").toString());
        String path = "/api/v1/shelf/items/" + bag + "/batches";

        Answer without = app.http().post(path, delivery("bag 9", 1).toString());
        JsonNode shelf = app.http()
                .post(
                        path,
                        delivery("bag 9", 1)
                                .put("grease", "lithium complex NLGI 2")
                                .put("history", "front left, 38,000 km, sound")
                                .toString())
                .json();

        assertThat(without.remedyFor("grease")).contains("whoever opens the bag");
        JsonNode batch = here(shelf, bag).at("/batches/0");
        assertThat(batch.path("grease").asString()).isEqualTo("lithium complex NLGI 2");
        assertThat(batch.path("history").asString()).contains("38,000 km");
        assertThat(batch.path("keepsUntil").asString()).isEqualTo("2027-03-01"); // two years in its bag
    }

    private static UUID item(RunningOldTallow app, String name) {
        return new Stores(app.http()).item(name);
    }

    private static UUID batch(RunningOldTallow app, UUID item, String number, int pieces) {
        return new Stores(app.http()).batch(item, number, pieces);
    }

    private static void move(RunningOldTallow app, UUID batch, int pieces, String reason, UUID wheelEnd) {
        new Stores(app.http()).move(batch, pieces, reason, wheelEnd);
    }
}
