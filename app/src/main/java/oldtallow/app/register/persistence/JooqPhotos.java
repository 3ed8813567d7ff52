package oldtallow.app.register.persistence;

import static oldtallow.db.tables.RigPhoto.RIG_PHOTO;

import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.photo.Photo;
import oldtallow.app.register.photo.PhotoStore;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

@Repository
class JooqPhotos implements PhotoStore {

    private final DSLContext db;

    JooqPhotos(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<Photo> ofRig(UUID rigId) {
        return db.select(RIG_PHOTO.MEDIA_TYPE, RIG_PHOTO.IMAGE)
                .from(RIG_PHOTO)
                .where(RIG_PHOTO.WORKSHOP_ID.eq(CurrentPerson.workshopId()), RIG_PHOTO.RIG_ID.eq(rigId))
                .fetchOptional(Records.mapping(Photo::new));
    }

    @Override
    public boolean has(UUID rigId) {
        return db.fetchExists(
                RIG_PHOTO, RIG_PHOTO.WORKSHOP_ID.eq(CurrentPerson.workshopId()), RIG_PHOTO.RIG_ID.eq(rigId));
    }

    @Override
    public void put(UUID rigId, Photo photo) {
        db.insertInto(RIG_PHOTO)
                .set(RIG_PHOTO.ID, UUID.randomUUID())
                .set(RIG_PHOTO.WORKSHOP_ID, CurrentPerson.workshopId())
                .set(RIG_PHOTO.RIG_ID, rigId)
                .set(RIG_PHOTO.MEDIA_TYPE, photo.mediaType())
                .set(RIG_PHOTO.IMAGE, photo.bytes())
                .onConflict(RIG_PHOTO.WORKSHOP_ID, RIG_PHOTO.RIG_ID)
                .doUpdate()
                .set(RIG_PHOTO.MEDIA_TYPE, photo.mediaType())
                .set(RIG_PHOTO.IMAGE, photo.bytes())
                .execute();
    }

    @Override
    public void remove(UUID rigId) {
        db.deleteFrom(RIG_PHOTO)
                .where(RIG_PHOTO.WORKSHOP_ID.eq(CurrentPerson.workshopId()), RIG_PHOTO.RIG_ID.eq(rigId))
                .execute();
    }
}
