package oldtallow.app.identity.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class SignInIT {

    @Test
    void aStrangerSeesNothingButTheWayIn(RunningOldTallow app) {
        Http stranger = app.stranger();

        for (String path : List.of(
                "/api/v1/yard",
                "/api/v1/palette",
                "/api/v1/wheel-ends/" + Demo.SHORT_CAMPER_LEFT,
                "/api/v1/people",
                "/api/v1/audit",
                "/api/v1/nut-reference",
                "/api/v1/openapi",
                "/api/v1/nowhere")) {
            Answer answer = stranger.get(path);
            assertThat(answer.status()).as(path).isEqualTo(401);
            assertThat(answer.type()).startsWith("application/problem+json");
        }
        assertThat(stranger.get("/").status()).isEqualTo(200);
        Answer session = stranger.get("/api/v1/session");
        assertThat(session.json().has("person")).isFalse();
        assertThat(session.json().path("demoAccounts").size()).isEqualTo(3);
    }

    @Test
    void signsInUnderANewSessionIdAndOutAgain(RunningOldTallow app) {
        Http device = app.stranger();
        Answer in = device.signIn("ines", Demo.PASSWORD);

        assertThat(in.status()).as(in.text()).isEqualTo(200);
        assertThat(in.json().path("person").path("role").asString()).isEqualTo("OWNER");
        String cookie =
                in.headers().firstValue("set-cookie").orElse("") + in.headers().allValues("set-cookie");
        assertThat(cookie).contains("oldtallow=", "HttpOnly", "SameSite=Strict");
        assertThat(device.get("/api/v1/yard").status()).isEqualTo(200);

        assertThat(device.delete("/api/v1/session").status()).isEqualTo(204);
        assertThat(device.get("/api/v1/yard").status()).isEqualTo(401);
    }

    @Test
    void signsOutEverywhere(RunningOldTallow app) {
        Http phone = app.stranger();
        Http bench = app.stranger();
        phone.signIn("wil", Demo.PASSWORD);
        bench.signIn("wil", Demo.PASSWORD);
        assertThat(bench.get("/api/v1/yard").status()).isEqualTo(200);

        phone.delete("/api/v1/session?everywhere=true");

        assertThat(bench.get("/api/v1/yard").status()).isEqualTo(401);
        assertThat(phone.get("/api/v1/yard").status()).isEqualTo(401);
    }

    @Test
    void slowsDownAfterFailedTriesForKnownAndUnknownNamesAlike(RunningOldTallow app) {
        for (String name : List.of("wil-not-here", "slow-" + UUID.randomUUID())) {
            Http device = app.strangerAlone();
            for (int i = 0; i < 3; i++) {
                Answer wrong = device.signIn(name, "not the password");
                assertThat(wrong.status()).as(wrong.text()).isEqualTo(422);
                assertThat(wrong.text()).doesNotContain("unknown");
            }
            Answer slowed = device.signIn(name, "not the password");

            assertThat(slowed.status()).isEqualTo(429);
            assertThat(slowed.headers().firstValue("retry-after")).isPresent();
            assertThat(slowed.json().path("detail").asString()).contains("Wait");
        }
    }

    @Test
    void countsTriesAtTheSameMomentToo(RunningOldTallow app) throws Exception {
        Http burst = app.strangerAlone();
        burst.get("/api/v1/session");
        String name = "burst-" + UUID.randomUUID().toString().substring(0, 8);
        try (var threads = java.util.concurrent.Executors.newFixedThreadPool(8)) {
            List<java.util.concurrent.Callable<Integer>> tries = java.util.stream.IntStream.range(0, 16)
                    .<java.util.concurrent.Callable<Integer>>mapToObj(
                            i -> () -> burst.signIn(name, "guess").status())
                    .toList();
            List<Integer> statuses = new java.util.ArrayList<>();
            for (var done : threads.invokeAll(tries)) {
                statuses.add(done.get());
            }
            assertThat(statuses.stream().filter(status -> status == 422).count())
                    .as("passwords looked at")
                    .isLessThanOrEqualTo(5);
        }
    }

    @Test
    void keepsPasswordsAsArgon2HashesOnly(RunningOldTallow app) {
        assertThat(app.db()
                        .fetch("select password_hash from person where sign_in_name in ('ines', 'tobe', 'wil')")
                        .getValues(0, String.class))
                .hasSize(3)
                .doesNotHaveDuplicates()
                .allSatisfy(hash -> assertThat(hash).startsWith("$argon2id$").doesNotContain(Demo.PASSWORD));
    }

    @Test
    void refusesAChangeWithoutThisBrowsersToken(RunningOldTallow app) {
        Answer answer = app.stranger().post("/api/v1/session", "{\"signInName\": \"tobe\", \"password\": \"x\"}");

        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.json().path("detail").asString()).contains("token");
    }

    @Test
    void tellsBrowsersWhatToRefuse(RunningOldTallow app) {
        for (String path : List.of("/", "/api/v1/session", "/api/v1/yard")) {
            var headers = app.http().get(path).headers();
            String policy = headers.firstValue("content-security-policy").orElse("");
            assertThat(policy).as(path).contains("default-src 'none'", "frame-ancestors 'none'");
            assertThat(policy).doesNotContain("unsafe", "*");
            assertThat(headers.firstValue("x-content-type-options")).contains("nosniff");
            assertThat(headers.firstValue("x-frame-options")).contains("DENY");
            assertThat(headers.firstValue("referrer-policy")).contains("no-referrer");
        }
        assertThat(app.http()
                        .get("/api/v1/yard")
                        .headers()
                        .firstValue("cache-control")
                        .orElse(""))
                .contains("no-store");
        assertThat(app.http().get("/").text()).doesNotContainPattern("<script(?![^>]*src=)");
    }
}
