package oldtallow.phone;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.phone.PhoneInNode.Answered;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a phone answers by itself is what the server answers: the same program over what was taken along. */
@ExtendWith(OldTallowExtension.class)
class SameAnswersIT {

    private static final List<String> OF_RIG =
            List.of("", "/standings", "/almanac", "/figures", "/usage", "/warmth", "/past-jobs");
    private static final List<String> OF_WHEEL_END = List.of(
            "",
            "/aids",
            "/builds",
            "/figures",
            "/grease",
            "/nut",
            "/nut-settings",
            "/parts",
            "/past-jobs",
            "/play-checks",
            "/section",
            "/wheel-nuts?studs=5");
    private static final List<String> OF_WORKSHOP = List.of(
            "/jobs",
            "/nut-reference",
            "/constructions",
            "/bench-reference",
            "/reading-help",
            "/bearing-sets",
            "/identify",
            "/tools",
            "/workshop/usual-choices",
            "/workshop/rules",
            "/adjustment-procedures/own",
            "/interval-practices",
            "/reckon/fits",
            "/reckon/greases",
            "/shelf");

    @Test
    void readsWhatTheServerReads(RunningOldTallow app) throws IOException {
        Http device = app.as("ines");
        List<JsonNode> rigs = new ArrayList<>();
        for (String name : List.of("Short camper", "Long camper", "Old bush 4x4")) {
            rigs.add(device.get("/api/v1/rigs/" + Demo.rig(name)).json());
        }
        try (var phone = new PhoneInNode()) {
            phone.open(taken(device, rigs));

            for (String path : OF_WORKSHOP) {
                reads(phone, device, "/api/v1" + path);
            }
            reads(phone, device, "/api/v1/trips/" + Demo.SALT_FLATS);
            reads(phone, device, "/api/v1/trips/" + Demo.SALT_FLATS + "/plan");
            for (JsonNode rig : rigs) {
                OF_RIG.forEach(path ->
                        reads(phone, device, "/api/v1/rigs/" + rig.path("id").asString() + path));
                rig.path("axles")
                        .forEach(axle -> axle.path("wheelEnds")
                                .forEach(end -> OF_WHEEL_END.forEach(path -> reads(
                                        phone,
                                        device,
                                        "/api/v1/wheel-ends/" + end.path("id").asString() + path))));
            }
            for (JsonNode job : device.get("/api/v1/jobs").json()) {
                String path = "/api/v1/jobs/" + job.path("id").asString();
                reads(phone, device, path);
                reads(phone, device, path + "/sequence");
            }
        }
    }

    /** Every calculation with the request that stands in the API document, and what is wrong with it where something is. */
    @Test
    void worksOutWhatTheServerWorksOut(RunningOldTallow app) throws IOException {
        Http device = app.as("ines");
        JsonNode examples;
        try (InputStream file = SameAnswersIT.class.getResourceAsStream("/api-examples.json")) {
            examples = new JsonMapper().readTree(file);
        }
        try (var phone = new PhoneInNode()) {
            phone.open(taken(
                    device,
                    List.of(device.get("/api/v1/rigs/" + Demo.rig("Short camper"))
                            .json())));
            List<String> asked = new ArrayList<>();
            for (String request : examples.propertyNames()) {
                if (isWorkedOut(request)) {
                    String path = request.substring("POST ".length())
                            .replaceAll("\\{(id|wheelEndId)}", Demo.SHORT_CAMPER_LEFT.toString());
                    String body = examples.path(request).toString();
                    Http.Answer server = device.post(path, body);
                    Answered here = phone.answer("POST", path, body);
                    assertThat(here.status())
                            .as(path + ": " + here.text() + " " + server.text())
                            .isEqualTo(server.status());
                    if (server.status() < 300) {
                        SameJson.assertSame(path, here.json(), server.json());
                    }
                    asked.add(path);
                }
            }
            assertThat(asked).hasSizeGreaterThan(20);
        }
    }

    private static boolean isWorkedOut(String request) {
        return request.startsWith("POST /api/v1/reckon")
                || request.matches("POST /api/v1/(identify|nut-calculations|section|stud-circle|readings/drag)")
                || request.matches(
                        "POST /api/v1/wheel-ends/\\{(id|wheelEndId)}/(after-drive|job-plan|play-readings|rock|sense|setting-chart)");
    }

    /** A whole job, press by press: after each the phone shows what the server shows. */
    @ParameterizedTest
    @CsvSource({
        "STEPPED_UNBRAKED, REPACK",
        "STEPPED_BRAKED, RENEW",
        "DRIVE_FLANGE_FRONT, REPACK",
        "GREASE_THROUGH, ADJUST"
    })
    void goesThroughAJobAsTheServerDoes(String construction, String scope, RunningOldTallow app) throws IOException {
        Http device = app.as("ines");
        var bench = new Bench(device);
        JsonNode rig = bench.newRig(construction, 1);
        try (var phone = new PhoneInNode()) {
            phone.open(taken(device, List.of(rig)));
            List<String> presses = new ArrayList<>();
            device.withWitness((path, body, server) -> {
                presses.add(path);
                Answered here = phone.answer("POST", path, body);
                assertThat(here.status())
                        .as(path + " " + body + ": " + here.text())
                        .isEqualTo(server.status());
                SameJson.assertSame(path, here.json(), server.json());
            });
            try {
                JsonNode job = bench.openAll(rig, scope, "STAGE_BY_STAGE");
                String id = job.path("id").asString();
                while (!device.get("/api/v1/jobs/" + id)
                        .json()
                        .path("walk")
                        .path("now")
                        .isMissingNode()) {
                    bench.doRun(device.get("/api/v1/jobs/" + id).json());
                    String next = device.get("/api/v1/jobs/" + id)
                            .json()
                            .path("round")
                            .path("next")
                            .asString("");
                    id = next.isEmpty() ? id : next;
                }
                bench.post(device.get("/api/v1/jobs/" + id).json(), "/close", Bench.entry());
            } finally {
                device.withWitness((path, body, server) -> {});
            }
            assertThat(presses).hasSizeGreaterThan(5);
        }
    }

    private static String taken(Http device, List<JsonNode> rigs) {
        String asked = String.join(
                "&",
                rigs.stream().map(rig -> "rig=" + rig.path("id").asString()).toList());
        Http.Answer pack = device.get("/api/v1/take-along?" + asked);
        assertThat(pack.status()).as(pack.text()).isEqualTo(200);
        return pack.text();
    }

    private static void reads(PhoneInNode phone, Http device, String path) {
        Http.Answer server = device.get(path);
        Answered here = phone.answer("GET", path, null);
        assertThat(here.status()).as(path + ": " + here.text()).isEqualTo(server.status());
        SameJson.assertSame(path, here.json(), server.json());
    }
}
