package oldtallow.app.register.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.PersonOfSession;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.register.TestProcedures;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.reference.FigureStore;
import oldtallow.app.register.reference.FiledFigure;
import oldtallow.app.register.reference.Place;
import oldtallow.app.testing.Rigs;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.EndPlay;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;
import org.springframework.context.ApplicationEventPublisher;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class FiguresTest {

    private static final UUID WORKSHOP = UUID.randomUUID();
    private static final SignedIn INES = new SignedIn(UUID.randomUUID(), WORKSHOP, "Ines", Role.OWNER);
    private static final SignedIn TOBE = new SignedIn(UUID.randomUUID(), WORKSHOP, "Tobe", Role.MECHANIC);

    @Mock
    private FigureStore store;

    @Mock
    private Register register;

    @Mock
    private ApplicationEventPublisher events;

    private final Rig rig = Rigs.rig(
            1, "Camper", List.of(Rigs.build(FreeAngleLock.STAKED_COLLAR), Rigs.build(FreeAngleLock.STAKED_COLLAR)));
    private final WheelEnd end = rig.axles().getFirst().wheelEnds().getFirst();
    private final List<FiledFigure> filed = new ArrayList<>();

    @BeforeEach
    void findWhatIsFiled() {
        CurrentPerson.isToldBy(new PersonOfSession());
        when(register.rig(rig.id())).thenReturn(rig);
        when(store.at(any(), any())).thenAnswer(call -> {
            Set<FigureKind> kinds = call.getArgument(0);
            Collection<UUID> places = call.getArgument(1);
            return filed.stream()
                    .filter(one -> kinds.contains(one.figure().value().kind())
                            && places.contains(one.place().id()))
                    .toList();
        });
        when(store.put(any(), anyInt(), any())).thenReturn(true);
        when(register.rig(rig.id())).thenReturn(rig);
        when(register.wheelEnd(end.id())).thenReturn(end);
        when(register.rigOfAxle(end.axleId())).thenReturn(Optional.of(rig.id()));
    }

    @Test
    void commonPracticeGovernsWhereNothingIsFiled() {
        assertThat(interval(end).authority()).isEqualTo(Authority.COMMON_PRACTICE);
    }

    @Test
    void theMakersFigureGovernsAnywhereAboveARule() {
        file(Place.Scope.WORKSHOP, WORKSHOP, Authority.WORKSHOP, 6);
        file(Place.Scope.WHEEL_END, end.id(), Authority.WORKSHOP, 7);
        file(Place.Scope.RIG, rig.id(), Authority.MAKER, 24);

        assertThat(interval(end).value()).isEqualTo(months(24));
    }

    @Test
    void theNarrowerPlaceGovernsWithinAnAuthority() {
        file(Place.Scope.RIG, rig.id(), Authority.MAKER, 24);
        file(Place.Scope.WHEEL_END, end.id(), Authority.MAKER, 18);
        file(Place.Scope.AXLE, end.axleId(), Authority.MAKER, 20);
        WheelEnd across = rig.axles().getFirst().wheelEnds().getLast();
        WheelEnd behind = rig.axles().getLast().wheelEnds().getLast();

        assertThat(interval(end).value()).isEqualTo(months(18));
        assertThat(interval(across).value()).isEqualTo(months(20));
        assertThat(interval(behind).value()).isEqualTo(months(24));
    }

    @Test
    void theLadderKeepsWhatDoesNotGovernBelowWhatDoes() {
        file(Place.Scope.WORKSHOP, WORKSHOP, Authority.WORKSHOP, 6);
        file(Place.Scope.RIG, rig.id(), Authority.MAKER, 24);

        var ladder = as(TOBE, () -> figures().ladder(end)).get(FigureKind.INTERVAL);

        assertThat(ladder)
                .extracting(GoverningFigure::authority)
                .containsExactly(Authority.MAKER, Authority.WORKSHOP, Authority.COMMON_PRACTICE);
    }

    @Test
    void aRuleForAllIsTold() {
        var place = new Place(Place.Scope.WORKSHOP, WORKSHOP);

        put(INES, place, figure(Authority.WORKSHOP, months(6)));
        verify(events).publishEvent(new Figures.RuleChanged(FigureKind.INTERVAL));
    }

    @Test
    void aMakersFigureIsForOneRigOnly() {
        assertThatThrownBy(
                        () -> put(INES, new Place(Place.Scope.WORKSHOP, WORKSHOP), figure(Authority.MAKER, months(6))))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        refused -> assertThat(refused.errors())
                                .singleElement()
                                .satisfies(error -> assertThat(error.remedy()).contains("one rig, axle or wheel end")));
    }

    @Test
    void onlyTheMakerMayAskForPreload() {
        var preload = new EndPlay(new EndPlayWindow(Length.ofMillimetres(-0.05), Length.ofMillimetres(0.02)));
        var place = new Place(Place.Scope.WHEEL_END, end.id());

        assertThatThrownBy(() -> put(TOBE, place, figure(Authority.WORKSHOP, preload)))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        refused -> assertThat(refused.errors())
                                .singleElement()
                                .satisfies(error -> assertThat(error.remedy()).contains("only a maker's figure")));
        put(TOBE, place, figure(Authority.MAKER, preload));
        verify(register).touched(rig.id());
    }

    @Test
    void aFigureForAnAxleTouchesItsRig() {
        put(TOBE, new Place(Place.Scope.AXLE, end.axleId()), figure(Authority.MAKER, months(18)));

        verify(register).touched(rig.id());
        verifyNoInteractions(events);
    }

    @Test
    void refusesToWriteOverSomebodyElsesChange() {
        when(store.put(any(), anyInt(), any())).thenReturn(false);

        assertThatThrownBy(() -> put(TOBE, new Place(Place.Scope.RIG, rig.id()), figure(Authority.MAKER, months(18))))
                .isInstanceOf(ConflictException.class);
        verify(register, never()).touched(any());
    }

    private Figures figures() {
        return new Figures(store, register, TestProcedures.standard(), mock(), events);
    }

    private GoverningFigure<FigureValue> interval(WheelEnd of) {
        var intervals = as(TOBE, () -> figures().intervals(List.of(rig.inPlan())));
        return intervals.at(rig.id(), of.axleId(), of.id(), rig.upkeep(of)).getFirst();
    }

    private void put(SignedIn person, Place place, GoverningFigure<FigureValue> figure) {
        as(person, () -> {
            figures().file(place, 0, figure);
            return place;
        });
    }

    private void file(Place.Scope scope, UUID place, Authority authority, int months) {
        filed.add(new FiledFigure(UUID.randomUUID(), 1, new Place(scope, place), figure(authority, months(months))));
    }

    private static <T> T as(SignedIn person, Supplier<T> task) {
        return CurrentPerson.as(person, task::get);
    }

    private static Interval months(int months) {
        return Interval.repack(months, Optional.empty());
    }

    private static GoverningFigure<FigureValue> figure(Authority authority, FigureValue value) {
        return new GoverningFigure<>(value, authority, "manual, page 12");
    }
}
