package oldtallow.app.register.api;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.identity.access.Asker;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.InvalidInputException;
import oldtallow.app.register.reference.OwnSchool;
import oldtallow.app.register.reference.SchoolStore;
import oldtallow.core.fastening.sequence.NutSchool;
import oldtallow.core.fastening.sequence.SchoolId;
import oldtallow.core.fastening.sequence.StandardSchools;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Schools of setting the nut that the workshop that asks may choose from. */
@Service
public class NutSchools {

    private static final int MOST_OWN = 200;

    private final SchoolStore store;

    public NutSchools(SchoolStore store) {
        this.store = store;
    }

    /** The trade's, then the workshop's own that are still in use. */
    @Transactional(readOnly = true)
    public List<NutSchool> all() {
        return Stream.concat(
                        StandardSchools.all().stream(),
                        own().stream().filter(one -> !one.retired()).map(OwnSchool::school))
                .toList();
    }

    /** The workshop's own, retired ones too. */
    @Transactional(readOnly = true)
    public List<OwnSchool> own() {
        return store.all(Asker.now().workshopId());
    }

    /** A school by its id, in use or not. */
    @Transactional(readOnly = true)
    public Optional<NutSchool> find(SchoolId id) {
        return with(id, StandardSchools.all().stream())
                .or(() -> with(id, own().stream().map(OwnSchool::school)));
    }

    private static Optional<NutSchool> with(SchoolId id, Stream<NutSchool> schools) {
        return schools.filter(school -> school.id().equals(id)).findFirst();
    }

    /** As {@link #find}; refuses an id that is none. */
    @Transactional(readOnly = true)
    public NutSchool require(SchoolId id) {
        return find(id).orElseThrow(() -> new InvalidInputException(
                "school", id.value(), "is no school of this workshop; choose one of the list"));
    }

    /** Its name, for words about what was set by it. */
    @Transactional(readOnly = true)
    public String label(SchoolId id) {
        return find(id).map(NutSchool::label).orElse(id.value());
    }

    /** Enters or changes one of the workshop's own. */
    @Transactional
    public void put(OwnSchool school) {
        List<OwnSchool> own = own();
        Optional<OwnSchool> now =
                own.stream().filter(one -> one.id().equals(school.id())).findFirst();
        if (now.filter(one -> one.school().equals(school.school()) && one.retired() == school.retired())
                .isPresent()) {
            return; // sent twice
        }
        if (now.isEmpty() && own.size() >= MOST_OWN) {
            throw new InvalidInputException(
                    "label", school.school().label(), "is one too many: a workshop keeps at most " + MOST_OWN);
        }
        if (now.map(OwnSchool::version).orElse(0) != school.version()) {
            throw new ConflictException("Somebody changed "
                    + now.map(one -> one.school().label()).orElse("it") + " meanwhile. Load it again.");
        }
        if (!store.put(Asker.now().workshopId(), school)) {
            throw new InvalidInputException(
                    "label", school.school().label(), "is the name of another school; call this one something else");
        }
    }

    /** Offers it no longer. */
    @Transactional
    public void retire(UUID id) {
        own().stream()
                .filter(one -> one.id().equals(id) && !one.retired())
                .forEach(now -> store.put(Asker.now().workshopId(), new OwnSchool(now.school(), true, now.version())));
    }
}
