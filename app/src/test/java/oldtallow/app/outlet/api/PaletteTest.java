package oldtallow.app.outlet.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.PersonOfSession;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.outlet.api.Palette.Hit;
import oldtallow.app.outlet.model.PaletteStore;
import oldtallow.app.outlet.model.PaletteStore.Entry;
import oldtallow.app.outlet.model.PaletteStore.Kind;
import oldtallow.app.register.api.FittedParts;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.api.RigTouched;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.api.Recall;
import oldtallow.app.testing.Rigs;
import oldtallow.core.fastening.lock.FreeAngleLock;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.ArgumentCaptor;
import org.mockito.Captor;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class PaletteTest {

    private static final SignedIn TOBE = new SignedIn(UUID.randomUUID(), UUID.randomUUID(), "Tobe", Role.MECHANIC);

    @Mock
    private PaletteStore store;

    @Mock
    private Register register;

    @Mock
    private FittedParts fitted;

    @Mock
    private Recall recall;

    @Mock
    private JobRecords jobs;

    @Captor
    private ArgumentCaptor<List<String>> asked;

    @Captor
    private ArgumentCaptor<List<Entry>> indexed;

    private final Rig rig = Rigs.rig(
            7,
            "Boat tandem",
            List.of(Rigs.build(FreeAngleLock.STAKED_COLLAR), Rigs.build(FreeAngleLock.STAKED_COLLAR)));
    private final List<FittedPart> parts = new ArrayList<>();

    @BeforeEach
    void findTheRig() {
        CurrentPerson.isToldBy(new PersonOfSession());
        when(register.rig(rig.id())).thenReturn(rig);
        when(register.rigs(any())).thenReturn(List.of(rig));
        when(fitted.of(any())).thenReturn(parts);
        found(Kind.RIG, rig.id());
    }

    @Test
    void asksForEachWordBegunWithItsPunctuationLeftOut() {
        find("  Boat, TAND ");

        verify(store).find(asked.capture(), anyInt());
        assertThat(asked.getValue()).containsExactly("boat", "tand");
    }

    @Test
    void aPositionPicksWheelEndsAndIsNotAskedOfTheRig() {
        assertThat(positions("boat rear r")).containsExactly("rear right");
        verify(store).find(asked.capture(), anyInt());
        assertThat(asked.getValue()).containsExactly("boat");
        assertThat(positions("boat left")).containsExactly("front left", "rear left");
    }

    @Test
    void aPositionAloneIsLookedForAsAWord() {
        assertThat(find("front")).containsExactly(new Hit.OfRig(rig));
        verify(store).find(asked.capture(), anyInt());
        assertThat(asked.getValue()).containsExactly("front");
    }

    @Test
    void oneLetterAfterANameIsNotYetAPosition() {
        find("boat r");

        verify(store).find(asked.capture(), anyInt());
        assertThat(asked.getValue()).containsExactly("boat", "r");
    }

    @Test
    void anOwnerOfManyRigsIsOneLine() {
        when(store.find(any(), anyInt()))
                .thenReturn(List.of(
                        new Entry(Kind.OWNER, rig.id(), rig.id(), Set.of()),
                        new Entry(Kind.OWNER, rig.id(), rig.id(), Set.of())));

        assertThat(find("somebody")).containsExactly(new Hit.OfOwner(rig));
    }

    @Test
    void askingForNothingFindsNothing() {
        assertThat(find(" ,- ")).isEmpty();
        verifyNoInteractions(store);
    }

    @Test
    void aRemovedPartIsFoundByItsBatchOnly() {
        WheelEnd end = rig.axles().getFirst().wheelEnds().getFirst();
        parts.add(part(end, "L44649", "B-2231/4", null));
        parts.add(part(end, "LM67048", "", LocalDate.of(2026, 1, 1)));
        FittedPart recalled = part(end, "L68149", "K 9", LocalDate.of(2026, 1, 1));
        parts.add(recalled);

        CurrentPerson.as(TOBE, () -> {
            palette().index(new RigTouched(rig.id(), ""));
            return null;
        });

        verify(store).index(eq(rig.id()), indexed.capture());
        List<Entry> entries = indexed.getValue();
        assertThat(entries).extracting(Entry::kind).containsExactly(Kind.RIG, Kind.OWNER, Kind.PART, Kind.PART);
        assertThat(entries.getFirst().words()).contains("boat", "tandem", "ot", "7", "ot7");
        assertThat(entries.get(2).words()).contains("b", "2231", "4", "b22314", "l44649", "l44610");
        assertThat(entries.getLast().targetId()).isEqualTo(recalled.id());
    }

    private Palette palette() {
        return new Palette(store, register, fitted, recall, jobs);
    }

    private List<Hit> find(String typed) {
        return CurrentPerson.as(TOBE, () -> palette().find(typed));
    }

    private List<String> positions(String typed) {
        return find(typed).stream()
                .map(hit -> ((Hit.OfWheelEnd) hit).end().positionName())
                .toList();
    }

    private void found(Kind kind, UUID target) {
        when(store.find(any(), anyInt())).thenReturn(List.of(new Entry(kind, target, rig.id(), Set.of())));
    }

    private static FittedPart part(WheelEnd end, String cone, String batch, @Nullable LocalDate removed) {
        return new FittedPart(
                UUID.randomUUID(),
                end.id(),
                PartPlace.OUTBOARD_BEARING,
                cone,
                "L44610",
                null,
                "",
                batch,
                null,
                null,
                null,
                FittedPart.Condition.NEW,
                removed);
    }
}
