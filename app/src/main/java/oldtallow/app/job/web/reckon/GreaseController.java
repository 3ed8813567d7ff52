package oldtallow.app.job.web.reckon;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Catalogue;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.RangeView;
import oldtallow.app.units.TemperatureEntry;
import oldtallow.app.units.TemperatureView;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.grease.BaseOil;
import oldtallow.core.grease.Compatibility;
import oldtallow.core.grease.Demand;
import oldtallow.core.grease.DinGreaseCode;
import oldtallow.core.grease.Filling;
import oldtallow.core.grease.GreaseCode;
import oldtallow.core.grease.GreaseMake;
import oldtallow.core.grease.IsoGreaseCode;
import oldtallow.core.grease.NlgiGrade;
import oldtallow.core.grease.OilFilm;
import oldtallow.core.grease.Thickener;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.ShapeAssumption;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/reckon")
class GreaseController {

    private final Catalogue catalogue;
    private final Assembly assembly;

    GreaseController(Catalogue catalogue, Assembly assembly) {
        this.catalogue = catalogue;
        this.assembly = assembly;
    }

    /** What can be chosen. */
    @GetMapping("/greases")
    GreaseReferenceView reference() {
        return new GreaseReferenceView(
                Stream.of(Thickener.values())
                        .map(one -> new ThickenerView(one, one.words()))
                        .toList(),
                Stream.of(NlgiGrade.values())
                        .map(one ->
                                new GradeView(one.number(), one.words(), one.leastPenetration(), one.mostPenetration()))
                        .toList(),
                Stream.of(Thickener.values())
                        .filter(one -> one != Thickener.UNKNOWN)
                        .map(PairsView::of)
                        .toList(),
                Filling.USUAL_STROKE);
    }

    record GreaseReferenceView(
            List<ThickenerView> thickeners, List<GradeView> grades, List<PairsView> pairs, double usualStroke) {}

    /** How a thickener goes with each, itself among them, in their order. */
    record PairsView(Thickener thickener, String words, List<Compatibility.Verdict> with) {

        static PairsView of(Thickener one) {
            return new PairsView(
                    one,
                    one.words(),
                    Stream.of(Thickener.values())
                            .filter(other -> other != Thickener.UNKNOWN)
                            .map(other -> Compatibility.of(one, other).verdict())
                            .toList());
        }
    }

    record ThickenerView(Thickener id, String words) {}

    /** Worked penetration in tenths of a millimetre. */
    record GradeView(String number, String words, int leastPenetration, int mostPenetration) {}

    /** What a code on a tin says, piece by piece. */
    @PostMapping("/grease-code")
    GreaseCodeView code(@RequestBody GreaseCodeForm form) {
        var errors = new FieldErrors();
        return GreaseCodeView.of(errors.require(errors.at("code", () -> GreaseCode.parse(form.code()))));
    }

    record GreaseCodeForm(String code) {}

    record GreaseCodeView(
            String standard,
            List<GreaseCode.Piece> pieces,
            @Nullable String grade,
            @Nullable TemperatureView coldest,
            @Nullable TemperatureView hottest) {

        static GreaseCodeView of(GreaseCode code) {
            return new GreaseCodeView(
                    switch (code) {
                        case DinGreaseCode din -> "DIN 51825";
                        case IsoGreaseCode iso -> "ISO 6743-9";
                        default -> "NLGI certification mark";
                    },
                    code.pieces(),
                    code.grade().map(NlgiGrade::number).orElse(null),
                    code.coldest().map(TemperatureView::ofCelsius).orElse(null),
                    code.hottest().map(TemperatureView::ofCelsius).orElse(null));
        }
    }

