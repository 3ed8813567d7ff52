package oldtallow.app.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.figures.Figures;
import oldtallow.app.job.Jobs;
import oldtallow.app.nut.NutSettings;
import oldtallow.app.nut.SettingSummary;
import oldtallow.app.register.Register;
import oldtallow.app.register.Rig;
import oldtallow.app.register.RigTouched;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.testing.Rigs;
import oldtallow.app.walls.Asker;
import oldtallow.app.walls.Role;
import oldtallow.app.walls.SignedIn;
import oldtallow.app.workshop.Workshop;
import oldtallow.app.workshop.Workshops;
import oldtallow.app.yard.StandingStore.Rank;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.figure.Authority;
import oldtallow.core.figure.FigureValue;
import oldtallow.core.figure.FigureValue.Interval;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.interval.HubState;
import oldtallow.core.lock.FreeAngleLock;
import oldtallow.core.quantity.Length;
import oldtallow.core.sequence.SchoolId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.ArgumentCaptor;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class YardServiceTest {

    private static final Instant NOW = Instant.parse("2026-05-14T12:00:00Z");
    private static final SignedIn INES = new SignedIn(UUID.randomUUID(), UUID.randomUUID(), "Ines", Role.OWNER);

    @Mock
    private Register register;

    @Mock
    private NutSettings settings;

    @Mock
    private Figures figures;

    @Mock
    private Jobs jobs;

    @Mock
    private StandingStore store;

    @Mock
    private Workshops workshops;

    private final List<Rig> rigs = new ArrayList<>();
    private final List<SettingSummary> latest = new ArrayList<>();
    private int months = 12;

    @Test
    void putsTheWorstFirst() {
        set(rig("Fine"), 10, EndPlayVerdict.INSIDE, false);
        set(rig("Late"), 400, EndPlayVerdict.INSIDE, false);
        set(rig("Later"), 500, EndPlayVerdict.INSIDE, false);
        rig("Unknown");
        set(rig("Loose"), 10, EndPlayVerdict.TOO_LOOSE, false);
        set(rig("Apprentice's"), 1, EndPlayVerdict.INSIDE, true);
        set(rig("Soon"), 350, EndPlayVerdict.INSIDE, false);

        assertThat(yard().next())
                .extracting(next -> next.rig().name())
                .containsExactly("Loose", "Apprentice's", "Later", "Late", "Unknown", "Soon", "Fine");
    }

    @Test
    void keepsWheelEndsOfOneRigInTheSameStateTogether() {
        set(rig("Camper"), 400, EndPlayVerdict.INSIDE, false);

        assertThat(yard().next()).singleElement().satisfies(next -> {
            assertThat(next.state()).isEqualTo(HubState.OVERDUE);
            assertThat(next.standings()).hasSize(2);
            assertThat(next.standings().getFirst().daysLeft()).isEqualTo(-35L);
        });
    }

    @Test
    void knowsOnWhichWheelEndAJobIsOpen() {
        Rig camper = rig("Camper");
        UUID apart = camper.wheelEnds().findFirst().orElseThrow().id();
        UUID job = UUID.randomUUID();
        when(jobs.openAt(any())).thenReturn(Map.of(apart, job));

        assertThat(yard().standings().values())
                .filteredOn(standing -> standing.openJobId() != null)
                .singleElement()
                .satisfies(standing -> {
                    assertThat(standing.wheelEnd().id()).isEqualTo(apart);
                    assertThat(standing.openJobId()).isEqualTo(job);
                });
    }

    @Test
    void goesByTheIntervalThatGoverns() {
        set(rig("Camper"), 400, EndPlayVerdict.INSIDE, false);
        months = 18;

        assertThat(yard().standings().values()).allSatisfy(standing -> {
            assertThat(standing.state()).isEqualTo(HubState.FINE);
            assertThat(standing.interval().authority()).isEqualTo(Authority.MAKER);
        });
    }

    @Test
    void doesNotGuessWhereNothingIsOnRecord() {
        rig("Unknown");

        assertThat(yard().standings().values()).allSatisfy(standing -> {
            assertThat(standing.state()).isEqualTo(HubState.NO_RECORD);
            assertThat(standing.daysLeft()).isNull();
            assertThat(standing.lastSetting()).isNull();
        });
    }

    @Test
    void tellsWhereTheNextPageGoesOn() {
        for (int i = 0; i < 25; i++) {
            rig("Rig " + i);
        }

        YardService.Yard page = yard();

        assertThat(page.rigs()).hasSize(24);
        assertThat(Optional.ofNullable(page.more()).orElseThrow().rigId())
                .isEqualTo(rigs.get(23).id());
    }

    @Test
    void ranksARigByItsWorstWheelEnd() {
        Rig rig = rig("Half loose");
        set(rig, 30, EndPlayVerdict.TOO_LOOSE, false);
        latest.removeLast(); // the right one is another's
        set(rig, 10, EndPlayVerdict.INSIDE, false);
        latest.remove(1);

        assertThat(rank(rig)).isEqualTo(new Rank(0, LocalDate.of(2027, 4, 14), rig.id(), "Somebody"));
    }

    @Test
    void ranksARigWithoutARecordByTheDayItWasBuiltSo() {
        Rig rig = rig("Unknown");

        assertThat(rank(rig)).isEqualTo(new Rank(2, Rigs.BUILT, rig.id(), "Somebody"));
    }

    private Rank rank(Rig rig) {
        when(register.rig(rig.id())).thenReturn(rig);
        Asker.as(INES, () -> {
            standings().rank(new RigTouched(rig.id()));
            return null;
        });
        @SuppressWarnings("unchecked")
        ArgumentCaptor<List<Rank>> ranks = ArgumentCaptor.forClass(List.class);
        verify(store).put(eq(INES.workshopId()), ranks.capture());
        return ranks.getValue().getFirst();
    }

    private YardService.Yard yard() {
        when(store.worst(any(), any(), any(), anyInt()))
                .thenReturn(rigs.stream()
                        .map(rig -> new Rank(2, Rigs.BUILT, rig.id(), ""))
                        .toList());
        when(register.rigs(any())).thenAnswer(call -> {
            Collection<UUID> ids = call.getArgument(0);
            return rigs.stream().filter(rig -> ids.contains(rig.id())).toList();
        });
        when(workshops.current()).thenReturn(new Workshop(UUID.randomUUID(), "Test workshop"));
        var service = new YardService(register, store, standings(), workshops, Clock.fixed(NOW, ZoneOffset.UTC));
        return Asker.as(INES, () -> service.today(YardService.Show.ALL, null, null));
    }

    private Standings standings() {
        when(settings.latest(any())).thenReturn(latest);
        when(figures.intervals(any())).thenAnswer(call -> {
            Map<UUID, GoverningFigure<FigureValue>> intervals = new HashMap<>();
            rigs.stream()
                    .flatMap(Rig::wheelEnds)
                    .forEach(end -> intervals.put(
                            end.id(),
                            new GoverningFigure<>(new Interval(months, Optional.empty()), Authority.MAKER, "manual")));
            return intervals;
        });
        return new Standings(register, settings, figures, jobs, store, Clock.fixed(NOW, ZoneOffset.UTC));
    }

    private Rig rig(String name) {
        Rig rig = Rigs.rig(rigs.size() + 1, name, List.of(Rigs.build(FreeAngleLock.STAKED_COLLAR)));
        rigs.add(rig);
        return rig;
    }

    private void set(Rig rig, int daysAgo, EndPlayVerdict verdict, boolean needsSignOff) {
        for (WheelEnd end : rig.axles().getFirst().wheelEnds()) {
            latest.add(new SettingSummary(
                    UUID.randomUUID(),
                    end.id(),
                    NOW.minus(daysAgo, ChronoUnit.DAYS),
                    "Tobe",
                    needsSignOff,
                    null,
                    SchoolId.INCH_POUND,
                    "1-14 UNS",
                    "staked collar",
                    1,
                    0,
                    15,
                    List.of(),
                    Length.ofMillimetres(0.08),
                    null,
                    verdict,
                    new GoverningFigure<>(EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE, "common practice"),
                    null,
                    "",
                    null,
                    true));
        }
    }
}
