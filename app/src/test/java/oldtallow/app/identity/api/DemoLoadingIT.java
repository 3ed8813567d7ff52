package oldtallow.app.identity.api;

import static org.assertj.core.api.Assertions.assertThat;

import oldtallow.app.identity.api.DemoAccounts.Loading;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** While the demo is laid out nobody is offered an account, and nobody's right password is called wrong. */
@ExtendWith(OldTallowExtension.class)
class DemoLoadingIT {

    @Test
    void saysHowFarItIsAndCountsNoTry(RunningOldTallow app) {
        DemoAccounts accounts = app.part(DemoAccounts.class);
        Http device = app.stranger();
        accounts.tell(new Loading(3, 9));
        try {
            Answer session = device.get("/api/v1/session");
            assertThat(session.json().path("demoAccounts")).isEmpty();
            assertThat(session.json().path("firstOwnerWanted").asBoolean()).isFalse();
            assertThat(session.json().at("/loading/done").asInt()).isEqualTo(3);
            assertThat(session.json().at("/loading/of").asInt()).isEqualTo(9);
            for (int i = 0; i < 6; i++) { // more than are free before one has to wait
                Answer early = device.signIn("Tobe", Demo.PASSWORD);
                assertThat(early.status()).as(early.text()).isEqualTo(503);
                assertThat(early.json().path("detail").asString()).contains("3 of 9");
                assertThat(early.headers().firstValue("retry-after")).isPresent();
            }
            assertThat(app.db()
                            .fetchCount(
                                    DSL.table("sign_in_failure"),
                                    DSL.field("asked", String.class).startsWith("tobe")))
                    .isZero();
        } finally {
            accounts.tell(new Loading(9, 9));
        }
        assertThat(device.get("/api/v1/session").json().path("demoAccounts")).hasSize(3);
        assertThat(device.signIn("tobe", Demo.PASSWORD).status()).isEqualTo(200);
    }
}
