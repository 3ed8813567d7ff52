package oldtallow.app.register.web;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import oldtallow.app.register.api.Catalogue;
import oldtallow.app.register.reference.CatalogueSet;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.LengthView;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.bearing.SetDimension;
import oldtallow.core.bearing.identify.Candidate;
import oldtallow.core.bearing.identify.Identification;
import oldtallow.core.bearing.identify.LookAlike;
import oldtallow.core.bearing.identify.Measurand;
import oldtallow.core.bearing.identify.Measurement;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.bearing.identify.StudCircle;
import oldtallow.core.bearing.identify.UsualHub;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class IdentifyController {

    private static final int MOST_READINGS = 40;

    private final Catalogue catalogue;

    IdentifyController(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** What can be measured, and with what. */
    @GetMapping("/api/v1/identify")
    IdentifyReferenceView reference() {
        return new IdentifyReferenceView(
                Arrays.stream(Measurand.values())
                        .map(one -> new MeasurandView(one, one.words()))
                        .toList(),
                Arrays.stream(SizeGauge.values())
                        .map(one -> new InstrumentView(
                                one, one.words(), LengthView.of(one.standardUncertainty()), one.onlyBounds()))
                        .toList(),
                UsualHub.axleTubes());
    }

    /** {@code axleTubes}: what usual hubs are found on. */
    record IdentifyReferenceView(
            List<MeasurandView> measurands, List<InstrumentView> instruments, List<String> axleTubes) {}

    record MeasurandView(Measurand id, String words) {}

    /** An instrument, and how far it may be off (one standard deviation, common practice). */
    record InstrumentView(SizeGauge id, String words, LengthView uncertainty, boolean onlyBounds) {}

    /** Which set it is, from what was measured. */
    @PostMapping("/api/v1/identify")
    IdentificationView identify(@RequestBody IdentifyForm form) {
        List<CatalogueSet> sets = catalogue.all();
        Map<SetDesignation, SetView> views = sets.stream()
                .collect(Collectors.toMap(set -> set.entry().set().designation(), SetView::of, (a, b) -> a));
        return IdentificationView.of(
                Identification.of(sets.stream().map(set -> set.entry().set()).toList(), form.toMeasurements()), views);
    }

    record IdentifyForm(List<MeasurementForm> measurements) {

        List<Measurement> toMeasurements() {
            var errors = new FieldErrors();
            if (measurements.isEmpty() || measurements.size() > MOST_READINGS) {
                errors.add("measurements", measurements.size(), "must be 1 to " + MOST_READINGS + " readings");
                errors.throwIfAny();
            }
            List<Measurement> read = new ArrayList<>();
            for (int i = 0; i < measurements.size(); i++) {
                @Nullable
                Measurement one = measurements.get(i).toMeasurement("measurements[" + i + "].length.number", errors);
                if (one != null) {
                    read.add(one);
                }
            }
            errors.throwIfAny();
            return read;
        }
    }

    record MeasurementForm(Measurand measurand, SizeGauge instrument, LengthEntry length) {

        @Nullable
        Measurement toMeasurement(String field, FieldErrors errors) {
            if (Measurement.looksLikeTheOtherUnit(measurand, length.number(), length.inInches())) {
                errors.add(field, length.number(), length.otherUnitQuestion());
                return null;
            }
            return errors.at(field, () -> new Measurement(measurand, length.toLength(), instrument));
        }
    }

    /** {@code noneOnFile}: chance that it is none of the sets on file. */
    record IdentificationView(
            Identification.Verdict verdict,
            List<CandidateView> candidates,
            double noneOnFile,
            List<NextReadingView> next) {

        static IdentificationView of(Identification found, Map<SetDesignation, SetView> views) {
            return new IdentificationView(
                    found.verdict(),
                    found.candidates().stream()
                            .map(candidate -> CandidateView.of(candidate, views))
                            .toList(),
                    found.noneOnFile(),
                    found.next().stream()
                            .map(next -> new NextReadingView(
                                    next.measurand(), next.measurand().words(), next.doubtLeft()))
                            .toList());
        }
    }

    /** What to measure next; {@code doubtLeft} is the chance that it would not settle the question. */
    record NextReadingView(Measurand measurand, String words, double doubtLeft) {}

    /** A set that could be it; {@code worst} tells which reading agrees least, {@code seatWorn} by how much a seat is down. */
    record CandidateView(
            SetView set,
            double probability,
            Measurand worst,
            String worstWords,
            double worstDeviations,
            LengthView worstOff,
            @Nullable LengthView seatWorn,
            List<LookAlikeView> lookAlikes) {

        static CandidateView of(Candidate candidate, Map<SetDesignation, SetView> views) {
            return new CandidateView(
                    Objects.requireNonNull(views.get(candidate.set().designation())),
                    candidate.probability(),
                    candidate.worst().measurand(),
                    candidate.worst().measurand().words(),
                    candidate.worst().deviations(),
                    LengthView.of(candidate.worst().by()),
                    candidate.seatWorn().map(LengthView::of).orElse(null),
                    candidate.lookAlikes().stream().map(LookAlikeView::of).toList());
        }
    }

    record LookAlikeView(
            String designation,
            SetDimension partedBy,
            String partedByWords,
            LengthView difference,
            boolean sameCupSize) {

        static LookAlikeView of(LookAlike alike) {
            return new LookAlikeView(
                    alike.set().designation().toString(),
                    alike.partedBy(),
                    alike.partedBy().words(),
                    LengthView.of(alike.difference()),
                    alike.sameCupSize());
        }
    }

    /** The stud circle from two neighbouring studs, and which hubs usually have it. */
    @PostMapping("/api/v1/stud-circle")
    StudCircleView studCircle(@RequestBody StudCircleForm form) {
        var errors = new FieldErrors();
        @Nullable
        StudCircle circle = errors.at(
                "distance.number",
                Map.of(EnteredQuantity.STUD_COUNT, "studs"),
                () -> StudCircle.fromNeighbours(form.studs(), form.distance().toLength()));
        return StudCircleView.of(errors.require(circle), form);
    }

    /** Two neighbouring studs, centre to centre; the axle's tube or bar where it was looked at. */
    record StudCircleForm(
            Integer studs,
            LengthEntry distance,
            SizeGauge instrument,
            @Nullable String axleTube) {}

    record StudCircleView(LengthView diameter, LengthView uncertainty, List<UsualHubView> usualHubs) {

        static StudCircleView of(StudCircle circle, StudCircleForm form) {
            return new StudCircleView(
                    LengthView.of(circle.diameter()),
                    LengthView.of(circle.uncertainty(form.instrument())),
                    UsualHub.withStuds(circle).stream()
                            .filter(hub ->
                                    form.axleTube() == null || hub.axleTube().equals(form.axleTube()))
                            .map(UsualHubView::of)
                            .toList());
        }
    }

    record UsualHubView(
            String axleRating,
            String axleTube,
            String inboard,
            String outboard,
            LengthView studCircle,
            @Nullable LengthView sealInside,
            @Nullable LengthView sealOutside) {

        static UsualHubView of(UsualHub hub) {
            return new UsualHubView(
                    hub.axleRating(),
                    hub.axleTube(),
                    hub.inboard().toString(),
                    hub.outboard().toString(),
                    LengthView.of(hub.studCircle()),
                    hub.sealInside().map(LengthView::of).orElse(null),
                    hub.sealOutside().map(LengthView::of).orElse(null));
        }
    }
}
