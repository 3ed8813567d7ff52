package oldtallow.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.UUID;
import oldtallow.app.demo.DemoYard.DemoAxle;
import oldtallow.app.demo.DemoYard.DemoJob;
import oldtallow.app.demo.DemoYard.DemoRig;
import oldtallow.app.demo.DemoYard.DemoSetting;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.DemoAccounts;
import oldtallow.app.identity.api.DemoAccounts.Loading;
import oldtallow.app.identity.api.Founding;
import oldtallow.app.identity.api.People;
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
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Fills an empty register with the made-up yard, through the same services a mechanic's entries take. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class DemoLoader implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final String FILE = "/demo/yard.json";

    private final Founding founding;
    private final People people;
    private final DemoAccounts accounts;
    private final TransactionTemplate transactions;
    private final Register register;
    private final Assembly assembly;
    private final Figures figures;
    private final NutSettings settings;
    private final DemoBench bench;
    private final DemoShelf shelf;
    private final DemoAlmanac almanac;
    private final JsonMapper json;
    private final Clock clock;

    DemoLoader(
            Founding founding,
            People people,
            DemoAccounts accounts,
            TransactionTemplate transactions,
            Register register,
            Assembly assembly,
            Figures figures,
            NutSettings settings,
            DemoBench bench,
            DemoShelf shelf,
            DemoAlmanac almanac,
            JsonMapper json,
            Clock clock) {
        this.founding = founding;
        this.people = people;
        this.accounts = accounts;
        this.transactions = transactions;
        this.register = register;
        this.assembly = assembly;
        this.figures = figures;
        this.settings = settings;
        this.bench = bench;
        this.shelf = shelf;
        this.almanac = almanac;
        this.json = json;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        DemoYard yard = read();
        founding.foundDemo(yard.workshop(), accounts.accounts().getFirst());
        accounts.owner().ifPresent(owner -> CurrentPerson.as(owner, () -> transactions.execute(status -> load(yard))));
        accounts.tell(new Loading(1, 1));
    }

    /** One transaction: an interrupted load leaves the register empty and is done again next time. */
    private boolean load(DemoYard yard) {
        if (!register.isEmpty()) {
            return false;
        }
        accounts.accounts().stream().skip(1).forEach(person -> people.add(UUID.randomUUID(), person));
        var entries = new DemoEntries(LocalDate.now(clock));
        var workshop = new Place(Place.Scope.WORKSHOP, CurrentPerson.now().workshopId());
        yard.rules().forEach(rule -> figures.file(workshop, 0, entries.figure(rule, Authority.WORKSHOP)));
        int all = yard.rigs().size() + yard.jobs().size() + 1;
        int done = 0;
        for (DemoRig rig : yard.rigs()) {
            enter(rig);
            accounts.tell(new Loading(++done, all));
        }
        yard.shelf().forEach(shelf::stock);
        yard.tools().forEach(shelf::hang);
        shelf.charge(yard.rates());
        yard.greasings().forEach(one -> shelf.grease(one, yard.shelf()));
        for (DemoJob job : yard.jobs()) {
            CurrentPerson.as(called(job.by()), () -> {
                bench.begin(job);
                return job;
            });
            accounts.tell(new Loading(++done, all));
        }
        almanac.load(this::called);
        LOG.info("demo data loaded: {} rigs", yard.rigs().size());
        return true;
    }

    private DemoYard read() throws IOException {
        try (@Nullable InputStream file = DemoLoader.class.getResourceAsStream(FILE)) {
            if (file == null) {
                throw new IllegalStateException("missing from the application: " + FILE);
            }
            return json.readValue(file, DemoYard.class);
        }
    }

    private void enter(DemoRig demo) {
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
        SettingSummary saved = CurrentPerson.as(called(demo.by()), () -> settings.save(report(end, demo)))
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
                end.school(),
                reading,
                BigDecimal.valueOf(backOff).setScale(3, RoundingMode.HALF_EVEN),
                measured == null ? null : Length.ofMillimetres(measured),
                demo.torque() == null
                        ? null
                        : new FinalTorque(demo.torque().number(), demo.torque().unit(), false),
                demo.note() == null ? "" : demo.note(),
                null);
    }

    private SignedIn called(String name) {
        UUID workshopId = CurrentPerson.now().workshopId();
        return people.all().stream()
                .filter(person -> person.name().equals(name))
                .map(person -> new SignedIn(person.id(), workshopId, person.name(), person.role()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("the demo has no " + name));
    }
}
