package oldtallow.app.setting.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.PersonOfSession;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.TestProcedures;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.setting.model.Hubs;
import oldtallow.app.setting.model.NewNutSetting;
import oldtallow.app.setting.model.NutSetting;
import oldtallow.app.setting.model.NutSettingStore;
import oldtallow.core.refusal.InvalidInputException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.ArgumentCaptor;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class NutSettingsTest {

    @Mock
    private NutSettingStore store;

    @Mock
    private Register register;

    @Mock
    private Figures figures;

    private NutSettings settings;

    @BeforeEach
    void openTheWorkshop() {
        CurrentPerson.isToldBy(new PersonOfSession());
        when(register.wheelEnd(Hubs.ID)).thenReturn(Hubs.castleNut());
        when(figures.endPlay(any())).thenReturn(List.of(Hubs.COMMON));
        settings = new NutSettings(
                store,
                register,
                figures,
                TestProcedures.standard(),
                event -> {},
                Clock.fixed(Hubs.NOW, ZoneOffset.UTC));
    }

    @Test
    void addsANewSettingWithWhatWasTrueOfItsWheelEnd() {
        NewNutSetting reported = Hubs.seventeenBack();
        when(store.find(reported.id()))
                .thenReturn(Optional.empty())
                .thenAnswer(call -> Optional.of(Hubs.summary(reported)));
        when(store.add(any())).thenReturn(true);

        NutSettings.Saved saved = save(reported);

        assertThat(saved.isNew()).isTrue();
        var added = ArgumentCaptor.forClass(NutSetting.class);
        verify(store).add(added.capture());
        assertThat(added.getValue().lockWords()).isEqualTo("castle nut, 6 slots, holes at 0°, 90°");
        assertThat(added.getValue().engagedMarks()).containsExactly(2);
    }

    @Test
    void answersARetryWithWhatIsOnRecordAndAddsNothing() {
        NewNutSetting reported = Hubs.seventeenBack();
        when(store.find(reported.id()))
                .thenReturn(Optional.empty())
                .thenAnswer(call -> Optional.of(Hubs.summary(reported)));
        when(store.add(any())).thenReturn(true);
        save(reported);

        NutSettings.Saved again = save(reported);

        assertThat(again.isNew()).isFalse();
        assertThat(again.setting().id()).isEqualTo(reported.id());
        verify(store).add(any()); // once, not twice
    }

    /** Of another workshop, which is not to be seen here. */
    @Test
    void refusesAnIdThatBelongsToSomethingElse() {
        NewNutSetting reported = Hubs.seventeenBack();
        when(store.find(reported.id())).thenReturn(Optional.empty());

        assertThatThrownBy(() -> save(reported)).isInstanceOf(ConflictException.class);
    }

    @Test
    void addsNothingWhenTheEntryIsRefused() {
        NewNutSetting tooLong = Hubs.report().note("x".repeat(1001)).build();

        assertThatThrownBy(() -> save(tooLong)).isInstanceOf(InvalidInputException.class);
        verify(store, never()).add(any());
    }

    @Test
    void knowsNoWheelEndOfAnotherWorkshop() {
        NewNutSetting reported = Hubs.seventeenBack();
        when(register.wheelEnd(Hubs.ID)).thenThrow(new NotFoundException("wheel end", Hubs.ID));

        assertThatThrownBy(() -> save(reported)).isInstanceOf(NotFoundException.class);
    }

    private NutSettings.Saved save(NewNutSetting reported) {
        return CurrentPerson.as(Hubs.TOBE, () -> settings.save(reported));
    }
}
