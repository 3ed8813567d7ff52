package oldtallow.app.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.demo.DemoYard.DemoAxle;
import oldtallow.app.demo.DemoYard.DemoDistance;
import oldtallow.app.demo.DemoYard.DemoFigure;
import oldtallow.app.demo.DemoYard.DemoHub;
import oldtallow.app.demo.DemoYard.DemoPart;
import oldtallow.app.demo.DemoYard.DemoRig;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.HubEntry;
import oldtallow.app.register.model.PartEntry;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.jspecify.annotations.Nullable;

/** Turns what the demo's file tells into entries as a mechanic would make them. */
final class DemoEntries {

    /** Older than any setting of the demo. */
    private static final int KNOWN_SINCE_DAYS = 760;

    private final LocalDate today;

    DemoEntries(LocalDate today) {
        this.today = today;
    }

    /** A wheel end of the demo, once its rig is entered. */
    static WheelEnd wheelEnd(Register register, String rig, int axle, Side side) {
        return register.rig(id(rig)).axles().get(axle - 1).wheelEnds().stream()
                .filter(one -> one.side() == side)
                .findFirst()
                .orElseThrow();
    }

    /** The same id at every load, so that a bookmark of the demo stays good. */
    static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("demo " + name).getBytes(StandardCharsets.UTF_8));
    }

    RigEntry rig(DemoRig demo) {
        DemoDistance distance = demo.distance();
        return new RigEntry(
                demo.kind(),
                demo.name(),
                demo.plate(),
                new Rig.Owner(demo.ownerName(), demo.ownerContact()),
                demo.builtIn(),
                demo.uses(),
                new Rig.Distance(distance.by(), distance.km(), ago(distance.readDaysAgo()), distance.yearlyKm()),
                new Rig.Plan(demo.lengthMillimetres(), demo.widthMillimetres(), demo.drawbarMillimetres()));
    }

    List<Assembly.AxleEntry> axles(DemoRig demo) {
        List<Assembly.AxleEntry> axles = new ArrayList<>();
        for (int i = 0; i < demo.axles().size(); i++) {
            DemoAxle axle = demo.axles().get(i);
            String name = demo.name() + " " + (i + 1) + " ";
            axles.add(new Assembly.AxleEntry(
                    axle.fromFrontMillimetres(),
                    axle.trackMillimetres(),
                    hub(axle, Side.LEFT, name),
                    hub(axle, Side.RIGHT, name)));
        }
        return axles;
    }

    private HubEntry hub(DemoAxle axle, Side side, String name) {
        DemoHub hub = axle.hub();
        SpindleThread thread = SpindleThread.valueOf(hub.thread());
        Map<HubDimension, Length> sizes = new EnumMap<>(HubDimension.class);
        hub.measured().forEach(size -> sizes.put(size.dimension(), Length.ofMillimetres(size.millimetres())));
        @Nullable Double washer = hub.washerMillimetres();
        if (washer != null) {
            sizes.put(HubDimension.WASHER_THICKNESS, Length.ofMillimetres(washer));
        }
        var errors = new FieldErrors();
        var build = new WheelEndBuild(
                today.minusDays(KNOWN_SINCE_DAYS),
                hub.construction(),
                thread.designation(),
                thread.cut(ThreadHand.RIGHT),
                errors.require(hub.lock().toLock("lock", errors)),
                new ProcedureId(hub.procedure()),
                HubPreset.of(hub.construction()).fittings(),
                sizes);
        return new HubEntry(
                build,
                axle.end(side).parts().stream()
                        .map(part -> part(part, id(name + side + " " + part.place())))
                        .toList());
    }

    private PartEntry part(DemoPart demo, UUID id) {
        return new PartEntry(
                id,
                demo.place(),
                demo.designation(),
                Optional.ofNullable(demo.cup()),
                Optional.ofNullable(demo.pairNumber()),
                Optional.ofNullable(demo.pairNumber()),
                "",
                demo.batch() == null ? "" : demo.batch(),
                ago(demo.packedDaysAgo()),
                ago(demo.fittedDaysAgo()),
                null,
                demo.condition());
    }

    GoverningFigure<FigureValue> figure(DemoFigure demo, Authority authority) {
        return new GoverningFigure<>(value(demo), authority, demo.source());
    }

    private static FigureValue value(DemoFigure demo) {
        return switch (demo.kind()) {
            case END_PLAY ->
                new FigureValue.EndPlay(new EndPlayWindow(
                        Length.ofMillimetres(given(demo.leastMillimetres())),
                        Length.ofMillimetres(given(demo.mostMillimetres()))));
            case WHEEL_NUT_TORQUE, CALIPER_BOLT_TORQUE, ROTOR_BOLT_TORQUE, FLANGE_BOLT_TORQUE, OUTER_NUT_TORQUE ->
                new FigureValue.BoltTorque(
                        demo.kind(),
                        Torque.ofNewtonMetres(given(demo.leastNewtonMetres())),
                        Torque.ofNewtonMetres(given(demo.mostNewtonMetres())));
            case GREASE -> new FigureValue.Grease(given(demo.words()));
            case SPANNERS -> new FigureValue.Spanners(given(demo.words()));
            case INTERVAL -> FigureValue.Interval.repack(given(demo.months()), Optional.ofNullable(demo.kilometres()));
            case NUT_SEQUENCE -> throw new IllegalArgumentException("the demo has no nut sequences");
        };
    }

    private static <T> T given(@Nullable T value) {
        return Objects.requireNonNull(value, "missing from a figure of the demo");
    }

    private @Nullable LocalDate ago(@Nullable Integer days) {
        return days == null ? null : today.minusDays(days);
    }
}
