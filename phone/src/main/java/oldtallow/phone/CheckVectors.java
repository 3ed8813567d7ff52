package oldtallow.phone;

import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.StandardCatalogue;
import oldtallow.core.bearing.identify.Identification;
import oldtallow.core.bearing.identify.Measurand;
import oldtallow.core.bearing.identify.Measurement;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.fastening.sequence.StandardProcedures;
import oldtallow.core.fit.CupFit;
import oldtallow.core.fit.HubMaterial;
import oldtallow.core.fit.SizeRange;
import oldtallow.core.grease.Filling;
import oldtallow.core.grease.GreaseCode;
import oldtallow.core.grease.OilFilm;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.ShapeAssumption;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.Section;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.schedule.interval.StandardIntervals;
import oldtallow.core.setting.rolling.BearingPair;
import oldtallow.core.setting.rolling.HubSurface;
import oldtallow.core.setting.rolling.HubWarmth;
import oldtallow.core.setting.rolling.SettingChart;
import oldtallow.core.setting.rolling.TyrePlay;
import oldtallow.core.setting.rolling.WheelLoad;
import oldtallow.core.words.LifeWords;

/**
 * Walks through the core and tells each result on a line of its own: where it comes from, a tab, and the result. What stands
 * after {@code ~} is a number that may differ in its last digits, after {@code ≈} one that a solver settled on, which may
 * differ within what the solver calls settled; everything else must be the same to the letter, turns and plans and words. What is right is checked in the core's own tests; here only that a phone says the same.
 */
public final class CheckVectors {

    private static final List<BearingSet> SETS =
            StandardCatalogue.entries().stream().map(CatalogueEntry::set).toList();

    private final Lines lines;

    CheckVectors(Consumer<String> lines) {
        this.lines = new Lines(lines);
    }

    public static void main(String[] arguments) {
        new CheckVectors(System.out::println).all();
    }

    void all() {
        streams();
        files();
        new BenchVectors(lines).all();
        new JobVectors(lines).all();
        bearings();
        hubs();
        greases();
        chart();
    }

    /** Each value once, wherever it stands in streams laid end to end. */
    private void streams() {
        lines.tell(
                "each once",
                Stream.concat(Stream.of(3, 1, 3), Stream.of(1, 2))
                        .flatMap(one -> Stream.of(one, 4))
                        .distinct()
                        .sorted()
                        .toList()
                        .toString());
    }

    private void files() {
        StandardCatalogue.entries()
                .forEach(entry -> lines.tell(
                        "set " + entry.set().designation(),
                        entry.set().bore().millimetres(),
                        entry.set().outsideDiameter().millimetres(),
                        entry.set().width().millimetres(),
                        entry.set().tangentOfRaceAngle()));
        StandardProcedures.all()
                .forEach(one -> one.steps()
                        .forEach(step -> lines.tell(
                                "procedure " + one.id().value(),
                                step.kind() + " " + step.says() + " " + step.lookOutFor())));
        StandardIntervals.all()
                .forEach(one -> one.bySource()
                        .forEach((source, rules) -> rules.forEach(rule -> lines.tell(
                                "interval " + one.id() + " " + source,
                                rule.action() + " " + rule.trigger().words()))));
    }

    private void bearings() {
        for (double bore : new double[] {26.9, 34.91, 44.45, 31.77}) {
            Identification found = Identification.of(
                    SETS,
                    List.of(
                            new Measurement(Measurand.CONE_BORE, Length.ofMillimetres(bore), SizeGauge.CALLIPER),
                            new Measurement(
                                    Measurand.CUP_OUTSIDE, Length.ofMillimetres(bore + 24.2), SizeGauge.CALLIPER)));
            lines.tell(
                    "identify " + bore,
                    found.verdict() + " "
                            + found.next().stream().map(one -> one.measurand()).toList());
            found.candidates()
                    .forEach(one ->
                            lines.tell("identify " + bore + " " + one.set().designation(), one.probability()));
            lines.tell("identify " + bore, found.noneOnFile());
        }
        BearingSet set = set("L68149/L68111");
        for (HubMaterial hub : HubMaterial.values()) {
            for (double smaller = -0.01; smaller < 0.08; smaller += 0.015) {
                fit(hub, set, smaller);
            }
        }
    }

