package oldtallow.app.register.api;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.identity.model.SecurityNotes;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.reference.FigureStore;
import oldtallow.app.register.reference.FiledFigure;
import oldtallow.app.register.reference.Place;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.CommonPractice;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.EndPlay;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which figure governs where: the maker's, the workshop's rule, or common practice. */
@Service
public class Figures {

    /** Narrower places first within an authority. */
    private static final Comparator<FiledFigure> GOVERNING_FIRST = Comparator.comparing(
                    (FiledFigure filed) -> filed.figure().authority())
            .thenComparing(filed -> filed.place().scope(), Comparator.reverseOrder());

    private final FigureStore store;
    private final Register register;
    private final AdjustmentProcedures procedures;
    private final SecurityNotes log;
    private final ApplicationEventPublisher events;

    Figures(
            FigureStore store,
            Register register,
            AdjustmentProcedures procedures,
            SecurityNotes log,
            ApplicationEventPublisher events) {
        this.store = store;
        this.register = register;
        this.procedures = procedures;
        this.log = log;
        this.events = events;
    }

    /** A workshop rule for all rigs changed. */
    public record RuleChanged(FigureKind kind) {}

    /** Every figure on file for a wheel end, the governing one of each kind first. */
    @Transactional(readOnly = true)
    public List<FiledFigure> filed(WheelEnd end) {
        return filed(EnumSet.allOf(FigureKind.class), places(end));
    }

    /** Every figure on file for a rig itself, its axles and wheel ends. */
    @Transactional(readOnly = true)
    public List<FiledFigure> filed(Rig rig) {
        return filed(EnumSet.allOf(FigureKind.class), places(List.of(rig.inPlan()))).stream()
                .filter(filed -> filed.place().scope() != Place.Scope.WORKSHOP)
                .toList();
    }

    /** The workshop's own rules for everything. */
    @Transactional(readOnly = true)
    public List<FiledFigure> rules() {
        return filed(EnumSet.allOf(FigureKind.class), List.of(CurrentPerson.workshopId()));
    }

    /** What governs at a wheel end, by kind, common practice at the bottom; the first of a kind governs. */
    @Transactional(readOnly = true)
    public Map<FigureKind, List<GoverningFigure<FigureValue>>> ladder(WheelEnd end) {
        List<FiledFigure> filed = filed(end);
        Map<FigureKind, List<GoverningFigure<FigureValue>>> ladder = new EnumMap<>(FigureKind.class);
        for (FigureKind kind : FigureKind.values()) {
            ladder.put(kind, ladder(end, kind, filed));
        }
        return ladder;
    }

    /** What could govern at a wheel end for one kind, the governing one first. */
    @Transactional(readOnly = true)
    public List<GoverningFigure<FigureValue>> ladder(WheelEnd end, FigureKind kind) {
        return ladder(end, kind, filed(EnumSet.of(kind), places(end)));
    }

    /** End play windows that could govern here, the governing one first. */
    @Transactional(readOnly = true)
    public List<GoverningFigure<EndPlayWindow>> endPlay(WheelEnd end) {
        return ladder(end, FigureKind.END_PLAY).stream()
                .flatMap(figure -> figure.value() instanceof EndPlay(EndPlayWindow window)
                        ? Stream.of(new GoverningFigure<>(window, figure.authority(), figure.source()))
                        : Stream.empty())
                .toList();
    }

    /** Intervals of these rigs. */
    @Transactional(readOnly = true)
    public IntervalLadders intervals(Collection<RigPlan> rigs) {
        return new IntervalLadders(CurrentPerson.workshopId(), filed(EnumSet.of(FigureKind.INTERVAL), places(rigs)));
    }

    /** Intervals of every rig of the workshop. */
    @Transactional(readOnly = true)
    public IntervalLadders intervals() {
        return new IntervalLadders(
                CurrentPerson.workshopId(),
                store.all(FigureKind.INTERVAL).stream().sorted(GOVERNING_FIRST).toList());
    }

    /**
     * Files a figure, in place of the one of its kind and authority there.
     *
     * @param version of the figure it replaces, 0 where there is none; another is a {@link ConflictException}
     */
    @Transactional
    public void file(Place place, int version, GoverningFigure<FigureValue> figure) {
        check(place, figure);
        if (figure.value() instanceof FigureValue.NutSequence sequence) {
            procedures.require(sequence.procedure());
        }
        if (!store.put(place, version, figure) && !isFiled(place, figure)) {
            throw ConflictException.staleEdit("this figure");
        }
        log.note(Kind.FIGURE_FILED, words(figure.value().kind(), figure.authority(), place));
        tell(place, figure.value().kind());
    }

