package oldtallow.app.demo;

import java.io.IOException;
import java.io.InputStream;
import oldtallow.app.demo.DemoYard.DemoJob;
import oldtallow.app.demo.DemoYard.DemoRig;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.api.DemoAccounts.Loading;
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

    private final DemoPeople people;
    private final TransactionTemplate transactions;
    private final DemoRigs rigs;
    private final DemoBench bench;
    private final DemoShelf shelf;
    private final DemoAlmanac almanac;
    private final JsonMapper json;

    DemoLoader(
            DemoPeople people,
            TransactionTemplate transactions,
            DemoRigs rigs,
            DemoBench bench,
            DemoShelf shelf,
            DemoAlmanac almanac,
            JsonMapper json) {
        this.people = people;
        this.transactions = transactions;
        this.rigs = rigs;
        this.bench = bench;
        this.shelf = shelf;
        this.almanac = almanac;
        this.json = json;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        DemoYard yard = read();
        people.found(yard.workshop())
                .ifPresent(owner -> CurrentPerson.as(owner, () -> transactions.execute(status -> load(yard))));
        people.tell(new Loading(1, 1));
    }

    /** One transaction: an interrupted load leaves the register empty and is done again next time. */
    private boolean load(DemoYard yard) {
        if (!rigs.areNone()) {
            return false;
        }
        people.join();
        rigs.rule(yard.rules());
        int all = yard.rigs().size() + yard.jobs().size() + 1;
        int done = 0;
        for (DemoRig rig : yard.rigs()) {
            rigs.enter(rig);
            people.tell(new Loading(++done, all));
        }
        yard.shelf().forEach(shelf::stock);
        yard.tools().forEach(shelf::hang);
        shelf.charge(yard.rates());
        yard.greasings().forEach(one -> shelf.grease(one, yard.shelf()));
        for (DemoJob job : yard.jobs()) {
            CurrentPerson.as(people.called(job.by()), () -> {
                bench.begin(job);
                return job;
            });
            people.tell(new Loading(++done, all));
        }
        almanac.load(people::called);
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
}
