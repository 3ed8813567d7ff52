package oldtallow.app.register.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.register.TestProcedures;
import oldtallow.app.register.api.Assembly.AxleEntry;
import oldtallow.app.register.api.Assembly.CopyTo;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.HubEntry;
import oldtallow.app.register.model.PartEntry;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.RigKind;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.testing.Rigs;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.StandardCatalogue;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldError;
import oldtallow.core.refusal.InvalidInputException;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
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
class AssemblyTest {

    private static final Instant NOW = Instant.parse("2026-05-14T12:00:00Z");
    private static final WheelEndBuild BUILD = Rigs.build(FreeAngleLock.STAKED_COLLAR);

    @Mock
    private Register register;

    @Mock
    private FittedParts fitted;

    @Mock
    private Catalogue catalogue;

    @Captor
    private ArgumentCaptor<PartEntry> part;

    @Captor
    private ArgumentCaptor<WheelEndBuild> build;

    private final Rig rig = Rigs.rig(1, "Camper", List.of(BUILD, BUILD));
    private final WheelEnd left = rig.axles().getFirst().wheelEnds().getFirst();
    private final WheelEnd right = rig.axles().getFirst().wheelEnds().getLast();

    @BeforeEach
    void registerTheRig() {
        when(catalogue.sets())
                .thenReturn(StandardCatalogue.entries().stream()
                        .map(CatalogueEntry::set)
                        .toList());
        when(register.rig(rig.id())).thenReturn(rig);
        rig.wheelEnds().forEach(end -> when(register.wheelEnd(end.id())).thenReturn(end));
        when(fitted.fittedTo(any())).thenReturn(List.of());
    }

    @Test
    void refusesABearingThatDoesNotGoOnTheSpindle() {
        // reference sheet,'s catalogue: L44649 has a bore of 26.988 mm, the outboard seat here is read as 31.75 mm
        when(register.wheelEnd(left.id()))
                .thenReturn(
                        Rigs.wheelEnd(left.id(), with(BUILD, HubDimension.OUTBOARD_SEAT, Length.ofMillimetres(31.73))));

        assertThat(refused(() -> assembly().fit(left.id(), bearing(PartPlace.OUTBOARD_BEARING, "L44649", "L44610"))))
                .extracting(FieldError::field)
                .containsExactly("designation");
        verify(fitted, never()).fit(any(), any());
    }

    @Test
    void fitsABearingThatGoes() {
        PartEntry entry = bearing(PartPlace.OUTBOARD_BEARING, "L44649", "L44610");

        assembly().fit(left.id(), entry);

        verify(fitted).fit(left.id(), entry);
        verify(register).touched(rig.id());
    }

    @Test
    void namesTheAxleAndSideOfWhatDoesNotGoTogether() {
        WheelEndBuild wrong = with(BUILD, HubDimension.OUTBOARD_SEAT, Length.ofMillimetres(31.73));
        PartEntry outboard = bearing(PartPlace.OUTBOARD_BEARING, "L44649", "L44610");
        HubEntry good = new HubEntry(BUILD, List.of(outboard));

        assertThat(refused(() -> assembly()
                        .enter(
                                UUID.randomUUID(),
                                entry(),
                                List.of(
                                        new AxleEntry(null, null, good, good),
                                        new AxleEntry(null, null, good, new HubEntry(wrong, List.of(outboard)))))))
                .isNotEmpty()
                .allSatisfy(error -> assertThat(error.field()).startsWith("axles[1].right."));
        verify(register, never()).enter(any(), any(), any());
    }

    @Test
    void aSaveTriedAgainEntersNothingTwice() {
        when(register.rigs(List.of(rig.id()))).thenReturn(List.of(rig));

        assertThat(assembly().enter(rig.id(), entry(), List.of())).isSameAs(rig);
        verify(register, never()).enter(any(), any(), any());
    }

    @Test
    void copiesToTheOtherSideOrToAll() {
        when(register.wheelEnd(left.id()))
                .thenReturn(new WheelEnd(
                        left.id(),
                        left.version(),
                        left.rigId(),
                        left.rigName(),
                        left.axleId(),
                        left.axlePosition(),
                        left.axleCount(),
                        left.side(),
                        with(BUILD, HubDimension.OUTBOARD_SEAT, Length.ofMillimetres(31.73))));
        assembly().copy(left.id(), CopyTo.OTHER_SIDE);
        verify(register).changeBuild(eq(right), anyInt(), build.capture());
        assertThat(build.getValue().since()).isEqualTo(LocalDate.of(2026, 5, 14));

        assembly().copy(left.id(), CopyTo.ALL_AXLES);
        verify(register, times(1 + 3)).changeBuild(any(), anyInt(), any());
    }

    /** Sent again, it finds what it would make. */
    @Test
    void changesNothingWhereTheOtherSideIsAlikeAlready() {
        assembly().copy(left.id(), CopyTo.ALL_AXLES);
        verify(register, never()).changeBuild(any(), anyInt(), any());
    }

    @Test
    void copiesNumbersButNotWhatIsOfOnePartOnly() {
        when(fitted.fittedTo(left.id()))
                .thenReturn(List.of(
                        part(left, PartPlace.INBOARD_BEARING, "L68149", "L68111"),
                        part(left, PartPlace.SEAL, "171255TB", null)));
        when(fitted.fittedTo(right.id())).thenReturn(List.of(part(right, PartPlace.SEAL, "168255TB", null)));

        assembly().copy(left.id(), CopyTo.OTHER_SIDE);

        verify(fitted).fit(eq(right.id()), part.capture());
        assertThat(part.getValue().designation()).isEqualTo("L68149");
        assertThat(part.getValue().cupDesignation()).contains("L68111");
        assertThat(part.getValue().batch()).isEmpty();
        assertThat(part.getValue().fittedOn()).isNull();
        assertThat(part.getValue().conePairNumber()).isEmpty();
    }

    private Assembly assembly() {
        return new Assembly(
                register,
                fitted,
                new Shapes(catalogue, TestProcedures.standard()),
                catalogue,
                Clock.fixed(NOW, ZoneOffset.UTC));
    }

    private static List<FieldError> refused(ThrowingCallable task) {
        var errors = new ArrayList<FieldError>();
        assertThatThrownBy(task)
                .isInstanceOfSatisfying(InvalidInputException.class, refused -> errors.addAll(refused.errors()));
        return errors;
    }

    private static WheelEndBuild with(WheelEndBuild build, HubDimension dimension, Length length) {
        return new WheelEndBuild(
                build.since(),
                build.construction(),
                build.threadDesignation(),
                build.thread(),
                build.lock(),
                build.procedure(),
                build.fittings(),
                Map.of(dimension, length));
    }

    private static RigEntry entry() {
        return new RigEntry(
                RigKind.CAMPER,
                "Camper",
                "OT 1",
                new Rig.Owner("Somebody", ""),
                null,
                Set.of(),
                new Rig.Distance(Rig.Distance.By.ESTIMATE, null, null, null),
                new Rig.Plan(6000, 2000, 1000));
    }

    private static PartEntry bearing(PartPlace place, String cone, String cup) {
        return PartEntry.bearing(UUID.randomUUID(), place, cone, cup);
    }

    private static FittedPart part(WheelEnd end, PartPlace place, String designation, @Nullable String cup) {
        return new FittedPart(
                UUID.randomUUID(),
                end.id(),
                place,
                designation,
                cup,
                "31",
                "class 4",
                "B 22",
                null,
                LocalDate.of(2025, 5, 1),
                12_000,
                FittedPart.Condition.NEW,
                null);
    }
}
