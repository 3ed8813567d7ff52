package oldtallow.app.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import oldtallow.app.nut.NutSettings;
import oldtallow.app.nut.SettingSummary;
import oldtallow.app.register.Register;
import oldtallow.app.register.Rig;
import oldtallow.app.register.RigKind;
import oldtallow.app.register.Side;
import oldtallow.app.register.SpindleNut;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.workshop.Workshop;
import oldtallow.app.workshop.Workshops;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.interval.HubState;
import oldtallow.core.lock.FreeAngleLock;
import oldtallow.core.quantity.Length;
import oldtallow.core.sequence.NutSchool;
import oldtallow.core.thread.Hand;
import oldtallow.core.thread.SpindleThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

@ExtendWith(MockitoExtension.class)
class YardServiceTest {

    private static final Instant NOW = Instant.parse("2026-05-14T12:00:00Z");

    @Mock
    private Register register;

    @Mock
    private NutSettings settings;

    @Mock
    private Workshops workshops;

    private final List<Rig> rigs = new ArrayList<>();
    private final List<SettingSummary> latest = new ArrayList<>();

    @Test
    void putsTheWorstFirst() {
        set(rig(1, "Fine"), 10, EndPlayVerdict.INSIDE);
        set(rig(2, "Late"), 400, EndPlayVerdict.INSIDE);
        set(rig(3, "Later"), 500, EndPlayVerdict.INSIDE);
        rig(4, "Unknown");
        set(rig(5, "Loose"), 10, EndPlayVerdict.TOO_LOOSE);
        set(rig(6, "Soon"), 350, EndPlayVerdict.INSIDE);

        assertThat(yard().next())
                .extracting(next -> next.rig().name())
                .containsExactly("Loose", "Later", "Late", "Unknown", "Soon", "Fine");
    }

    @Test
    void keepsWheelEndsOfOneRigInTheSameStateTogether() {
        Rig rig = rig(1, "Camper");
        set(rig, 400, EndPlayVerdict.INSIDE);

        assertThat(yard().next()).singleElement().satisfies(next -> {
            assertThat(next.state()).isEqualTo(HubState.OVERDUE);
            assertThat(next.standings()).hasSize(2);
            assertThat(next.standings().getFirst().daysLeft()).isEqualTo(-35L);
        });
    }

    @Test
    void doesNotGuessWhereNothingIsOnRecord() {
        rig(1, "Unknown");

        assertThat(yard().standings()).allSatisfy(standing -> {
            assertThat(standing.state()).isEqualTo(HubState.NO_RECORD);
            assertThat(standing.daysLeft()).isNull();
            assertThat(standing.lastSetting()).isNull();
        });
    }

    private YardService.Yard yard() {
        when(register.rigs()).thenReturn(rigs);
        when(settings.latest()).thenReturn(latest);
        when(workshops.current()).thenReturn(new Workshop(UUID.randomUUID(), "Test workshop"));
        return new YardService(register, settings, workshops, Clock.fixed(NOW, ZoneOffset.UTC)).today();
    }

    private Rig rig(int number, String name) {
        UUID id = UUID.randomUUID();
        List<WheelEnd> ends = List.of(end(id, name, Side.LEFT), end(id, name, Side.RIGHT));
        var axle = new Rig.Axle(UUID.randomUUID(), 1, 1000, 1500, ends);
        var rig = new Rig(id, number, RigKind.CAMPER, name, "OT " + number, 4000, 2000, 1000, List.of(axle));
        rigs.add(rig);
        return rig;
    }

    private static WheelEnd end(UUID rigId, String name, Side side) {
        var nut = new SpindleNut("1-14 UNS", SpindleThread.UNS_1_14.cut(Hand.RIGHT), FreeAngleLock.STAKED_COLLAR, null);
        return new WheelEnd(UUID.randomUUID(), rigId, name, 1, 1, side, "hub", nut, NutSchool.INCH_POUND, List.of());
    }

    private void set(Rig rig, int daysAgo, EndPlayVerdict verdict) {
        for (WheelEnd end : rig.axles().getFirst().wheelEnds()) {
            latest.add(new SettingSummary(
                    UUID.randomUUID(),
                    end.id(),
                    NOW.minus(daysAgo, ChronoUnit.DAYS),
                    "Tobe",
                    NutSchool.INCH_POUND,
                    "1-14 UNS",
                    "staked collar",
                    1,
                    0,
                    15,
                    List.of(),
                    Length.ofMillimetres(0.08),
                    null,
                    verdict,
                    end.window(),
                    null,
                    ""));
        }
    }
}
