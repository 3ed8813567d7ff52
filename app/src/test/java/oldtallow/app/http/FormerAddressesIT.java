package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.app.testing.Stores;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A page that was open while the application was renewed asks without the version, and is answered. */
@ExtendWith(OldTallowExtension.class)
class FormerAddressesIT {

    @Test
    void answersAsTheNumberedOne(RunningOldTallow app) {
        Answer former = app.http().get("/api/shelf");

        assertThat(former.status()).isEqualTo(200);
        assertThat(former.text()).isEqualTo(app.http().get("/api/v1/shelf").text());
    }

    @Test
    void asksForTheSameRights(RunningOldTallow app) {
        assertThat(app.stranger().get("/api/shelf").status()).isEqualTo(401);
        assertThat(app.http().get("/api/nowhere").status())
                .isEqualTo(app.http().get("/api/v1/nowhere").status());
    }

    @Test
    void whatWasSentThereIsOneWithWhatIsSentAgain(RunningOldTallow app) {
        Http device = app.http();
        UUID item = UUID.randomUUID();
        String sent = Stores.form(item, "Once " + item).toString();

        Bench.accepted(device.post("/api/shelf/items", sent));
        Bench.accepted(device.post("/api/v1/shelf/items", sent));

        assertThat(app.db()
                        .fetchSingle("select count(*) from stock_item where id = ?", item)
                        .get(0, int.class))
                .isEqualTo(1);
    }
}
