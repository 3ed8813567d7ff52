package oldtallow.app.schedule.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.identity.model.Workshop;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.app.schedule.model.Urgency;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.app.testing.Rigs;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.almanac.GoverningRule;
import oldtallow.core.schedule.almanac.ServiceHistory;
import oldtallow.core.schedule.almanac.Serviced;
import oldtallow.core.schedule.distance.DueRange;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.HubState;
import oldtallow.core.schedule.interval.Trigger;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

@ExtendWith(MockitoExtension.class)
class YardServiceTest {

    private static final Instant NOW = Instant.parse("2026-05-14T12:00:00Z");
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    @Mock
    private Register register;

    @Mock
    private WheelEndStatuses standings;

    @Mock
    private DueList dues;

    @Mock
    private Workshops workshops;

    private final List<Rig> rigs = new ArrayList<>();
    private final Map<UUID, WheelEndStatus> stands = new HashMap<>();

    @Test
    void putsTheWorstFirst() {
        rig("Fine", HubState.FINE, 300);
        rig("Late", HubState.OVERDUE, -35);
        rig("Later", HubState.OVERDUE, -135);
        rig("Unknown", HubState.NO_RECORD, null);
        rig("Loose", HubState.OUTSIDE_WINDOW, 300);
        rig("Apprentice's", HubState.AWAITS_SIGN_OFF, 365);
        rig("Soon", HubState.DUE_SOON, 15);

        assertThat(yard().next())
                .extracting(next -> next.rig().name())
                .containsExactly("Loose", "Apprentice's", "Later", "Late", "Unknown", "Soon", "Fine");
    }

    @Test
    void keepsWheelEndsOfOneRigInTheSameStateTogether() {
        rig("Camper", HubState.OVERDUE, -35);

        assertThat(yard().next()).singleElement().satisfies(next -> {
            assertThat(next.state()).isEqualTo(HubState.OVERDUE);
            assertThat(next.standings()).hasSize(2);
            assertThat(next.standings().getFirst().daysLeft(TODAY)).contains(-35L);
        });
    }

    @Test
    void tellsWhereTheNextPageGoesOn() {
        for (int i = 0; i < 25; i++) {
            rig("Rig " + i, HubState.NO_RECORD, null);
        }

        YardService.Yard page = yard();

        assertThat(page.rigs()).hasSize(24);
        assertThat(Optional.ofNullable(page.more()).orElseThrow().rigId())
                .isEqualTo(rigs.get(23).id());
    }

    private YardService.Yard yard() {
        when(standings.worst(any(), any(), anyInt()))
                .thenReturn(rigs.stream()
                        .map(rig -> new Rank(Urgency.BY_DATE, Rigs.BUILT, rig.id(), List.of()))
                        .toList());
        when(standings.of(any())).thenReturn(stands);
        when(register.plans(any())).thenAnswer(call -> {
            Collection<UUID> ids = call.getArgument(0);
            return rigs.stream()
                    .filter(rig -> ids.contains(rig.id()))
                    .map(Rig::inPlan)
                    .toList();
        });
        when(workshops.current()).thenReturn(new Workshop(UUID.randomUUID(), "Test workshop"));
        var service = new YardService(register, standings, dues, workshops, Clock.fixed(NOW, ZoneOffset.UTC));
        return service.today(YardService.Show.ALL, null, null);
    }

    private void rig(String name, HubState state, @Nullable Integer daysLeft) {
        Rig rig = Rigs.rig(rigs.size() + 1, name, List.of(Rigs.build(FreeAngleLock.STAKED_COLLAR)));
        rigs.add(rig);
        for (WheelEnd end : rig.axles().getFirst().wheelEnds()) {
            stands.put(
                    end.id(),
                    new WheelEndStatus(
                            end.named(),
                            state,
                            Optional.empty(),
                            ServiceHistory.NONE,
                            List.of(YEARLY),
                            daysLeft == null ? List.of() : List.of(due(daysLeft)),
                            null));
        }
    }

    private static final GoverningRule YEARLY = new GoverningRule(
            new DueRule(DueAction.REPACK, Trigger.Kind.MONTHS.of(12)),
            Trigger.Kind.MONTHS.of(12),
            Authority.MAKER,
            "manual",
            "");

    private static Due due(int daysLeft) {
        LocalDate on = TODAY.plusDays(daysLeft);
        return new Due(DueAction.REPACK, DueRange.exactly(on), YEARLY, new Serviced(on.minusYears(1), 0));
    }
}
