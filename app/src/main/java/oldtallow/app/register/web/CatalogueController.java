package oldtallow.app.register.web;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.register.api.Catalogue;
import oldtallow.app.units.LengthEntry;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.CatalogueEntry.Confidence;
import oldtallow.core.bearing.RingMarking;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.bearing.WrittenBearing;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;
import org.jspecify.annotations.Nullable;
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
class CatalogueController {

    private static final int MOST_NUMBER = 20;
    private static final int MOST_WRITTEN = 60;

    private final Catalogue catalogue;

    CatalogueController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Every bearing set: standard ones, then the workshop's own. */
    @GetMapping("/api/v1/bearing-sets")
    List<SetView> sets() {
        return catalogue.all().stream().map(SetView::of).toList();
    }

    /** What a text is that stands where a bearing's number belongs, and which sets on file it can be. */
    @GetMapping("/api/v1/bearing-sets/read")
    WrittenView read(@RequestParam String text) {
        if (text.length() > MOST_WRITTEN) {
            throw new InvalidInputException("text", text.length() + " characters", "must be at most " + MOST_WRITTEN);
        }
        WrittenBearing written = catalogue.read(text);
        Map<SetDesignation, SetView> views = catalogue.all().stream()
                .collect(Collectors.toMap(set -> set.entry().set().designation(), SetView::of, (a, b) -> a));
        return new WrittenView(
                written.kind(),
                written.words(),
                written.sets().stream()
                        .map(set -> Objects.requireNonNull(views.get(set.designation())))
                        .toList());
    }

    /** What was written, and the sets on file that it can be, the nearest first. */
    record WrittenView(WrittenBearing.Kind kind, String words, List<SetView> sets) {}

    /** Adds a set of the workshop's own. */
    @PostMapping("/api/v1/bearing-sets")
    SetView add(@RequestBody OwnSetForm form) {
        return SetView.of(catalogue.add(form.id(), form.toEntry()));
    }

    /** Takes a set of this workshop out of the catalogue. */
    @DeleteMapping("/api/v1/bearing-sets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        catalogue.remove(id);
    }

    /** Where numbers stand on the rings; and what one says, where it was read. */
    @GetMapping("/api/v1/reading-help")
    ReadingHelpView readingHelp(@RequestParam(defaultValue = "") String number) {
        return new ReadingHelpView(
                RingMarking.whereToLook(),
                number.length() > MOST_NUMBER
                        ? List.of()
                        : RingMarking.explain(number).stream()
                                .map(piece -> new PieceView(piece.part(), piece.meaning()))
                                .toList());
    }

    record ReadingHelpView(List<String> whereToLook, List<PieceView> pieces) {}

    record PieceView(String part, String meaning) {}

    /**
     * A set as the workshop enters it.
     *
     * @param id made by the client
     * @param e calculation factor of the catalogue; 0.35 is usual on light sets
     */
    record OwnSetForm(
            UUID id,
            String cone,
            String cup,
            Series series,
            LengthEntry bore,
            LengthEntry outsideDiameter,
            LengthEntry width,
            LengthEntry coneWidth,
            LengthEntry cupWidth,
            @Nullable Double e,
            String source) {

        /** Usual on light wheel bearings; only drawing and life depend on it. */
        private static final double USUAL_E = 0.35;

        CatalogueEntry toEntry() {
            var errors = new FieldErrors();
            @Nullable SetDesignation designation = errors.at("cone", () -> SetDesignation.of(cone, cup));
            @Nullable Length d = errors.at("bore.number", bore::toLength);
            @Nullable Length outside = errors.at("outsideDiameter.number", outsideDiameter::toLength);
            @Nullable Length t = errors.at("width.number", width::toLength);
            @Nullable Length b = errors.at("coneWidth.number", coneWidth::toLength);
            @Nullable Length c = errors.at("cupWidth.number", cupWidth::toLength);
            if (source.isBlank() || source.length() > 200) {
                errors.add("source", source, "must say in 1 to 200 characters where the sizes come from");
            }
            if (designation == null || d == null || outside == null || t == null || b == null || c == null) {
                return errors.require((CatalogueEntry) null);
            }
            @Nullable
            BearingSet set = errors.at(
                    "bore.number",
                    java.util.Map.of(
                            EnteredQuantity.CUP_OUTSIDE_DIAMETER_D, "outsideDiameter.number",
                            EnteredQuantity.SET_WIDTH_T, "width.number",
                            EnteredQuantity.CONE_WIDTH_B, "coneWidth.number",
                            EnteredQuantity.CUP_WIDTH_C, "cupWidth.number",
                            EnteredQuantity.FACTOR_E, "e"),
                    () -> new BearingSet(designation, series, d, outside, t, b, c, e == null ? USUAL_E : e));
            return new CatalogueEntry(errors.require(set), Confidence.UNCERTAIN, source.strip());
        }
    }
}
