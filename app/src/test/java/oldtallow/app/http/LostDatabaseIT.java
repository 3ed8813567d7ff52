package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.UUID;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class LostDatabaseIT {

    @Test
    void aSaveSaysSoAndItsRetryIsOneSetting(RunningOldTallow app) {
        Http tobe = app.http(); // signed in before the database is lost
        String settings = Demo.settingsOf(Demo.SHORT_CAMPER_LEFT);
        String setting = Demo.goodSetting(UUID.randomUUID());
        int before = tobe.get(settings).json().size();

        app.crashDatabase();
        Answer lost = tobe.post(settings, setting);
        app.postgres().restart();
        // the pool trusts a connection used within the last 500 ms without trying it
        await().until(() -> tobe.get(settings).status() == 200);

        assertThat(lost.status()).as(lost.text()).isEqualTo(503);
        assertThat(lost.type()).startsWith("application/problem+json");
        assertThat(lost.json().path("detail").asString())
                .contains("Nothing was saved")
                .contains("try again");
        assertThat(lost.text()).doesNotContain("Exception", "org.postgresql");
        assertThat(tobe.get(settings).json().size()).isEqualTo(before);
        assertThat(tobe.post(settings, setting).status()).isEqualTo(200);
        assertThat(tobe.get(settings).json().size()).isEqualTo(before + 1);
    }
}
