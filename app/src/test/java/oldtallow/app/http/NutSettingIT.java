package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class NutSettingIT {

    private static final String SETTINGS = Demo.settingsOf(Demo.SHORT_CAMPER_LEFT);

    @Test
    void putsASettingOnRecord(RunningOldTallow app) {
        UUID id = UUID.randomUUID();
        Answer answer = app.http().post(SETTINGS, Demo.goodSetting(id));

        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.json().path("verdict").asString()).isEqualTo("INSIDE");
        assertThat(answer.json().path("engagedMarks").get(0).asInt()).isEqualTo(2);
        assertThat(idsOnRecord(app)).contains(id.toString());
    }

    @Test
    void answersARetryWithTheSameSettingAndKeepsOne(RunningOldTallow app) {
        UUID id = UUID.randomUUID();
        app.http().post(SETTINGS, Demo.goodSetting(id));
        Answer again = app.http().post(SETTINGS, Demo.goodSetting(id));

        assertThat(again.status()).isEqualTo(200);
        assertThat(again.json().path("id").asString()).isEqualTo(id.toString());
        assertThat(idsOnRecord(app)).containsOnlyOnce(id.toString());
    }

    @Test
    void keepsOneOfManyRetriesAtTheSameMoment(RunningOldTallow app) throws Exception {
        UUID id = UUID.randomUUID();
        List<Callable<Integer>> tries = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            tries.add(() -> app.http().post(SETTINGS, Demo.goodSetting(id)).status());
        }
        try (var threads = Executors.newFixedThreadPool(16)) {
            List<Integer> statuses = new ArrayList<>();
            for (var done : threads.invokeAll(tries)) {
                statuses.add(done.get());
            }
            assertThat(statuses).containsOnly(200);
        }
        assertThat(idsOnRecord(app)).containsOnlyOnce(id.toString());
    }

    @Test
    void refusesAnotherSettingUnderATakenId(RunningOldTallow app) {
        UUID id = UUID.randomUUID();
        app.http().post(SETTINGS, Demo.goodSetting(id));
        Answer other = app.http().post(SETTINGS, Demo.goodSetting(id).replace("0.08", "0.07"));

        assertThat(other.status()).isEqualTo(409);
        assertThat(other.json().path("detail").asString()).contains("Nothing was changed");
    }

    @Test
    void refusesPreloadAndUnknownStopsWithTheRemedy(RunningOldTallow app) {
        String good = Demo.goodSetting(UUID.randomUUID());
        Answer preload = app.http().post(SETTINGS, good.replace("\"backOffDegrees\": 17", "\"backOffDegrees\": -13"));
        Answer between = app.http().post(SETTINGS, good.replace("\"backOffDegrees\": 17", "\"backOffDegrees\": 20"));

        assertThat(preload.status()).isEqualTo(422);
        assertThat(preload.remedyFor("backOffDegrees")).contains("must not be tighter than zero play");
        assertThat(between.remedyFor("backOffDegrees")).contains("17.000°").contains("47.000°");
    }

    @Test
    void showsInTheYardAtOnce(RunningOldTallow app) {
        String settings = Demo.settingsOf(Demo.SHORT_CAMPER_RIGHT);
        String today = Instant.now().toString();
        app.http().post(settings, Demo.goodSetting(UUID.randomUUID()).replace("2026-05-14T10:00:00Z", today));

        // of its owner: other tests enter rigs that would push it off the first page
        assertThat(app.http().get("/api/v1/yard?owner=Marit%20Aune-Falk").text())
                .contains("\"id\":\"" + Demo.SHORT_CAMPER_RIGHT
                        + "\",\"position\":\"right\",\"axle\":\"\",\"side\":\"RIGHT\",\"state\":\"FINE\"");
    }

    private static List<String> idsOnRecord(RunningOldTallow app) {
        List<String> ids = new ArrayList<>();
        app.http()
                .get(SETTINGS)
                .json()
                .forEach(setting -> ids.add(setting.path("id").asString()));
        return ids;
    }
}
