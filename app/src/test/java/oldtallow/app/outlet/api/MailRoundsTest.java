package oldtallow.app.outlet.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.net.InetAddress;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.PersonOfSession;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.outlet.model.MailReminder;
import oldtallow.app.outlet.model.MailStore;
import oldtallow.app.outlet.model.SentMail;
import oldtallow.app.platform.security.OwnAddress;
import oldtallow.app.register.model.Rig;
import oldtallow.app.schedule.api.DueList;
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
import oldtallow.core.schedule.reminder.QuietHours;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.ArgumentCaptor;
import org.mockito.Mock;
import org.mockito.Mockito;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;
import org.springframework.mail.MailSendException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.subethamail.smtp.auth.EasyAuthenticationHandlerFactory;
import org.subethamail.smtp.auth.LoginFailedException;
import org.subethamail.smtp.server.SMTPServer;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class MailRoundsTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
    private static final SignedIn PERSON = new SignedIn(new UUID(0, 1), new UUID(0, 2), "Somebody", Role.MECHANIC);

    @Mock
    private MailStore store;

    @Mock
    private DueList dues;

    @Mock
    private JavaMailSender sender;

    @BeforeEach
    void somethingIsDue() {
        CurrentPerson.isToldBy(new PersonOfSession());
        when(dues.isWhole()).thenReturn(true);
        when(store.wanted()).thenReturn(List.of(PERSON));
        when(store.take(any(), any(), any(), any())).thenReturn(true);
        List<DueList.Item> items = List.of(late());
        when(dues.within(anyInt())).thenReturn(items);
    }

    @Test
    void sendsInTheMorningAndNotAtNight() {
        remembers(null, "", null);
        at(LocalTime.of(23, 0)).make();
        at(LocalTime.of(6, 59)).make();
        verify(sender, never()).send(any(SimpleMailMessage.class));

        at(LocalTime.of(8, 0)).make();
        verify(sender).send(any(SimpleMailMessage.class));
        verify(store).settle(eq(PERSON.personId()), any(), eq(null), eq(TODAY));
    }

    @Test
    void tellsNobodyWhileDatesAreStillWorkedOut() {
        remembers(null, "", null);
        when(dues.isWhole()).thenReturn(false);
        at(LocalTime.of(8, 0)).make();
        verify(sender, never()).send(any(SimpleMailMessage.class));
        verify(store, never()).take(any(), any(), any(), any());
    }

    /** Whoever dies before the mail server took it has not marked it as sent: the next round after the lease sends it. */
    @Test
    void aCrashBeforeSendingLosesNoDay() {
        remembers(null, "", null);
        doThrow(new OutOfMemoryError("the process dies here")).when(sender).send(any(SimpleMailMessage.class));
        assertThatThrownBy(() -> at(LocalTime.of(8, 0)).make()).isInstanceOf(OutOfMemoryError.class);
        verify(store).take(any(), any(), any(), any());
        verify(store, never()).settle(any(), any(), any(), any());
    }

    @Test
    void doesNotTellTheSameAgainForAWeek() {
        ArgumentCaptor<String> content = ArgumentCaptor.forClass(String.class);
        remembers(null, "", null);
        at(LocalTime.of(8, 0)).make();
        verify(store).settle(any(), content.capture(), any(), any());
        String digest = content.getValue().split(" ", 2)[0];

        remembers(TODAY.minusDays(1), digest + " " + TODAY.minusDays(6), null);
        at(LocalTime.of(8, 0)).make();
        verify(sender, times(1)).send(any(SimpleMailMessage.class));

        remembers(TODAY.minusDays(1), digest + " " + TODAY.minusDays(7), null);
        at(LocalTime.of(8, 0)).make();
        verify(sender, times(2)).send(any(SimpleMailMessage.class));
    }

    @Test
    void triesAgainWhereTheMailServerIsAway() {
        remembers(TODAY.minusDays(1), "", null);
        doThrow(new MailSendException("connection refused")).when(sender).send(any(SimpleMailMessage.class));
        at(LocalTime.of(8, 0)).make();

        Instant again = TODAY.atTime(8, 15).atZone(ZONE).toInstant();
        verify(store).settle(any(), eq(""), eq(again), eq(TODAY.minusDays(1)));
        ArgumentCaptor<SentMail> mail = ArgumentCaptor.forClass(SentMail.class);
        verify(store).add(mail.capture());
        assertThat(mail.getValue().problem()).contains("did not take it").contains("connection refused");

        remembers(TODAY.minusDays(1), "", again);
        at(LocalTime.of(8, 10)).make();
        verify(sender, times(1)).send(any(SimpleMailMessage.class));
        at(LocalTime.of(8, 15)).make();
        verify(sender, times(2)).send(any(SimpleMailMessage.class));
    }

    /** A mail server that wants a log-in and gets the wrong one: told with the mail, tried again, nothing passes for sent. */
    @Test
    void saysThatTheLogInFailed() {
        SMTPServer server = SMTPServer.port(0)
                .bindAddress(InetAddress.getLoopbackAddress())
                .requireAuth(true)
                .authenticationHandlerFactory(new EasyAuthenticationHandlerFactory((user, password, context) -> {
                    if (!password.equals("right")) {
                        throw new LoginFailedException();
                    }
                }))
                .build();
        server.start();
        try {
            assertThat(problemWith(server.getPortAllocated(), "wrong"))
                    .startsWith("the mail server did not take it: ")
                    .containsIgnoringCase("authentication");
            assertThat(problemWith(server.getPortAllocated(), "right")).isEmpty();
        } finally {
            server.stop();
        }
    }

    private String problemWith(int port, String password) {
        var real = new JavaMailSenderImpl();
        real.setHost("127.0.0.1");
        real.setPort(port);
        real.setUsername("somebody");
        real.setPassword(password);
        real.getJavaMailProperties().put("mail.smtp.auth", "true");
        real.getJavaMailProperties().put("mail.smtp.localhost", "localhost");
        Mockito.clearInvocations(store);
        remembers(TODAY.minusDays(1), "", null);
        new MailRounds(
                        store,
                        dues,
                        new Post(real, "shop@example.org", false),
                        Clock.fixed(TODAY.atTime(8, 0).atZone(ZONE).toInstant(), ZONE),
                        OwnAddress.at("http://127.0.0.1:8080"))
                .make();
        ArgumentCaptor<SentMail> mail = ArgumentCaptor.forClass(SentMail.class);
        verify(store).add(mail.capture());
        return mail.getValue().problem();
    }

    @Test
    void saysNothingWhereNothingIsDue() {
        remembers(null, "", null);
        when(dues.within(anyInt())).thenReturn(List.of());
        at(LocalTime.of(8, 0)).make();

        verify(sender, never()).send(any(SimpleMailMessage.class));
        verify(store).settle(any(), eq(""), eq(null), eq(TODAY));
    }

    @Test
    void onePersonsTroubleStopsNobodyElse() {
        var other = new SignedIn(new UUID(0, 3), PERSON.workshopId(), "Other", Role.MECHANIC);
        when(store.wanted()).thenReturn(List.of(other, PERSON));
        when(store.of(other.personId())).thenReturn(Optional.empty());
        remembers(null, "", null);
        at(LocalTime.of(8, 0)).make();

        verify(sender).send(any(SimpleMailMessage.class));
    }

    private static DueList.Item late() {
        Rig rig = Rigs.rig(1, "Camper", List.of(Rigs.build(FreeAngleLock.STAKED_COLLAR)));
        var trigger = Trigger.Kind.MONTHS.of(12);
        var rule = new GoverningRule(
                new DueRule(DueAction.REPACK, trigger), trigger, Authority.WORKSHOP, "workshop rule", "");
        var due = new Due(
                DueAction.REPACK,
                DueRange.exactly(TODAY.minusDays(3)),
                rule,
                new Serviced(TODAY.minusDays(3).minusYears(1), 0));
        var standing = new WheelEndStatus(
                rig.inPlan().wheelEnds().findFirst().orElseThrow(),
                HubState.OVERDUE,
                Optional.empty(),
                ServiceHistory.NONE,
                List.of(rule),
                List.of(due),
                null);
        return new DueList.Item(rig.inPlan(), List.of(standing), due);
    }

    private void remembers(@Nullable LocalDate sentOn, String content, @Nullable Instant tryAgainAt) {
        when(store.of(PERSON.personId()))
                .thenReturn(Optional.of(new MailReminder(
                        PERSON.personId(),
                        1,
                        "somebody@example.org",
                        "somebody@example.org",
                        true,
                        LocalTime.of(7, 30),
                        new QuietHours(LocalTime.of(21, 0), LocalTime.of(7, 0)),
                        14,
                        sentOn,
                        content,
                        tryAgainAt)));
    }

    private MailRounds at(LocalTime time) {
        Clock clock = Clock.fixed(TODAY.atTime(time).atZone(ZONE).toInstant(), ZONE);
        return new MailRounds(
                store, dues, new Post(sender, "us@example.org", false), clock, OwnAddress.at("http://here.example"));
    }
}
