package oldtallow.app.identity.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class PeopleIT {

    @Test
    void anOwnerAddsAPersonWhoCanThenSignIn(RunningOldTallow app) {
        String name = newName();
        Answer added = add(app, name, "MECHANIC");

        assertThat(added.status()).as(added.text()).isEqualTo(201);
        assertThat(app.stranger().signIn(name, "long enough words").status()).isEqualTo(200);
        assertThat(app.as("ines").get("/api/v1/people").text()).doesNotContain("argon2", "password");
    }

    @Test
    void nobodyElseManagesPeople(RunningOldTallow app) {
        for (String who : new String[] {"tobe", "wil"}) {
            Answer answer = app.as(who)
                    .post(
                            "/api/v1/people",
                            "{\"id\": \"" + UUID.randomUUID()
                                    + "\", \"name\": \"X\", \"signInName\": \"xx\", \"role\": \"OWNER\", \"password\": \"long enough words\"}");
            assertThat(answer.status()).isEqualTo(403);
            assertThat(answer.json().path("detail").asString()).contains("role");
        }
    }

    @Test
    void whoLeavesIsSignedOutAtOnceAndStaysOnRecord(RunningOldTallow app) {
        String name = newName();
        Answer added = add(app, name, "APPRENTICE");
        Http device = app.stranger();
        device.signIn(name, "long enough words");
        String id = added.json().path("id").asString();

        Answer left = app.as("ines")
                .put(
                        "/api/v1/people/" + id,
                        "{\"name\": \"Left\", \"role\": \"APPRENTICE\", \"active\": false, \"version\": 1}");

        assertThat(left.status()).as(left.text()).isEqualTo(200);
        assertThat(device.get("/api/v1/yard").status()).isEqualTo(401);
        assertThat(app.stranger().signIn(name, "long enough words").status()).isEqualTo(422);
        assertThat(app.as("ines").get("/api/v1/people").text()).contains(id);
    }

    @Test
    void aStaleEditIsToldAndChangesNothing(RunningOldTallow app) {
        String id = add(app, newName(), "MECHANIC").json().path("id").asString();
        String edit = "{\"name\": \"%s\", \"role\": \"MECHANIC\", \"active\": true, \"version\": 1}";
        app.as("ines").put("/api/v1/people/" + id, edit.formatted("First"));

        Answer stale = app.as("ines").put("/api/v1/people/" + id, edit.formatted("Second"));

        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().path("detail").asString()).contains("Somebody else changed this person");
        assertThat(app.as("ines").get("/api/v1/people").text())
                .contains("First")
                .doesNotContain("Second");
    }

    @Test
    void theLastOwnerStaysOwner(RunningOldTallow app) {
        String ines = "";
        int version = 0;
        for (var person : app.as("ines").get("/api/v1/people").json()) {
            if (person.path("signInName").asString().equals("ines")) {
                ines = person.path("id").asString();
                version = person.path("version").asInt();
            }
        }

        Answer answer = app.as("ines")
                .put(
                        "/api/v1/people/" + ines,
                        "{\"name\": \"Ines\", \"role\": \"MECHANIC\", \"active\": true, \"version\": " + version + "}");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.remedyFor("role")).contains("nobody else could manage");
    }

    @Test
    void refusesWhatCannotBeAnAccountAllAtOnce(RunningOldTallow app) {
        Answer answer = app.as("ines")
                .post(
                        "/api/v1/people",
                        "{\"id\": \"" + UUID.randomUUID()
                                + "\", \"name\": \" \", \"signInName\": \"No Spaces\", \"role\": \"MECHANIC\", \"password\": \"short\"}");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.remedyFor("name")).contains("1 to 80");
        assertThat(answer.remedyFor("signInName")).contains("small letters");
        assertThat(answer.remedyFor("password")).contains("10 to 128");
        assertThat(answer.text()).doesNotContain("\"short\"");
        assertThat(app.as("ines")
                        .post(
                                "/api/v1/people",
                                "{\"id\": \"" + UUID.randomUUID()
                                        + "\", \"name\": \"T\", \"signInName\": \"tobe\", \"role\": \"MECHANIC\", \"password\": \"long enough words\"}")
                        .remedyFor("signInName"))
                .contains("taken");
    }

    @Test
    void eachSetsTheirOwnPasswordAndNobodyElses(RunningOldTallow app) {
        String name = newName();
        String id = add(app, name, "MECHANIC").json().path("id").asString();
        Http device = app.stranger();
        device.signIn(name, "long enough words");

        assertThat(app.as("tobe")
                        .put(
                                "/api/v1/people/" + id + "/password",
                                "{\"current\": \"tallow and tow\", \"password\": \"taken over now\"}")
                        .status())
                .isEqualTo(403);
        assertThat(device.put(
                                "/api/v1/people/" + id + "/password",
                                "{\"current\": \"not long enough\", \"password\": \"a new one of mine\"}")
                        .remedyFor("current"))
                .contains("your password as it is now");
        assertThat(device.put(
                                "/api/v1/people/" + id + "/password",
                                "{\"current\": \"long enough words\", \"password\": \"a new one of mine\"}")
                        .status())
                .isEqualTo(204);
        assertThat(app.stranger().signIn(name, "a new one of mine").status()).isEqualTo(200);
    }

    @Test
    void anApprenticesSettingWaitsForAMechanic(RunningOldTallow app) {
        String settings = Demo.settingsOf(Demo.SHORT_CAMPER_LEFT);
        UUID id = UUID.randomUUID();
        Http wil = app.stranger();
        wil.signIn("wil", Demo.PASSWORD);
        Answer saved = wil.post(settings, Demo.goodSetting(id));
        assertThat(saved.json().path("setBy").asString()).isEqualTo("Wil");
        assertThat(saved.json().path("awaitsSignOff").asBoolean()).isTrue();

        Answer own = wil.post(settings + "/" + id + "/sign-off", "");
        assertThat(own.status()).isEqualTo(403);
        Answer signed = app.http().post(settings + "/" + id + "/sign-off", "");

        assertThat(signed.status()).as(signed.text()).isEqualTo(200);
        assertThat(signed.json().path("awaitsSignOff").asBoolean()).isFalse();
        assertThat(signed.json().path("signedOffBy").asString()).isEqualTo("Tobe");
        assertThat(app.http().post(settings + "/" + id + "/sign-off", "").status())
                .as("signing twice changes nothing")
                .isEqualTo(200);
    }

    private static String newName() {
        return "n-" + UUID.randomUUID().toString().substring(0, 8);
    }

    private static Answer add(RunningOldTallow app, String signInName, String role) {
        return app.as("ines")
                .post(
                        "/api/v1/people",
                        "{\"id\": \"" + UUID.randomUUID()
                                + "\", \"name\": \"New\", \"signInName\": \"%s\", \"role\": \"%s\", \"password\": \"long enough words\"}"
                                        .formatted(signInName, role));
    }
}
