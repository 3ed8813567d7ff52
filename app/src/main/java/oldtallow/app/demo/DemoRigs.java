package oldtallow.app.demo;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import oldtallow.app.demo.DemoYard.DemoAxle;
import oldtallow.app.demo.DemoYard.DemoFigure;
import oldtallow.app.demo.DemoYard.DemoRig;
import oldtallow.app.demo.DemoYard.DemoSetting;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.reference.Place;
import oldtallow.app.setting.api.NutSettings;
import oldtallow.app.setting.model.NewNutSetting;
import oldtallow.app.setting.model.NewNutSetting.FinalTorque;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.nut.NutCase;
import oldtallow.core.setting.nut.NutReading;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The demo's rigs: what they are made of, what is written about them, how their nuts were set. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class DemoRigs {

    private final DemoPeople people;
    private final Register register;
    private final Assembly assembly;
    private final Figures figures;
    private final NutSettings settings;
    private final Clock clock;

    DemoRigs(
            DemoPeople people,
            Register register,
            Assembly assembly,
            Figures figures,
            NutSettings settings,
            Clock clock) {
        this.people = people;
        this.register = register;
        this.assembly = assembly;
        this.figures = figures;
        this.settings = settings;
        this.clock = clock;
    }

    boolean areNone() {
        return register.isEmpty();
    }

    /** The workshop's own rules. */
    void rule(List<DemoFigure> rules) {
        var entries = new DemoEntries(LocalDate.now(clock));
        var workshop = new Place(Place.Scope.WORKSHOP, CurrentPerson.workshopId());
        rules.forEach(rule -> figures.file(workshop, 0, entries.figure(rule, Authority.WORKSHOP)));
    }

    void enter(DemoRig demo) {
        var entries = new DemoEntries(LocalDate.now(clock));
        Rig rig = assembly.enter(DemoEntries.id(demo.name()), entries.rig(demo), entries.axles(demo));
        demo.figures()
                .forEach(figure ->
                        figures.file(new Place(Place.Scope.RIG, rig.id()), 0, entries.figure(figure, Authority.MAKER)));
        for (Rig.Axle axle : rig.axles()) {
            DemoAxle onAxle = demo.axles().get(axle.position() - 1);
            onAxle.hub()
                    .figures()
                    .forEach(figure -> figures.file(
                            new Place(Place.Scope.AXLE, axle.id()), 0, entries.figure(figure, Authority.MAKER)));
            for (WheelEnd end : axle.wheelEnds()) {
                onAxle.end(end.side()).settings().forEach(setting -> setNut(end, setting));
            }
        }
    }

    private void setNut(WheelEnd end, DemoSetting demo) {
        SettingSummary saved = CurrentPerson.as(people.called(demo.by()), () -> settings.save(report(end, demo)))
                .setting();
        if (saved.awaitsSignOff() && !Boolean.TRUE.equals(demo.waits())) {
            settings.signOff(saved.id());
        }
    }

    private NewNutSetting report(WheelEnd end, DemoSetting demo) {
        var reading = NutReading.atZeroPlay(1, Turn.ofDegrees(demo.looserDegrees()));
        var nutCase = new NutCase(
                end.nut().thread(), end.nut().lock(), reading, GoverningFigure.governing(figures.endPlay(end)), null);
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
                end.procedure(),
                reading,
                BigDecimal.valueOf(backOff).setScale(3, RoundingMode.HALF_EVEN),
                measured == null ? null : Length.ofMillimetres(measured),
                demo.torque() == null
                        ? null
                        : new FinalTorque(demo.torque().number(), demo.torque().unit(), false),
                demo.note() == null ? "" : demo.note(),
                null);
    }
}
