package oldtallow.app.register.web;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.reference.FiledFigure;
import oldtallow.app.register.reference.Place;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.part.Stack;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FigureController {

    private final Figures figures;
    private final Register register;
    private final AdjustmentProcedures procedures;

    FigureController(Figures figures, Register register, AdjustmentProcedures procedures) {
        this.figures = figures;
        this.register = register;
        this.procedures = procedures;
    }

    /** The workshop's rules for all its rigs. */
    @GetMapping("/api/v1/workshop/rules")
    List<FiledFigureView> rules() {
        return views(figures.rules());
    }

    /** Files a rule of the workshop; the owner's to do. */
    @PostMapping("/api/v1/workshop/rules")
    List<FiledFigureView> setRule(@RequestBody FigureEntry entry) {
        figures.file(new Place(Place.Scope.WORKSHOP, CurrentPerson.workshopId()), entry.version(), entry.toFigure());
        return rules();
    }

    /** Withdraws a rule of the workshop. */
    @DeleteMapping("/api/v1/workshop/rules/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdrawRule(@PathVariable UUID id, @RequestParam int version) {
        withdraw(figures.rules(), id, version);
    }

    /** Figures on file for a rig, its axles and wheel ends. */
    @GetMapping("/api/v1/rigs/{rigId}/figures")
    List<FiledFigureView> ofRig(@PathVariable UUID rigId) {
        return views(figures.filed(register.rig(rigId)));
    }

    /** Files a figure for a whole rig. */
    @PostMapping("/api/v1/rigs/{rigId}/figures")
    List<FiledFigureView> fileForRig(@PathVariable UUID rigId, @RequestBody FigureEntry entry) {
        figures.file(new Place(Place.Scope.RIG, rigId), entry.version(), entry.toFigure());
        return ofRig(rigId);
    }

    /** Withdraws a figure of a rig. */
    @DeleteMapping("/api/v1/rigs/{rigId}/figures/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdrawOfRig(@PathVariable UUID rigId, @PathVariable UUID id, @RequestParam int version) {
        withdraw(figures.filed(register.rig(rigId)), id, version);
    }

    /** What governs at a wheel end, by kind, and what it overrules. */
    @GetMapping("/api/v1/wheel-ends/{wheelEndId}/figures")
    List<RungView> ofWheelEnd(@PathVariable UUID wheelEndId) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        List<FiledFigure> filed = figures.filed(end);
        Map<FigureKind, List<GoverningFigure<FigureValue>>> ladder = figures.ladder(end);
        Stack stack = Stack.of(
                end.construction(),
                Fastening.of(end.build().lock()),
                end.build().fittings());
        return Arrays.stream(FigureKind.values())
                .filter(kind -> kind.isOn(stack)
                        || filed.stream().anyMatch(one -> one.figure().value().kind() == kind))
                .map(kind -> RungView.of(kind, ladder.getOrDefault(kind, List.of()), filed, procedures::label))
                .toList();
    }

    /** Files a figure for a wheel end, or for both ends of its axle. */
    @PostMapping("/api/v1/wheel-ends/{wheelEndId}/figures")
    List<RungView> fileForWheelEnd(
            @PathVariable UUID wheelEndId, @RequestParam FigurePlace place, @RequestBody FigureEntry entry) {
        figures.file(place.of(register.wheelEnd(wheelEndId)), entry.version(), entry.toFigure());
        return ofWheelEnd(wheelEndId);
    }

    /** Withdraws a figure of a wheel end. */
    @DeleteMapping("/api/v1/wheel-ends/{wheelEndId}/figures/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdrawOfWheelEnd(@PathVariable UUID wheelEndId, @PathVariable UUID id, @RequestParam int version) {
        withdraw(figures.filed(register.wheelEnd(wheelEndId)), id, version);
    }

    /** Which of the places a wheel end belongs to. */
    enum FigurePlace {
        WHEEL_END,
        AXLE,
        RIG;

        Place of(WheelEnd end) {
            return switch (this) {
                case WHEEL_END -> new Place(Place.Scope.WHEEL_END, end.id());
                case AXLE -> new Place(Place.Scope.AXLE, end.axleId());
                case RIG -> new Place(Place.Scope.RIG, end.rigId());
            };
        }
    }

    private void withdraw(List<FiledFigure> among, UUID id, int version) {
        // one that is gone was withdrawn before
        among.stream()
                .filter(one -> one.id().equals(id))
                .forEach(filed -> figures.withdraw(new FiledFigure(id, version, filed.place(), filed.figure())));
    }

    private List<FiledFigureView> views(List<FiledFigure> filed) {
        return filed.stream()
                .map(one -> FiledFigureView.of(one, procedures::label))
                .toList();
    }

    /** A figure on file. */
    record FiledFigureView(
            UUID id,
            int version,
            Place.Scope scope,
            UUID placeId,
            FigureKind kind,
            Authority authority,
            String source,
            FigureValueView value) {

        static FiledFigureView of(FiledFigure filed, Function<ProcedureId, String> label) {
            return new FiledFigureView(
                    filed.id(),
                    filed.version(),
                    filed.place().scope(),
                    filed.place().id(),
                    filed.figure().value().kind(),
                    filed.figure().authority(),
                    filed.figure().source(),
                    FigureValueView.of(filed.figure().value(), label));
        }
    }

    /**
     * What governs of one kind.
     *
     * @param figures the governing one first; empty where not even common practice has one
     * @param filed those of them that are on file and can be changed or withdrawn
     */
    record RungView(FigureKind kind, String words, List<GoverningView> figures, List<FiledFigureView> filed) {

        static RungView of(
                FigureKind kind,
                List<GoverningFigure<FigureValue>> ladder,
                List<FiledFigure> filed,
                Function<ProcedureId, String> label) {
            return new RungView(
                    kind,
                    kind.words(),
                    ladder.stream().map(one -> GoverningView.of(one, label)).toList(),
                    filed.stream()
                            .filter(one -> one.figure().value().kind() == kind)
                            .map(one -> FiledFigureView.of(one, label))
                            .toList());
        }
    }

    /** A figure and whose it is. */
    record GoverningView(Authority authority, String source, FigureValueView value) {

        static GoverningView of(GoverningFigure<FigureValue> figure, Function<ProcedureId, String> label) {
            return new GoverningView(figure.authority(), figure.source(), FigureValueView.of(figure.value(), label));
        }
    }
}
