package oldtallow.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import oldtallow.app.demo.DemoYard.DemoAxle;
import oldtallow.app.demo.DemoYard.DemoHub;
import oldtallow.app.demo.DemoYard.DemoRig;
import oldtallow.app.demo.DemoYard.DemoSetting;
import oldtallow.app.nut.NewNutSetting;
import oldtallow.app.nut.NewNutSetting.FinalTorque;
import oldtallow.app.nut.NutSettings;
import oldtallow.app.platform.FieldErrors;
import oldtallow.app.register.Register;
import oldtallow.app.register.Rig;
import oldtallow.app.register.Side;
import oldtallow.app.register.SpindleNut;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.wire.FigureForm;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.endplay.GoverningFigure;
import oldtallow.core.nut.NutCase;
import oldtallow.core.nut.NutReading;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.thread.Hand;
import oldtallow.core.thread.SpindleThread;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Fills an empty register with the made-up yard, through the same services a mechanic's entries take. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class DemoLoader implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final String FILE = "/demo/yard.json";

    private final Register register;
    private final NutSettings settings;
    private final JsonMapper json;
    private final Clock clock;

    DemoLoader(Register register, NutSettings settings, JsonMapper json, Clock clock) {
        this.register = register;
        this.settings = settings;
        this.json = json;
        this.clock = clock;
    }

    /** One transaction: an interrupted load leaves the register empty and is done again next time. */
    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (!register.rigs().isEmpty()) {
            return;
        }
        DemoYard yard = read();
        register.setRule(figure(yard.rule()));
        int number = 1;
        for (DemoRig rig : yard.rigs()) {
            register.enter(enter(rig, number++));
        }
        for (Rig rig : register.rigs()) {
            setNuts(rig, yard.rigs().get(rig.yardNumber() - 1));
        }
        LOG.info("demo data loaded: {} rigs", yard.rigs().size());
    }

    private DemoYard read() throws IOException {
        try (@Nullable InputStream file = DemoLoader.class.getResourceAsStream(FILE)) {
            if (file == null) {
                throw new IllegalStateException("missing from the application: " + FILE);
            }
            return json.readValue(file, DemoYard.class);
        }
    }

    private static Rig enter(DemoRig demo, int number) {
        UUID rigId = id(demo.name());
        List<Rig.Axle> axles = new ArrayList<>();
        for (int i = 0; i < demo.axles().size(); i++) {
            DemoAxle axle = demo.axles().get(i);
            int position = i + 1;
            List<WheelEnd> ends =
                    List.of(wheelEnd(rigId, demo, position, Side.LEFT), wheelEnd(rigId, demo, position, Side.RIGHT));
            axles.add(new Rig.Axle(
                    id(demo.name() + " axle " + position),
                    position,
                    axle.fromFrontMillimetres(),
                    axle.trackMillimetres(),
                    ends));
        }
        return new Rig(
                rigId,
                number,
                demo.kind(),
                demo.name(),
                demo.plate(),
                demo.lengthMillimetres(),
                demo.widthMillimetres(),
                demo.drawbarMillimetres(),
                axles);
    }

    private static WheelEnd wheelEnd(UUID rigId, DemoRig demo, int position, Side side) {
        DemoHub hub = demo.axles().get(position - 1).hub();
        SpindleThread thread = SpindleThread.valueOf(hub.thread());
        var errors = new FieldErrors();
        @Nullable Double washer = hub.washerMillimetres();
        var nut = new SpindleNut(
                thread.designation(),
                thread.cut(Hand.RIGHT),
                errors.require(hub.lock().toLock("lock", errors)),
                washer == null ? null : Length.ofMillimetres(washer));
        return new WheelEnd(
                id(demo.name() + " " + position + " " + side),
                rigId,
                demo.name(),
                position,
                demo.axles().size(),
                side,
                hub.construction(),
                nut,
                hub.school(),
                hub.maker() == null ? List.of() : List.of(figure(hub.maker())));
    }

    private void setNuts(Rig rig, DemoRig demo) {
        for (Rig.Axle axle : rig.axles()) {
            for (WheelEnd end : axle.wheelEnds()) {
                List<DemoSetting> past = demo.axles().get(axle.position() - 1).settings(end.side());
                past.forEach(setting -> settings.save(report(end, setting)));
            }
        }
    }

    private NewNutSetting report(WheelEnd end, DemoSetting demo) {
        var reading = NutReading.atZeroPlay(1, Turn.ofDegrees(demo.looserDegrees()));
        var nutCase = new NutCase(end.nut().thread(), end.nut().lock(), reading, end.window(), null);
        double backOff = nutCase.stops().stream()
                .map(stop -> stop.backOff().degrees())
                .min(Comparator.comparingDouble(degrees -> Math.abs(degrees - demo.stopNear())))
                .orElse(demo.stopNear());
        @Nullable Double measured = demo.measuredMillimetres();
        Instant setAt = clock.instant().minus(Duration.ofDays(demo.daysAgo()));
        return new NewNutSetting(
                UUID.randomUUID(),
                end.id(),
                setAt,
                demo.by(),
                end.school(),
                reading,
                BigDecimal.valueOf(backOff).setScale(3, RoundingMode.HALF_EVEN),
                measured == null ? null : Length.ofMillimetres(measured),
                demo.torque() == null
                        ? null
                        : new FinalTorque(demo.torque().number(), demo.torque().unit(), false),
                demo.note() == null ? "" : demo.note());
    }

    private static GoverningFigure<EndPlayWindow> figure(FigureForm form) {
        var errors = new FieldErrors();
        return errors.require(form.toFigure("figure", errors));
    }

    /** The same id at every load, so that a bookmark of the demo stays good. */
    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("demo " + name).getBytes(StandardCharsets.UTF_8));
    }
}
