package oldtallow.app.setting.persistence;

import static oldtallow.db.tables.NutSetting.NUT_SETTING;
import static oldtallow.db.tables.NutSettingSignOff.NUT_SETTING_SIGN_OFF;
import static org.jooq.impl.DSL.any;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.setting.model.NewNutSetting;
import oldtallow.app.setting.model.NutSetting;
import oldtallow.app.setting.model.NutSettingStore;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.measure.DialReadings;
import oldtallow.db.tables.records.NutSettingRecord;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SelectJoinStep;
import org.jooq.Table;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class JooqNutSettings implements NutSettingStore {

    private static final Table<?> WITH_SIGN_OFF = NUT_SETTING
            .leftJoin(NUT_SETTING_SIGN_OFF)
            .on(
                    NUT_SETTING_SIGN_OFF.WORKSHOP_ID.eq(NUT_SETTING.WORKSHOP_ID),
                    NUT_SETTING_SIGN_OFF.NUT_SETTING_ID.eq(NUT_SETTING.ID));

    /** One by one: a row within a row is sent as text, which takes ten times as long to read. */
    private static final List<Field<?>> COLUMNS = Stream.concat(
                    NUT_SETTING.fieldStream(), Stream.of(NUT_SETTING_SIGN_OFF.SIGNED_BY))
            .toList();

    private final DSLContext db;

    JooqNutSettings(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<SettingSummary> find(UUID settingId) {
        return settings()
                .where(NUT_SETTING.WORKSHOP_ID.eq(CurrentPerson.workshopId()), NUT_SETTING.ID.eq(settingId))
                .fetchOptional(JooqNutSettings::summary);
    }

    @Override
    public List<SettingSummary> ofWheelEnd(UUID wheelEndId) {
        return settings()
                .where(NUT_SETTING.WORKSHOP_ID.eq(CurrentPerson.workshopId()), NUT_SETTING.WHEEL_END_ID.eq(wheelEndId))
                .orderBy(NUT_SETTING.SET_AT.desc(), NUT_SETTING.RECORDED_AT.desc(), NUT_SETTING.ID)
                .fetch(JooqNutSettings::summary);
    }

    @Override
    public List<SettingSummary> writtenAfter(UUID wheelEndId, long written) {
        return settings()
                .where(
                        NUT_SETTING.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        NUT_SETTING.WHEEL_END_ID.eq(wheelEndId),
                        NUT_SETTING.WRITTEN.gt(written))
                .orderBy(NUT_SETTING.WRITTEN.desc())
                .fetch(JooqNutSettings::summary);
    }

    @Override
    public long written(UUID settingId) {
        return db.select(NUT_SETTING.WRITTEN)
                .from(NUT_SETTING)
                .where(NUT_SETTING.WORKSHOP_ID.eq(CurrentPerson.workshopId()), NUT_SETTING.ID.eq(settingId))
                .fetchSingle(NUT_SETTING.WRITTEN);
    }

    @Override
    public List<SettingSummary> latest(Collection<UUID> wheelEndIds) {
        return db.select(COLUMNS)
                .distinctOn(NUT_SETTING.WHEEL_END_ID)
                .from(WITH_SIGN_OFF)
                .where(
                        NUT_SETTING.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        NUT_SETTING.WHEEL_END_ID.eq(any(wheelEndIds.toArray(UUID[]::new))))
                .orderBy(
                        NUT_SETTING.WHEEL_END_ID,
                        NUT_SETTING.SET_AT.desc(),
                        NUT_SETTING.RECORDED_AT.desc(),
                        NUT_SETTING.ID)
                .fetch(JooqNutSettings::summary);
    }

    @Override
    public void signOff(SignedIn mechanic, UUID settingId, Instant now) {
        db.insertInto(NUT_SETTING_SIGN_OFF)
                .set(NUT_SETTING_SIGN_OFF.ID, UUID.randomUUID())
                .set(NUT_SETTING_SIGN_OFF.WORKSHOP_ID, mechanic.workshopId())
                .set(NUT_SETTING_SIGN_OFF.NUT_SETTING_ID, settingId)
                .set(NUT_SETTING_SIGN_OFF.PERSON_ID, mechanic.personId())
                .set(NUT_SETTING_SIGN_OFF.SIGNED_BY, mechanic.name())
                .set(NUT_SETTING_SIGN_OFF.SIGNED_AT, now.atOffset(ZoneOffset.UTC))
                .onConflictDoNothing()
                .execute();
    }

    private SelectJoinStep<Record> settings() {
        return db.select(COLUMNS).from(WITH_SIGN_OFF);
    }

    @Override
    public boolean add(NutSetting setting) {
        return db.insertInto(NUT_SETTING)
                        .set(record(setting))
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    private static NutSettingRecord record(NutSetting setting) {
        NewNutSetting reported = setting.reported();
        var row = new NutSettingRecord();
        row.setId(reported.id());
        row.setWorkshopId(CurrentPerson.workshopId());
        row.setWheelEndId(reported.wheelEndId());
        row.setSetAt(reported.setAt().atOffset(ZoneOffset.UTC));
        row.setRecordedAt(setting.recordedAt().atOffset(ZoneOffset.UTC));
        row.setSetBy(setting.by().name());
        row.setPersonId(setting.by().personId());
        row.setNeedsSignOff(setting.by().needsSignOff());
        row.setProcedure(reported.procedure().value());
        row.setThreadDesignation(setting.threadDesignation());
        row.setThreadPitchUm(setting.thread().pitch().micrometres());
        row.setLockWords(setting.lockWords());
        row.setReadingMark((short) reported.reading().mark());
        row.setReadingLooserDeg(BigDecimal.valueOf(reported.reading().looser().degrees()));
        row.setReadingEndPlayUm(reported.reading().endPlay().micrometres());
        row.setBackOffDeg(setting.backOffDegrees());
        row.setEngagedMarks(
                setting.engagedMarks().stream().map(Integer::shortValue).toArray(Short[]::new));
        row.setEndPlayUm(setting.endPlay().micrometres());
        @Nullable Length measured = reported.measuredEndPlay();
        if (measured != null) {
            row.setMeasuredEndPlayUm(measured.micrometres());
        }
        @Nullable DialReadings readings = reported.readings();
        if (readings != null) {
            row.setMeasuredReadingsUm(
                    readings.readings().stream().map(Length::micrometres).toArray(Double[]::new));
            row.setMeasuredSlackUm(readings.slack().micrometres());
        }
        @Nullable Length uncertainty = setting.uncertainty();
        row.setMeasuredUncertaintyUm(uncertainty == null ? null : uncertainty.micrometres());
        row.setCertain(setting.certain());
        row.setVerdict(setting.verdict().name());
        row.setWindowLeastUm(setting.window().value().least().micrometres());
        row.setWindowMostUm(setting.window().value().most().micrometres());
        row.setWindowUsableUm(setting.window().value().usable().micrometres());
        row.setWindowAuthority(setting.window().authority().name());
        row.setWindowSource(setting.window().source());
        NewNutSetting.@Nullable FinalTorque torque = reported.finalTorque();
        if (torque != null) {
            row.setFinalTorqueNm(Torque.of(torque.number(), torque.unit()).newtonMetres());
            row.setFinalTorqueNumber(torque.number());
            row.setFinalTorqueUnit(torque.unit().name());
        }
        row.setNote(reported.note());
        return row;
    }

    private static SettingSummary summary(Record read) {
        NutSettingRecord row = read.into(NUT_SETTING);
        @Nullable Double measured = row.getMeasuredEndPlayUm();
        @Nullable Double torque = row.getFinalTorqueNm();
        @Nullable Double uncertainty = row.getMeasuredUncertaintyUm();
        return new SettingSummary(
                row.getId(),
                row.getWheelEndId(),
                row.getSetAt().toInstant(),
                row.getSetBy(),
                row.getNeedsSignOff(),
                read.get(NUT_SETTING_SIGN_OFF.SIGNED_BY),
                new ProcedureId(row.getProcedure()),
                row.getThreadDesignation(),
                row.getLockWords(),
                row.getReadingMark(),
                row.getReadingLooserDeg().doubleValue(),
                row.getBackOffDeg(),
                Arrays.stream(row.getEngagedMarks()).map(Short::intValue).toList(),
                Length.ofMicrometres(row.getEndPlayUm()),
                measured == null ? null : Length.ofMicrometres(measured),
                EndPlayVerdict.valueOf(row.getVerdict()),
                new GoverningFigure<>(
                        new EndPlayWindow(
                                Length.ofMicrometres(row.getWindowLeastUm()),
                                Length.ofMicrometres(row.getWindowMostUm()),
                                Length.ofMicrometres(row.getWindowUsableUm())),
                        Authority.valueOf(row.getWindowAuthority()),
                        row.getWindowSource()),
                torque == null ? null : Torque.ofNewtonMetres(torque),
                row.getNote(),
                uncertainty == null ? null : Length.ofMicrometres(uncertainty),
                row.getCertain());
    }
}