    private void fit(HubMaterial hub, BearingSet set, double smaller) {
        Length outside = set.outsideDiameter();
        CupFit fit = CupFit.of(
                hub,
                SizeRange.measured(outside, SizeGauge.MICROMETER),
                SizeRange.measured(outside.minus(Length.ofMillimetres(smaller)), SizeGauge.MICROMETER),
                new CupFit.Seat(
                        outside.minus(Length.ofMillimetres(8)),
                        outside.plus(Length.ofMillimetres(30)),
                        set.cupWidth(),
                        CupFit.usualLoad(outside)));
        String of = "cup " + hub + " " + smaller;
        lines.tell(of, fit.verdict() + " " + CupFit.way(fit.pressFit()));
        lines.tell(of, fit.interference().millimetres(), fit.needs().millimetres());
        fit.pressFit()
                .ifPresent(pressed -> lines.tell(
                        of,
                        pressed.pressure(),
                        pressed.hoopStress(),
                        pressed.force().newtons(),
                        pressed.raceShrinks().millimetres()));
    }

    private void hubs() {
        for (Construction construction : Construction.values()) {
            WheelEndShape shape = ShapeAssumption.usual(construction, SETS);
            Section.of(shape)
                    .parts()
                    .forEach(part -> part.outlines()
                            .forEach(outline -> outline.points()
                                    .forEach(point -> lines.tell(
                                            "section " + construction + " " + part.name(), point.x(), point.y()))));
            if (shape.fittings().cavity() != CavityFill.OIL) {
                Filling.of(shape, shape.fittings().cavity(), false, false).amounts().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .forEach(place -> lines.tell(
                                "grease " + construction + " " + place.getKey(),
                                place.getValue().least(),
                                place.getValue().most()));
            }
        }
    }

    private void greases() {
        Stream.of("KP2K-30", "DIN 51825 KPE 2 N-20", "ISO-L-XCCHB 2", "NLGI #2 GC-LB", "HPM+WR")
                .map(GreaseCode::parse)
                .forEach(code -> lines.tell(
                        "code",
                        Stream.of(code.grade(), code.coldest(), code.hottest(), code.standsWater())
                                .map(said -> said.map(String::valueOf).orElse("not said"))
                                .toList()
                                .toString()));
        var oil = new OilFilm(220, 19);
        for (int celsius = -30; celsius <= 160; celsius += 10) {
            lines.tell("oil " + celsius, oil.viscosity(celsius), oil.kappa(set("L44649/L44610"), 800, celsius));
        }
    }

    private void chart() {
        BearingPair pair = BearingPair.of(set("L68149/L68111"), set("L44649/L44610"), Length.ofMillimetres(65.6));
        Length radius = Length.ofMillimetres(330);
        var hub = new SettingChart.Hub(
                pair,
                new WheelLoad(Force.ofNewtons(7800), Length.ofMillimetres(22), radius, Force.ofNewtons(0)),
                HubWarmth.usual(new HubSurface(0.05), 20, 723, 25),
                new TyrePlay(pair, radius));
        SettingChart chart = SettingChart.of(hub, Length.ofMillimetres(0.25), Length.ofMillimetres(-0.08), 40);
        lines.settled("chart", chart.bestPlay().millimetres());
        chart.points()
                .forEach(point -> lines.settled(
                        "chart " + LifeWords.of(point.relativeLife()),
                        point.life(),
                        point.dragNewtonMillimetres(),
                        point.preload().newtons(),
                        point.rock().millimetres()));
    }

    private static BearingSet set(String designation) {
        return SETS.stream()
                .filter(set -> set.designation().toString().equals(designation))
                .findFirst()
                .orElseThrow();
    }
}
