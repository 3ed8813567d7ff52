package oldtallow.app.setting.persistence;

import static oldtallow.db.tables.NutSetting.NUT_SETTING;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import oldtallow.app.testing.AtWork;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class JooqNutSettingsIT {

    @Test
    void keepsSettingsWhateverAnybodyTries(RunningOldTallow app) {
        DSLContext db = app.db();
        int before = db.fetchCount(NUT_SETTING);

        assertThatThrownBy(
                        () -> db.update(NUT_SETTING).set(NUT_SETTING.NOTE, "x").execute())
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("append-only");
        assertThatThrownBy(() -> db.deleteFrom(NUT_SETTING).execute()).hasMessageContaining("append-only");
        assertThatThrownBy(() -> db.truncate(NUT_SETTING).cascade().execute()).hasMessageContaining("append-only");
        assertThat(before).isPositive();
        assertThat(db.fetchCount(NUT_SETTING)).isEqualTo(before);
    }

    @Test
    void readsTheLatestOfEachWheelEnd(RunningOldTallow app) {
        DSLContext db = app.db();
        UUID workshop =
                db.select(NUT_SETTING.WORKSHOP_ID).from(NUT_SETTING).limit(1).fetchSingle(NUT_SETTING.WORKSHOP_ID);
        var settings = new JooqNutSettings(db);
        AtWork.in(workshop);

        var latest = settings.latest(
                db.selectDistinct(NUT_SETTING.WHEEL_END_ID).from(NUT_SETTING).fetch(NUT_SETTING.WHEEL_END_ID));

        assertThat(latest).extracting("wheelEndId").doesNotHaveDuplicates();
        assertThat(latest)
                .allSatisfy(setting -> assertThat(
                                settings.ofWheelEnd(setting.wheelEndId()).getFirst())
                        .isEqualTo(setting));
        assertThat(settings.ofWheelEnd(Demo.BUSH_REAR_LEFT)).isEmpty();
    }

    @Test
    void showsNothingOfAnotherWorkshop(RunningOldTallow app) {
        DSLContext db = app.db();
        var any = db.selectFrom(NUT_SETTING).limit(1).fetchSingle();
        var settings = new JooqNutSettings(db);
        AtWork.in(any.getWorkshopId());
        assertThat(settings.find(any.getId())).isPresent();

        AtWork.in(UUID.randomUUID());
        assertThat(settings.find(any.getId())).isEmpty();
        assertThat(settings.ofWheelEnd(any.getWheelEndId())).isEmpty();
        assertThat(settings.latest(List.of(any.getWheelEndId()))).isEmpty();
    }

    @AfterEach
    void goHome() {
        AtWork.over();
    }
}
