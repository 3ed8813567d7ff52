package oldtallow.app.job.web.reckon;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import oldtallow.app.register.api.Tools;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.LengthView;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fit.CupDriver;
import oldtallow.core.fit.SeatedCup;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Getting a cup home, and whether it is. */
@RestController
@RequestMapping("/api/v1/reckon")
class RaceController {

    private final AskedSet sets;
    private final Tools tools;

    RaceController(AskedSet sets, Tools tools) {
        this.sets = sets;
        this.tools = tools;
    }

    /** What a cup is driven with; sizes of the edges are assumed. */
    @PostMapping("/cup-driver")
    CupDriverView cupDriver(@RequestBody CupDriverForm form) {
        var errors = new FieldErrors();
        BearingSet set = errors.require(sets.require(form.set(), errors));
        CupDriver driver = CupDriver.of(set);
        return new CupDriverView(
                LengthView.of(driver.leastOutside()),
                LengthView.of(driver.mostOutside()),
                LengthView.of(driver.thinEdge()),
                LengthView.of(driver.thickEdge()),
                form.oldCup() == null || form.bore() == null
                        ? null
                        : LengthView.of(grindOff(form.oldCup(), form.bore(), errors)),
                own(tools.all(), driver),
                form.sockets().stream()
                        .map(socket -> SuitsView.of(driver.suits(socket.toLength())))
                        .toList());
    }

    private static Length grindOff(LengthEntry oldCup, LengthEntry bore, FieldErrors errors) {
        return errors.require(errors.at(
                "oldCup.number",
                Map.of(EnteredQuantity.CUP_BORE_OF_HUB, "bore.number"),
                () -> CupDriver.grindOff(
                        SizeRange.measured(oldCup.toLength(), SizeGauge.MICROMETER),
                        SizeRange.measured(bore.toLength(), SizeGauge.MICROMETER))));
    }

    /** The old cup and the bore where the old cup is to be ground to a driver; sockets at hand, by outside diameter. */
    record CupDriverForm(
            String set,
            @Nullable LengthEntry oldCup,
            @Nullable LengthEntry bore,
            List<LengthEntry> sockets) {}

    /** {@code own}: the workshop's; {@code sockets} in the order they were asked about. */
    record CupDriverView(
            LengthView leastOutside,
            LengthView mostOutside,
            LengthView thinEdge,
            LengthView thickEdge,
            @Nullable LengthView grindOff,
            List<OwnToolView> own,
            List<SuitsView> sockets) {}

    /** The workshop's own that a cup may be driven with; those that will do first. */
    static List<OwnToolView> own(List<WorkshopTool> tools, CupDriver driver) {
        return OwnToolView.of(
                tools.stream().filter(tool -> tool.kind().drivesCups()).toList(),
                outside -> driver.suits(outside) == CupDriver.Suits.DOES,
                outside -> driver.suits(outside).words());
    }

    record SuitsView(CupDriver.Suits suits, String words) {

        static SuitsView of(CupDriver.Suits suits) {
            return new SuitsView(suits, suits.words());
        }
    }

    /** Whether a cup is home, from the gap behind it at 12, 3, 6 and 9 o'clock. */
    @PostMapping("/seated")
    SeatedView seated(@RequestBody SeatedForm form) {
        var errors = new FieldErrors();
        Map<Quantity, String> fields = IntStream.range(0, SeatedCup.GAPS.size())
                .boxed()
                .collect(Collectors.toMap(SeatedCup.GAPS::get, i -> "gaps[" + i + "].number"));
        SeatedCup cup = errors.require(errors.at(
                "gaps",
                fields,
                () -> new SeatedCup(
                        form.gaps().stream().map(LengthEntry::toLength).toList())));
        return SeatedView.of(cup);
    }

    record SeatedForm(List<LengthEntry> gaps) {}

    /** {@code highSide}: where it stands high, by the clock. */
    record SeatedView(SeatedCup.Verdict verdict, String words, String highSide) {

        static SeatedView of(SeatedCup cup) {
            return new SeatedView(cup.verdict(), cup.verdict().words(), cup.highSide());
        }
    }
}
