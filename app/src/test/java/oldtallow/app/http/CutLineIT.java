package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.util.UUID;
import oldtallow.app.testing.DatabaseLine.At;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The line to the database cut in the midst of a save: what is said is what happened, and sent again it is one. */
@ExtendWith(OldTallowExtension.class)
class CutLineIT {

    private static final String SETTINGS = Demo.settingsOf(Demo.SHORT_CAMPER_LEFT);

    private final UUID id = UUID.randomUUID();
    private Http tobe;
    private RunningOldTallow app;
    private int before;

    @BeforeEach
    void look(RunningOldTallow app) {
        this.app = app;
        tobe = app.http();
        before = onRecord();
    }

    @Test
    void cutBeforeTheCommitNothingIsSaved() {
        Answer answer = saveOverACutLine(At.STATEMENT);

        assertThat(answer.status()).isEqualTo(503);
        assertThat(answer.json().path("type").asString()).isEqualTo("urn:oldtallow:not-saved");
        assertThat(answer.json().path("detail").asString())
                .startsWith("Nothing was saved")
                .contains("still here");
        assertThat(onRecord()).isEqualTo(before);
        savesOnceMore();
    }

    @ParameterizedTest
    @EnumSource(
            value = At.class,
            names = {"COMMIT", "ANSWER"})
    void cutAtTheCommitItIsNotKnown(At at) {
        Answer answer = saveOverACutLine(at);

        assertThat(answer.status()).isEqualTo(504);
        assertThat(answer.json().path("type").asString()).isEqualTo("urn:oldtallow:not-known");
        assertThat(answer.text()).doesNotContainIgnoringCase("nothing was saved");
        assertThat(onRecord()).isEqualTo(at == At.ANSWER ? before + 1 : before);
        savesOnceMore();
    }

    /** Saved, and the session's last use cannot be written down: it is answered as saved, in one document. */
    @Test
    void aSessionThatCannotBeTouchedFailsNothing() {
        app.db().execute("update spring_session set last_access_time = last_access_time - 3600000");
        app.db()
                .execute(
                        "revoke update on spring_session from " + app.postgres().applicationUser());
        try {
            Answer answer = tobe.post(SETTINGS, Demo.goodSetting(id));

            assertThat(answer.status()).as(answer.text()).isEqualTo(200);
            assertThat(answer.json().path("id").asString()).isEqualTo(id.toString());
            assertThat(tobe.get(SETTINGS).status()).isEqualTo(200);
            assertThat(onRecord()).isEqualTo(before + 1);
        } finally {
            app.db()
                    .execute("grant update on spring_session to "
                            + app.postgres().applicationUser());
        }
    }

    private Answer saveOverACutLine(At at) {
        app.line().cut(id, at); // an entry's transaction begins by holding its id
        Answer answer = tobe.post(SETTINGS, Demo.goodSetting(id));
        assertThat(app.line().isCut()).as("whether the line was cut").isTrue();
        await().until(() -> tobe.get(SETTINGS).status() == 200);
        return answer;
    }

    private void savesOnceMore() {
        assertThat(tobe.post(SETTINGS, Demo.goodSetting(id)).status()).isLessThan(300);
        assertThat(onRecord()).isEqualTo(before + 1);
    }

    private int onRecord() {
        return tobe.get(SETTINGS).json().size();
    }
}
