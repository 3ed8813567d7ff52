package oldtallow.app.setting.persistence;

import static oldtallow.db.tables.PlayCheck.PLAY_CHECK;

import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.setting.model.NewPlayCheck;
import oldtallow.app.setting.model.PlayCheck;
import oldtallow.app.setting.model.PlayCheckStore;
import oldtallow.core.quantity.Length;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqPlayChecks implements PlayCheckStore {

    private final DSLContext db;

    JooqPlayChecks(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<PlayCheck> ofWheelEnd(UUID wheelEndId) {
        return db.selectFrom(PLAY_CHECK)
                .where(PLAY_CHECK.WORKSHOP_ID.eq(CurrentPerson.workshopId()), PLAY_CHECK.WHEEL_END_ID.eq(wheelEndId))
                .orderBy(PLAY_CHECK.CHECKED_AT.desc(), PLAY_CHECK.RECORDED_AT.desc(), PLAY_CHECK.ID)
                .fetch(row -> new PlayCheck(
                        row.getId(),
                        row.getNutSettingId(),
                        row.getCheckedAt().toInstant(),
                        row.getPersonName(),
                        Length.ofMicrometres(row.getEndPlayUm()),
                        Length.ofMicrometres(row.getUncertaintyUm()),
                        row.getKilometres()));
    }

    @Override
    public void add(SignedIn person, NewPlayCheck check, UUID settingId) {
        db.insertInto(PLAY_CHECK)
                .set(PLAY_CHECK.ID, check.id())
                .set(PLAY_CHECK.WORKSHOP_ID, person.workshopId())
                .set(PLAY_CHECK.WHEEL_END_ID, check.wheelEndId())
                .set(PLAY_CHECK.NUT_SETTING_ID, settingId)
                .set(PLAY_CHECK.CHECKED_AT, check.checkedAt().atOffset(ZoneOffset.UTC))
                .set(PLAY_CHECK.PERSON_ID, person.personId())
                .set(PLAY_CHECK.PERSON_NAME, person.name())
                .set(
                        PLAY_CHECK.READINGS_UM,
                        check.readings().readings().stream()
                                .map(Length::micrometres)
                                .toArray(Double[]::new))
                .set(PLAY_CHECK.SLACK_UM, check.readings().slack().micrometres())
                .set(PLAY_CHECK.END_PLAY_UM, check.readings().endPlay().micrometres())
                .set(PLAY_CHECK.UNCERTAINTY_UM, check.readings().uncertainty().micrometres())
                .set(PLAY_CHECK.KILOMETRES, check.kilometres())
                .onConflictDoNothing()
                .execute();
    }
}