    /** Whether a grease will do here, what happens to the old one, and how much goes where. */
    @PostMapping("/grease")
    GreaseView grease(@RequestBody GreaseForm form) {
        var errors = new FieldErrors();
        WheelEndShape shape = form.wheelEndId() == null
                ? ShapeAssumption.usual(form.construction(), catalogue.sets())
                : assembly.section(form.wheelEndId()).shape();
        @Nullable
        Integer coldest = errors.at("coldest.number", () ->
                (int) Math.round(form.coldest().toTemperature().celsius()));
        @Nullable
        Demand demand = coldest == null
                ? null
                : errors.at(
                        "coldest.number",
                        () -> new Demand(shape.fittings().brake(), form.dunked(), coldest, form.heavy()));
        @Nullable
        GreaseCode code = form.code().isBlank() ? null : errors.at("code", () -> GreaseCode.parse(form.code()));
        @Nullable
        Filling filling = errors.at(
                "fill",
                () -> Filling.of(
                        shape, form.fill(), form.capFilled(), shape.construction() == Construction.GREASE_THROUGH));
        @Nullable
        RangeView strokes = filling == null
                ? null
                : errors.at("stroke", () -> PlaceView.range(filling.total().strokes(form.stroke())));
        @Nullable FilmView film = film(shape, form, errors);
        Demand wanted = errors.require(demand);
        Filling filled = errors.require(filling);
        Filling.Amount total = filled.total();
        Compatibility meets = Compatibility.of(
                new GreaseMake(form.old(), BaseOil.NOT_SAID), GreaseMake.of(form.thickener(), form.code()));
        return new GreaseView(
                shape.construction().words(),
                shape.inboard().designation().toString(),
                shape.outboard().designation().toString(),
                shape.fittings().brake(),
                wanted.wants(),
                wanted.misfits(
                        Demand.Known.of(form.thickener(), Optional.ofNullable(code), Optional.ofNullable(form.at40()))),
                MeetingView.of(meets),
                PlaceView.all(filled, form.stroke()),
                PlaceView.range(total),
                PlaceView.range(total.grams()),
                errors.require(strokes),
                PlaceView.range(total.cartridges()),
                PlaceView.range(total.perCartridge()),
                Filling.effect(form.fill()),
                film);
    }

    /**
     * A wheel end, or a construction as it usually comes, and the grease.
     *
     * @param coldest it has to turn in
     * @param stroke of the grease gun, cm³
     * @param at40 and {@code at100}: base oil viscosity, mm²/s; both or neither
     * @param rollingRadius of the tyre
     */
    record GreaseForm(
            @Nullable UUID wheelEndId,
            Construction construction,
            boolean dunked,
            boolean heavy,
            TemperatureEntry coldest,
            String code,
            Thickener thickener,
            Thickener old,
            CavityFill fill,
            boolean capFilled,
            double stroke,
            @Nullable Double at40,
            @Nullable Double at100,
            @Nullable TemperatureEntry hub,
            double kilometresPerHour,
            LengthEntry rollingRadius) {}

    record GreaseView(
            String construction,
            String inboard,
            String outboard,
            BrakeKind brake,
            List<Demand.Want> wants,
            List<String> misfits,
            MeetingView meeting,
            List<PlaceView> places,
            RangeView cubicCentimetres,
            RangeView grams,
            RangeView strokes,
            RangeView cartridges,
            RangeView perCartridge,
            String effect,
            @Nullable FilmView film) {}

    /** κ of both bearings at speed, and what it means; the worse of both counts. */
    record FilmView(
            double viscosity, double turns, double inboard, double outboard, OilFilm.Carries carries, String words) {}

    private static @Nullable FilmView film(WheelEndShape shape, GreaseForm form, FieldErrors errors) {
        if (form.at40() == null || form.at100() == null || form.hub() == null) {
            return null;
        }
        double at40 = form.at40();
        double at100 = form.at100();
        @Nullable
        OilFilm oil =
                errors.at("at40", Map.of(EnteredQuantity.VISCOSITY_AT_100, "at100"), () -> new OilFilm(at40, at100));
        TemperatureEntry entered = form.hub();
        @Nullable
        Double celsius = errors.at("hub.number", () -> entered.toTemperature().celsius());
        @Nullable
        Double turns = errors.at(
                "kilometresPerHour",
                Map.of(EnteredQuantity.ROLLING_RADIUS_OF_TYRE, "rollingRadius.number"),
                () -> OilFilm.wheelTurns(
                        form.kilometresPerHour(), form.rollingRadius().toLength()));
        if (oil == null || celsius == null || turns == null) {
            return null;
        }
        return errors.at("hub.number", () -> {
            double in = oil.kappa(shape.inboard(), turns, celsius);
            double out = oil.kappa(shape.outboard(), turns, celsius);
            BearingSet worse = in < out ? shape.inboard() : shape.outboard();
            OilFilm.Carries carries = oil.carries(worse, turns, celsius);
            return new FilmView(oil.viscosity(celsius), turns, in, out, carries, carries.words());
        });
    }
}
