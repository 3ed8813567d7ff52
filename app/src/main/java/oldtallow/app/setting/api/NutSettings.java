package oldtallow.app.setting.api;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.setting.model.NewNutSetting;
import oldtallow.app.setting.model.NutSetting;
import oldtallow.app.setting.model.NutSettingStore;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.measure.Learned;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Settings on record of the workshop that asks. */
@Service
public class NutSettings {

    private final NutSettingStore store;
    private final Register register;
    private final Figures figures;
    private final AdjustmentProcedures procedures;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    NutSettings(
            NutSettingStore store,
            Register register,
            Figures figures,
            AdjustmentProcedures procedures,
            ApplicationEventPublisher events,
            Clock clock) {
        this.store = store;
        this.register = register;
        this.figures = figures;
        this.procedures = procedures;
        this.events = events;
        this.clock = clock;
    }

    /** What came of a save. */
    public record Saved(SettingSummary setting, boolean isNew) {}

    /** Puts a setting on record; sent again under the same id it is answered with what is on record. */
    @Transactional
    public Saved save(NewNutSetting reported) {
        WheelEnd end = register.wheelEnd(reported.wheelEndId());
        var earlier = store.find(reported.id());
        if (earlier.isPresent()) {
            return new Saved(earlier.get(), false);
        }
        NutSetting setting = SettingJudge.judge(
                reported,
                procedures.require(reported.procedure()),
                CurrentPerson.now(),
                end,
                GoverningFigure.governing(figures.endPlay(end)),
                clock.instant());
        if (!store.add(setting)) {
            throw ConflictException.idIsTaken();
        }
        register.hold(end.rigId());
        events.publishEvent(new SettingRecorded(reported.id(), end.id(), reported.setAt()));
        return new Saved(onRecord(reported.id()), true);
    }

    /** A setting was put on record. */
    public record SettingRecorded(UUID settingId, UUID wheelEndId, Instant setAt) {}

    /** A mechanic answers for a setting at a wheel end of this rig. */
    public record SettingSigned(UUID rigId) {}

    /** Settings of a wheel end, latest first. */
    @Transactional(readOnly = true)
    public List<SettingSummary> of(UUID wheelEndId) {
        return store.ofWheelEnd(register.wheelEnd(wheelEndId).id());
    }

    /** Settings of a wheel end put on record after an entry of a job, by its place, latest first. */
    @Transactional(readOnly = true)
    public List<SettingSummary> writtenAfter(UUID wheelEndId, long written) {
        return store.writtenAfter(wheelEndId, written);
    }

    /** What locking took at this wheel end whenever the play was measured after it; empty where it never was. */
    @Transactional(readOnly = true)
    public Optional<Learned> takenByLocking(WheelEnd end) {
        if (end.nut().lock() != FreeAngleLock.TWO_NUTS) {
            return Optional.empty();
        }
        return Learned.from(store.ofWheelEnd(end.id()).stream()
                .flatMap(setting -> setting.takenByLocking().stream())
                .filter(taken -> !taken.isNegative())
                .toList());
    }

    /** A mechanic answers for an apprentice's setting; signing twice changes nothing. */
    @Transactional
    public SettingSummary signOff(UUID settingId) {
        SignedIn mechanic = CurrentPerson.now();
        SettingSummary setting = onRecord(settingId);
        if (!setting.awaitsSignOff()) {
            return setting;
        }
        store.signOff(mechanic, settingId, clock.instant());
        UUID rigId = register.wheelEnd(setting.wheelEndId()).rigId();
        register.hold(rigId);
        events.publishEvent(new SettingSigned(rigId));
        return onRecord(settingId);
    }

    /** The latest setting of each of these wheel ends that has one. */
    @Transactional(readOnly = true)
    public List<SettingSummary> latest(Collection<UUID> wheelEndIds) {
        return store.latest(wheelEndIds);
    }

    private SettingSummary onRecord(UUID settingId) {
        return store.find(settingId).orElseThrow(() -> new NotFoundException("nut setting", settingId));
    }
}
