package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;

class EmptyRegisterIT {

    @Test
    void aNewInstallationAsksForItsFirstOwnerAndIsThenAnEmptyYard() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Http device = app.stranger();
            assertThat(device.get("/api/v1/session")
                            .json()
                            .path("firstOwnerWanted")
                            .asBoolean())
                    .isTrue();
            assertThat(device.get("/api/v1/session").json().path("demoAccounts").size())
                    .isZero();

            Answer founded = device.post("/api/v1/first-owner", RunningOldTallow.FOUNDER);
            assertThat(founded.status()).as(founded.text()).isEqualTo(200);
            Answer yard = device.get("/api/v1/yard");

            assertThat(yard.status()).as(yard.text()).isEqualTo(200);
            assertThat(yard.json().path("workshop").asString()).isEqualTo("North shed");
            assertThat(yard.json().path("rigs").size()).isZero();
            assertThat(device.get("/api/v1/palette?q=a").text()).isEqualTo("[]");
        }
    }

    @Test
    void nobodyFoundsASecondTime() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Http device = app.founder();
            app.restart();
            Http other = app.stranger();
            other.get("/api/v1/session");
            Answer second = other.post("/api/v1/first-owner", RunningOldTallow.FOUNDER.replace("bex", "cas"));

            assertThat(second.status()).isEqualTo(409);
            assertThat(device.get("/api/v1/yard").status())
                    .as("the session outlives a restart")
                    .isEqualTo(200);
            assertThat(app.db().fetchCount(DSL.table("workshop"))).isEqualTo(1);
        }
    }
}
