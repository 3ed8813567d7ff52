package oldtallow.app.schedule.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.register.api.IntervalLadders;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.DueStore.NextDue;
import oldtallow.app.schedule.model.Urgency;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.hub.Construction;
import oldtallow.core.quantity.Length;
import oldtallow.core.schedule.almanac.RigUse;
import oldtallow.core.schedule.almanac.ServiceHistory;
import oldtallow.core.schedule.almanac.Serviced;
import oldtallow.core.schedule.distance.Forecast;
import oldtallow.core.schedule.distance.Past;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.Duty;
import oldtallow.core.schedule.interval.Upkeep;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

@ExtendWith(MockitoExtension.class)
class DueDerivationTest {

    private static final LocalDate BUILT = LocalDate.of(2024, 3, 1);
    private static final LocalDate DONE = LocalDate.of(2026, 4, 14);
    private static final UUID LEFT = UUID.randomUUID();
    private static final UUID RIGHT = UUID.randomUUID();

    @Mock
    private IntervalLadders ladders;

    @Test
    void ranksARigByItsWorstWheelEnd() {
        DueStore.Rank rank =
                rank(end(LEFT, Optional.of(EndPlayVerdict.TOO_LOOSE), DONE), end(RIGHT, inside(), DONE.minusDays(20)));

        assertThat(rank.urgency()).isEqualTo(Urgency.OUTSIDE_WINDOW);
        assertThat(rank.attentionOn()).isEqualTo(DONE.plusYears(1));
        assertThat(rank.next())
                .containsExactly(
                        new NextDue(LEFT, DueAction.REPACK, DONE.plusYears(1), 60),
                        new NextDue(RIGHT, DueAction.REPACK, DONE.minusDays(20).plusYears(1), 60));
    }

    @Test
    void ranksByTheDayWhereNothingIsUrgent() {
        assertThat(rank(end(LEFT, inside(), DONE), end(RIGHT, inside(), DONE.minusDays(20)))
                        .attentionOn())
                .isEqualTo(DONE.minusDays(20).plusYears(1));
    }

    @Test
    void ranksARigWithoutARecordByTheDayItWasBuiltSo() {
        DueStore.Rank rank = rank(end(LEFT, Optional.empty(), null), end(RIGHT, Optional.empty(), null));

        assertThat(rank.urgency()).isEqualTo(Urgency.BY_DATE);
        assertThat(rank.attentionOn()).isEqualTo(BUILT);
        assertThat(rank.next()).isEmpty();
    }

    private DueStore.Rank rank(DueBasis.End... ends) {
        when(ladders.at(any(), any(), any(), any()))
                .thenReturn(List.of(
                        new GoverningFigure<>(Interval.repack(12, Optional.empty()), Authority.MAKER, "manual")));
        var use = new RigUse(new Forecast(DONE, 0, Optional.empty(), List.of(), Past.UNKNOWN), List.of(), List.of());
        return new DueDerivation(ladders).rank(new DueBasis(UUID.randomUUID(), Set.of(), use, List.of(ends)));
    }

    private static Optional<EndPlayVerdict> inside() {
        return Optional.of(EndPlayVerdict.INSIDE);
    }

    private static DueBasis.End end(UUID id, Optional<EndPlayVerdict> verdict, @Nullable LocalDate done) {
        return new DueBasis.End(
                id,
                UUID.randomUUID(),
                Construction.STEPPED_BRAKED,
                new Upkeep(Duty.TRAILER, false),
                BUILT,
                verdict.map(one -> new DueBasis.LastSetting(Instant.EPOCH, Length.ofMicrometres(80), one, false)),
                done == null
                        ? ServiceHistory.NONE
                        : new ServiceHistory(Map.of(DueAction.REPACK, new Serviced(done, 0)), Optional.empty(), 0));
    }
}
