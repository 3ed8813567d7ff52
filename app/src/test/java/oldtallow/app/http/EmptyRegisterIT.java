package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;

class EmptyRegisterIT {

    @Test
    void aNewDatabaseWithoutTheDemoIsAnEmptyYard() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Answer yard = app.http().get("/api/yard");

            assertThat(yard.status()).as(yard.text()).isEqualTo(200);
            assertThat(yard.json().path("rigs").size()).isZero();
            assertThat(app.http().get("/api/wheel-ends").text()).isEqualTo("[]");
        }
    }

    @Test
    void aRestartKeepsTheSameWorkshop() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            String before = app.db().fetch("select id from workshop").formatCSV();
            app.restart();

            assertThat(app.db().fetch("select id from workshop").formatCSV()).isEqualTo(before);
        }
    }
}
