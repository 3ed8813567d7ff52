package oldtallow.app.outlet.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.regex.Pattern;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.standin.MailBox;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Mails as they go out, over SMTP to the simulated mail server that ships with the demo. */
@ExtendWith(OldTallowExtension.class)
class MailIT {

    private static final Pattern CODE = Pattern.compile("\\b[0-9]{6}\\b");

    private Http device;
    private MailBox box;

    @BeforeEach
    void signIn(RunningOldTallow app) {
        device = app.http();
        box = app.part(StandInMailServer.class).box();
        // a code a minute, and a mail by hand: those of other tests are long ago
        app.db().execute("update mail_reminder set code_sent_at = null");
        app.db().execute("update mail_sent set at = at - interval '10 minutes'");
        // something is due in any case
        Bench.Pair rig = new Bench(device).newPair("STEPPED_BRAKED");
        LocalDate longAgo = LocalDate.now(ZoneId.systemDefault()).minusYears(2);
        new Bench(device).serviced(rig.rig(), rig.left(), "REPACK", longAgo);
    }

    @AfterEach
    void noMore() {
        keep("tobe@example.org", false);
    }

    @Test
    void sendsWhatIsDueNow() {
        keep("tobe@example.org", false);
        JsonNode mail = Bench.accepted(device.post("/api/v1/mail-reminder/now", ""))
                .path("sent")
                .get(0);

        assertThat(mail.path("problem").asString()).isEmpty();
        assertThat(mail.path("subject").asString()).contains("late");
        assertThat(mail.path("body").asString()).contains("LATE, due").contains("/almanac");
    }

    /** Its hour is past and no quiet hours are kept: the next round sends it, and no other round the same day. */
    @Test
    void aRoundSendsOnceADay(RunningOldTallow app) {
        keep("tobe@example.org", false); // confirmed, which sends a code
        int before = reminder().path("sent").size();
        keep("tobe@example.org", true);

        app.part(MailRounds.class).make();
        // the application's own round may have been first, and still be sending
        JsonNode after = await().until(this::reminder, view -> view.path("sent").size() == before + 1);
        assertThat(after.path("sent").get(0).path("address").asString()).isEqualTo("tobe@example.org");
        assertThat(after.path("next").asString())
                .startsWith(LocalDate.now(ZoneId.systemDefault()).plusDays(1).toString());
        app.part(MailRounds.class).make();
        assertThat(reminder().path("sent")).hasSize(before + 1);
    }

    /** Whoever enters a stranger's address has nothing sent there but the one code. */
    @Test
    void nothingGoesToAnAddressThatNobodyConfirmed(RunningOldTallow app) {
        keep("tobe@example.org", false);
        Bench.accepted(device.put("/api/v1/mail-reminder", form(version(), "stranger@example.org", true, 14)));
        Bench.accepted(device.post("/api/v1/mail-reminder/code", ""));
        int letters = box.letters().size();
        String code = code();

        assertThat(device.post("/api/v1/mail-reminder/now", "").remedyFor("address"))
                .contains("not confirmed");
        app.part(MailRounds.class).make();
        assertThat(device.post("/api/v1/mail-reminder/code", "").remedyFor("code"))
                .contains("less than a minute ago");
        assertThat(box.letters()).hasSize(letters);

        for (int i = 0; i < 5; i++) {
            assertThat(device.post("/api/v1/mail-reminder/confirmed", "{\"code\": \"x" + i + "\"}")
                            .remedyFor("code"))
                    .contains("have another one sent");
        }
        assertThat(device.post("/api/v1/mail-reminder/confirmed", "{\"code\": \"" + code + "\"}")
                        .status())
                .as("the right one, after five wrong ones")
                .isEqualTo(422);
        assertThat(reminder().path("confirmed").asBoolean()).isFalse();
    }

    /** A code that came to one's own address confirms no other. */
    @Test
    void aCodeIsOfItsAddress() {
        Bench.accepted(device.put("/api/v1/mail-reminder", form(version(), "mine@example.org", true, 14)));
        Bench.accepted(device.post("/api/v1/mail-reminder/code", ""));
        String code = code();
        Bench.accepted(device.put("/api/v1/mail-reminder", form(version(), "another@example.org", true, 14)));

        assertThat(device.post("/api/v1/mail-reminder/confirmed", "{\"code\": \"" + code + "\"}")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void refusesWhatIsNoAddress() {
        assertThat(device.put("/api/v1/mail-reminder", form(version(), "nobody", true, 14))
                        .remedyFor("address"))
                .contains("must be a mail address");
        assertThat(device.put("/api/v1/mail-reminder", form(version(), "a@b.example", true, 400))
                        .remedyFor("daysAhead"))
                .contains("1 to 90");
        keep("tobe@example.org", false);
        assertThat(device.put("/api/v1/mail-reminder", form(0, "a@b.example", true, 14))
                        .status())
                .isEqualTo(409);
    }

    private JsonNode reminder() {
        return device.get("/api/v1/mail-reminder").json();
    }

    /** Kept, and confirmed by the code that comes to the address. */
    private void keep(String address, boolean wanted) {
        Bench.accepted(device.put("/api/v1/mail-reminder", form(version(), address, wanted, 14)));
        if (!reminder().path("confirmed").asBoolean()) {
            Bench.accepted(device.post("/api/v1/mail-reminder/code", ""));
            Bench.accepted(device.post("/api/v1/mail-reminder/confirmed", "{\"code\": \"" + code() + "\"}"));
        }
    }

    private String code() {
        return CODE.matcher(box.letters().getFirst().text())
                .results()
                .findFirst()
                .orElseThrow()
                .group();
    }

    private int version() {
        return reminder().path("version").asInt();
    }

    private static String form(int version, String address, boolean wanted, int daysAhead) {
        return """
                {"version": %d, "address": "%s", "wanted": %s, "at": "00:00", "quietFrom": "03:00", "quietTo": "03:00",
                 "daysAhead": %d}""".formatted(version, address, wanted, daysAhead);
    }
}
