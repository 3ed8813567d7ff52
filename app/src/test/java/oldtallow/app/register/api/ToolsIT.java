package oldtallow.app.register.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class ToolsIT {

    @Test
    void aDriverIsKeptAndHeldAgainstTheCup(RunningOldTallow app) {
        UUID id = UUID.randomUUID();
        String name = "turned ring " + id;
        put(app, id, "CUP_DRIVER", name, "59.3", 0);

        var cup = app.http().post("/api/v1/reckon/cup-driver", """
                {"set": "L68149/L68111", "sockets": []}""").json();

        assertThat(cup.path("own").findValuesAsString("name")).contains(name).doesNotContain("lever gun");
        // those that will do come first
        assertThat(cup.at("/own/0/suits").asBoolean()).isTrue();
        assertThat(app.http().delete("/api/v1/tools/" + id).status()).isEqualTo(200);
        assertThat(app.http().delete("/api/v1/tools/" + id).status()).isLessThan(300);
    }

    @Test
    void aChangeBehindSomebodysBackIsRefused(RunningOldTallow app) {
        UUID id = UUID.randomUUID();
        put(app, id, "SOCKET", "socket " + id, "50", 0);

        assertThat(put(app, id, "SOCKET", "socket " + id, "51", 1).status()).isEqualTo(200);
        assertThat(put(app, id, "SOCKET", "socket " + id, "52", 1).status()).isEqualTo(409);
    }

    @Test
    void refusesToolsThatCannotBe(RunningOldTallow app) {
        UUID id = UUID.randomUUID();

        assertThat(put(app, id, "SOCKET", " ", "50", 0).remedyFor("name")).contains("1 to 60");
        assertThat(put(app, id, "SOCKET", "x", "5", 0).remedyFor("outside.number"))
                .contains("is the unit right?");
        assertThat(put(app, id, "SOCKET", "driver 59", "50", 0).remedyFor("name"))
                .contains("another tool");
        assertThat(app.http().put("/api/v1/tools/" + id, """
                                {"kind": "SOCKET", "name": "y", "version": 0}""").remedyFor("outside.number"))
                .contains("measure across");
        assertThat(app.http().put("/api/v1/tools/" + id, """
                                {"kind": "GREASE_GUN", "name": "y", "stroke": 40, "version": 0}""").remedyFor("stroke"))
                .contains("0.1 to 10 cm³");
    }

    private static Answer put(RunningOldTallow app, UUID id, String kind, String name, String outside, int version) {
        return app.http().put("/api/v1/tools/" + id, """
                        {"kind": "%s", "name": "%s", "outside": {"number": %s, "unit": "MILLIMETRE"}, "version": %d}
                        """.formatted(kind, name, outside, version));
    }
}
