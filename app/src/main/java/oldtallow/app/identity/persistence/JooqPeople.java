package oldtallow.app.identity.persistence;

import static oldtallow.db.tables.Person.PERSON;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.model.PeopleStore;
import oldtallow.app.identity.model.Person;
import oldtallow.db.Routines;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.jooq.SelectJoinStep;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class JooqPeople implements PeopleStore {

    private final DSLContext db;

    JooqPeople(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<Person> all(UUID workshopId) {
        return people().where(PERSON.WORKSHOP_ID.eq(workshopId))
                .orderBy(PERSON.ACTIVE.desc(), PERSON.NAME, PERSON.ID)
                .fetch(Records.mapping(Person::new));
    }

    @Override
    public Optional<Person> find(UUID workshopId, UUID personId) {
        return people().where(PERSON.WORKSHOP_ID.eq(workshopId), PERSON.ID.eq(personId))
                .fetchOptional(Records.mapping(Person::new));
    }

    @Override
    public boolean add(UUID workshopId, Person person, String passwordHash) {
        return db.insertInto(PERSON)
                        .set(PERSON.ID, person.id())
                        .set(PERSON.WORKSHOP_ID, workshopId)
                        .set(PERSON.NAME, person.name())
                        .set(PERSON.SIGN_IN_NAME, person.signInName())
                        .set(PERSON.ROLE, person.role().name())
                        .set(PERSON.PASSWORD_HASH, passwordHash)
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    @Override
    public boolean change(UUID workshopId, Person changed, @Nullable String passwordHash) {
        var update = db.update(PERSON)
                .set(PERSON.NAME, changed.name().strip())
                .set(PERSON.ROLE, changed.role().name())
                .set(PERSON.ACTIVE, changed.active())
                .set(PERSON.VERSION, changed.version() + 1);
        if (passwordHash != null) {
            update = update.set(PERSON.PASSWORD_HASH, passwordHash);
        }
        return update.where(
                                PERSON.WORKSHOP_ID.eq(workshopId),
                                PERSON.ID.eq(changed.id()),
                                PERSON.VERSION.eq(changed.version()))
                        .execute()
                == 1;
    }

    @Override
    public UUID found(String workshopName, Person owner, String passwordHash, boolean isDemo) {
        return Objects.requireNonNull(Routines.foundWorkshop(
                db.configuration(),
                workshopName,
                UUID.randomUUID(),
                owner.id(),
                owner.name(),
                owner.signInName(),
                passwordHash,
                isDemo));
    }

    @Override
    public boolean opensAnother(String wordHash, Instant now) {
        return Boolean.TRUE.equals(
                Routines.opensAnotherWorkshop(db.configuration(), wordHash, now.atOffset(ZoneOffset.UTC)));
    }

    @Override
    public Optional<UUID> foundAnother(
            String wordHash, Instant now, String workshopName, Person owner, String passwordHash) {
        return Optional.ofNullable(Routines.foundAnotherWorkshop(
                db.configuration(),
                wordHash,
                now.atOffset(ZoneOffset.UTC),
                workshopName,
                UUID.randomUUID(),
                owner.id(),
                owner.name(),
                owner.signInName(),
                passwordHash));
    }

    @Override
    public boolean nobodyYet() {
        return Boolean.TRUE.equals(Routines.nobodyYet(db.configuration()));
    }

    @Override
    public boolean noWorkshopYet() {
        return Boolean.TRUE.equals(Routines.noWorkshopYet(db.configuration()));
    }

    @Override
    public void endDemo(boolean keepRigs) {
        Routines.endDemo(db.configuration(), keepRigs);
    }

    private SelectJoinStep<org.jooq.Record6<UUID, String, String, Role, Boolean, Integer>> people() {
        return db.select(
                        PERSON.ID,
                        PERSON.NAME,
                        PERSON.SIGN_IN_NAME,
                        PERSON.ROLE.convertFrom(Role::valueOf),
                        PERSON.ACTIVE,
                        PERSON.VERSION)
                .from(PERSON);
    }
}
