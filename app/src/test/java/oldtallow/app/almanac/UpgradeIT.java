package oldtallow.app.almanac;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.LocalDate;
import java.time.ZoneId;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;

/** What an upgrade leaves to be worked out anew is worked out at the next start, without anybody touching a rig. */
class UpgradeIT {

    @Test
    void whatIsDueIsKnownAgainSoonAfterAStart() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Http device = app.founder();
            Bench.Pair rig = new Bench(device).newPair("STEPPED_BRAKED");
            LocalDate longAgo = LocalDate.now(ZoneId.systemDefault()).minusYears(2);
            new Bench(device).serviced(rig.rig(), rig.left(), "REPACK", longAgo);
            String before = device.get("/api/almanac").text();
            assertThat(before).contains(rig.rig());

            app.db().execute("delete from due_basis"); // as a migration does
            app.restart();

            await().until(() -> app.db().fetchCount(DSL.table("due_basis")) == 1);
            assertThat(device.get("/api/almanac").text()).isEqualTo(before);
        }
    }
}