    private boolean isFiled(Place place, GoverningFigure<FigureValue> figure) {
        return filed(EnumSet.of(figure.value().kind()), List.of(place.id())).stream()
                .anyMatch(filed -> filed.place().equals(place) && filed.figure().equals(figure));
    }

    /** Takes a figure away; the next one below governs then. */
    @Transactional
    public void withdraw(FiledFigure filed) {
        if (!store.remove(filed.id(), filed.version())) {
            throw ConflictException.staleEdit("this figure");
        }
        log.note(
                Kind.FIGURE_ENDED,
                words(filed.figure().value().kind(), filed.figure().authority(), filed.place()));
        tell(filed.place(), filed.figure().value().kind());
    }

    private static String words(FigureKind kind, Authority authority, Place place) {
        return kind.words() + ", " + authority.name().toLowerCase(Locale.ROOT) + ", of "
                + place.scope().name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private void check(Place place, GoverningFigure<FigureValue> figure) {
        var errors = new FieldErrors();
        if (figure.authority() == Authority.COMMON_PRACTICE) {
            errors.add("authority", figure.authority(), "must be MAKER or WORKSHOP; common practice needs no entry");
        }
        if (figure.authority() == Authority.MAKER && place.scope() == Place.Scope.WORKSHOP) {
            errors.add(
                    "authority",
                    figure.authority(),
                    "must be WORKSHOP here; a maker's figure is for one rig, axle or wheel end");
        }
        if (figure.value() instanceof EndPlay(EndPlayWindow window)
                && window.reachesPreload()
                && figure.authority() != Authority.MAKER) {
            errors.add(
                    "least",
                    window.least().millimetres() + " mm",
                    "must be 0 or more; only a maker's figure may ask for preload");
        }
        if (figure.source().length() > 200) {
            errors.add("source", figure.source(), "must be at most 200 characters");
        }
        errors.throwIfAny();
        switch (place.scope()) {
            case WORKSHOP -> {}
            case RIG -> register.rig(place.id());
            case AXLE -> {} // the foreign key holds it inside the workshop
            case WHEEL_END -> register.wheelEnd(place.id());
        }
    }

    private void tell(Place place, FigureKind kind) {
        switch (place.scope()) {
            case WORKSHOP -> events.publishEvent(new RuleChanged(kind));
            case RIG -> register.touched(place.id());
            case AXLE -> register.rigOfAxle(place.id()).ifPresent(register::touched);
            case WHEEL_END -> register.touched(register.wheelEnd(place.id()).rigId());
        }
    }

    private List<FiledFigure> filed(Set<FigureKind> kinds, Collection<UUID> places) {
        return store.at(kinds, places).stream().sorted(GOVERNING_FIRST).toList();
    }

    private List<GoverningFigure<FigureValue>> ladder(WheelEnd end, FigureKind kind, List<FiledFigure> filed) {
        List<GoverningFigure<FigureValue>> rungs = new ArrayList<>();
        filed.stream()
                .filter(one -> one.figure().value().kind() == kind)
                .map(FiledFigure::figure)
                .forEach(rungs::add);
        if (kind == FigureKind.INTERVAL) {
            rungs.add(CommonPractice.interval(register.rig(end.rigId()).upkeep(end)));
        } else {
            CommonPractice.figure(
                            kind,
                            end.construction(),
                            end.procedure(),
                            Optional.ofNullable(end.build().dimensions().get(HubDimension.STUD_DIAMETER)))
                    .ifPresent(rungs::add);
        }
        return List.copyOf(rungs);
    }

    private static List<UUID> places(WheelEnd end) {
        return List.of(CurrentPerson.workshopId(), end.rigId(), end.axleId(), end.id());
    }

    private static List<UUID> places(Collection<RigPlan> rigs) {
        List<UUID> places = new ArrayList<>(List.of(CurrentPerson.workshopId()));
        for (RigPlan rig : rigs) {
            places.add(rig.id());
            for (RigPlan.AxlePlan axle : rig.axles()) {
                places.add(axle.id());
                axle.wheelEnds().forEach(end -> places.add(end.id()));
            }
        }
        return places;
    }
}
