package oldtallow.app.schedule.persistence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import oldtallow.app.schedule.model.DueStore.NextDue;
import oldtallow.core.schedule.interval.DueAction;
import org.junit.jupiter.api.Test;

class NextDuesTest {

    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);
    private static final List<NextDue> DUES = List.of(
            new NextDue(new UUID(1, 2), DueAction.REPACK, MAY, 55),
            new NextDue(new UUID(3, 4), DueAction.RETORQUE, MAY.minusDays(400), 10));

    @Test
    void comeBackAsTheyWent() {
        LocalDate[] days = {MAY, MAY.minusDays(400)};
        assertThat(NextDues.read(NextDues.what(DUES), days, new Integer[] {55, 10}))
                .isEqualTo(DUES);
        assertThat(NextDues.read(NextDues.what(List.of()), new LocalDate[0], new Integer[0]))
                .isEmpty();
    }

    @Test
    void areArraysAsPostgresWritesThem() {
        assertThat(NextDues.days(DUES)).isEqualTo("{2026-05-14,2025-04-09}");
        assertThat(NextDues.minutes(DUES)).isEqualTo("{55,10}");
        assertThat(NextDues.days(List.of())).isEqualTo("{}");
    }

    @Test
    void areNotReadFromColumnsThatDoNotBelongTogether() {
        LocalDate[] tooFew = {MAY};
        assertThatThrownBy(() -> NextDues.read(NextDues.what(DUES), tooFew, new Integer[] {55, 10}))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("2 dues with 1 days");
    }
}
