package oldtallow.app.job.web.reckon;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.app.job.web.reckon.SealView.SealSizeView;
import oldtallow.app.register.api.Tools;
import oldtallow.app.stock.api.Shelf;
import oldtallow.app.stock.model.Stocked;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.LengthView;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.fit.seal.CapFit;
import oldtallow.core.fit.seal.SealFit;
import oldtallow.core.fit.seal.SealSize;
import oldtallow.core.fit.seal.SealType;
import oldtallow.core.fit.seal.StandardSeals;
import oldtallow.core.fit.seal.WearGroove;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.stock.StockKind;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Seals and caps by what was measured. */
@RestController
@RequestMapping("/api/v1/reckon")
class SealController {

    private static final int STANDARD_SIZES = 4;
    private static final double LEAST_CAP_MM = 15;
    private static final double MOST_CAP_MM = 250;

    private final Shelf shelf;
    private final Tools tools;

    SealController(Shelf shelf, Tools tools) {
        this.shelf = shelf;
        this.tools = tools;
    }

    /** Which seal goes with a land and a bore, which way round, and what may touch it. */
    @PostMapping("/seal")
    SealAnswerView seal(@RequestBody SealForm form) {
        var errors = new FieldErrors();
        @Nullable
        SizeRange land =
                errors.at("land.number", () -> SizeRange.measured(form.land().toLength(), form.instrument()));
        @Nullable
        SizeRange bore =
                errors.at("bore.number", () -> SizeRange.measured(form.bore().toLength(), form.instrument()));
        @Nullable
        SealSize place = errors.at(
                "land.number",
                Map.of(EnteredQuantity.BORE_OF_SEAL, "bore.number", EnteredQuantity.WIDTH_OF_SEAL, "width.number"),
                () -> new SealSize(
                        form.land().toLength(),
                        form.bore().toLength(),
                        Optional.ofNullable(form.width()).map(LengthEntry::toLength)));
        errors.throwIfAny();
        SizeRange onLand = Objects.requireNonNull(land);
        SizeRange inBore = Objects.requireNonNull(bore);
        var type = new SealType(form.kind(), form.rimmed(), form.coated());
        return new SealAnswerView(
                SealView.of(errors.require(place), type, tools.all()),
                SealFit.nearest(StandardSeals.sizes().stream(), onLand, inBore, STANDARD_SIZES).stream()
                        .map(SealFitView::of)
                        .toList(),
                shelf.all().stream()
                        .filter(one -> one.item().kind() == StockKind.SEAL)
                        .flatMap(one -> onShelf(one, onLand, inBore))
                        .toList());
    }

    private static Stream<ShelfSealView> onShelf(Stocked one, SizeRange land, SizeRange bore) {
        return SealSize.parse(one.item().designation()).stream()
                .map(size -> SealFit.of(size, land, bore))
                .filter(SealFit::fits)
                .map(fit -> new ShelfSealView(one.item().designation(), one.good()));
    }

    /**
     * Where a seal goes.
     *
     * @param land diameter the lip runs on
     * @param bore of the hub
     * @param width null where it was not measured
     */
    record SealForm(
            LengthEntry land,
            LengthEntry bore,
            @Nullable LengthEntry width,
            SizeGauge instrument,
            SealKind kind,
            boolean rimmed,
            boolean coated) {}

    /**
     * What goes there.
     *
     * @param place drawn for the sizes measured
     * @param standard ISO 6194-1 sizes, those that fit first, then the nearest misses
     * @param onShelf seals of the shelf that fit by the size in their designation
     */
    record SealAnswerView(SealView place, List<SealFitView> standard, List<ShelfSealView> onShelf) {}

    record SealFitView(SealSizeView size, boolean fits, String words, LengthView off) {

        static SealFitView of(SealFit fit) {
            return new SealFitView(
                    SealSizeView.of(fit.size()), fit.fits(), fit.verdict().words(), LengthView.of(fit.off()));
        }
    }

    /** {@code good}: pieces that have not outlived their day. */
    record ShelfSealView(String designation, int good) {}

    /** Which cap goes into a bore, and whether one at hand holds. */
    @PostMapping("/cap")
    CapView cap(@RequestBody CapForm form) {
        var errors = new FieldErrors();
        @Nullable
        SizeRange bore =
                errors.at("bore.number", () -> SizeRange.measured(form.bore().toLength(), form.instrument()));
        if (!(form.bore().toLength().millimetres() >= LEAST_CAP_MM
                && form.bore().toLength().millimetres() <= MOST_CAP_MM)) {
            errors.add("bore.number", form.bore().number(), "must be 15 to 250 mm (0.6 to 9.8 in); is the unit right?");
        }
        errors.throwIfAny();
        @Nullable LengthEntry cap = form.cap();
        @Nullable
        CapFit fit = cap == null
                ? null
                : errors.at(
                        "cap.number",
                        () -> CapFit.of(
                                SizeRange.measured(cap.toLength(), form.instrument()), Objects.requireNonNull(bore)));
        errors.throwIfAny();
        Length middle = Objects.requireNonNull(bore).middle();
        return new CapView(
                LengthView.of(CapFit.wanted(middle).least()),
                LengthView.of(CapFit.wanted(middle).most()),
                fit == null ? null : fit.verdict(),
                fit == null ? null : fit.verdict().words(),
                fit == null ? null : LengthView.of(fit.interference()));
    }

    /** {@code cap}: outside diameter of one at hand; null without. */
    record CapForm(LengthEntry bore, @Nullable LengthEntry cap, SizeGauge instrument) {}

    /** Outside diameter to ask for; the rest is null without a cap at hand. */
    record CapView(
            LengthView least,
            LengthView most,
            CapFit.@Nullable Verdict verdict,
            @Nullable String words,
            @Nullable LengthView interference) {}

    /** What to do with a groove in the seal's land. */
    @PostMapping("/seal-land")
    SealLandView sealLand(@RequestBody SealLandForm form) {
        var errors = new FieldErrors();
        WearGroove groove = errors.require(errors.at(
                "depth.number",
                Map.of(EnteredQuantity.ROOM_FOR_SEAL, "room.number"),
                () -> new WearGroove(form.depth().toLength(), form.room().toLength())));
        return new SealLandView(groove.remedy(), groove.remedy().words());
    }

    record SealLandForm(LengthEntry depth, LengthEntry room) {}

    record SealLandView(WearGroove.Remedy remedy, String words) {}
}
