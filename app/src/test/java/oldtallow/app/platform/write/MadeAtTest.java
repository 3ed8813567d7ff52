package oldtallow.app.platform.write;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import oldtallow.core.refusal.InvalidInputException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class MadeAtTest {

    private static final Instant NOW = Instant.parse("2026-05-09T10:41:07.250Z");

    private final Clock clock = MadeAt.over(Clock.fixed(NOW, ZoneOffset.UTC));

    @AfterEach
    void isOver() {
        MadeAt.isOver();
    }

    @Test
    void putsTheClockBackForThisThreadOnly() throws InterruptedException {
        Instant then = NOW.minus(Duration.ofDays(3));
        MadeAt.is(then.toString(), NOW);

        assertThat(clock.instant()).isEqualTo(then);
        assertThat(clock.withZone(ZoneId.of("Europe/Berlin")).instant()).isEqualTo(then);
        var elsewhere = new Instant[1];
        Thread.ofVirtual().start(() -> elsewhere[0] = clock.instant()).join();
        assertThat(elsewhere[0]).isEqualTo(NOW);

        MadeAt.isOver();
        assertThat(clock.instant()).isEqualTo(NOW);
    }

    @Test
    void nothingIsMadeInTheFuture() {
        MadeAt.is(NOW.plusSeconds(1).toString(), NOW);
        assertThat(clock.instant()).isEqualTo(NOW);
    }

    @Test
    void takesFourHundredDaysAndNoMore() {
        Instant first = NOW.minus(MadeAt.LONGEST);
        MadeAt.is(first.toString(), NOW);
        assertThat(clock.instant()).isEqualTo(first);
        assertThatThrownBy(() -> MadeAt.is(first.minusMillis(1).toString(), NOW))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        wrong -> assertThat(wrong.errors().getFirst().remedy()).contains("400 days"));
    }
}
