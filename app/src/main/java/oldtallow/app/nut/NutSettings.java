package oldtallow.app.nut;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import oldtallow.app.platform.ConflictException;
import oldtallow.app.register.Register;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.workshop.Workshops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Settings on record of the workshop that asks. */
@Service
public class NutSettings {

    private final NutSettingStore store;
    private final Register register;
    private final Workshops workshops;
    private final Clock clock;

    NutSettings(NutSettingStore store, Register register, Workshops workshops, Clock clock) {
        this.store = store;
        this.register = register;
        this.workshops = workshops;
        this.clock = clock;
    }

    /** What came of a save. */
    public record Saved(SettingSummary setting, boolean isNew) {}

    /**
     * Puts a setting on record. The same setting sent again is answered with what is on record; another one under the same
     * id is a {@link ConflictException}.
     */
    @Transactional
    public Saved save(NewNutSetting reported) {
        WheelEnd end = register.wheelEnd(reported.wheelEndId());
        UUID workshopId = workshops.current().id();
        String fingerprint = fingerprint(reported);
        var earlier = store.find(workshopId, reported.id());
        if (earlier.isPresent()) {
            return new Saved(sameOrConflict(earlier.get(), fingerprint), false);
        }
        NutSetting setting = SettingJudge.judge(reported, end, clock.instant());
        boolean added = store.add(workshopId, setting, fingerprint);
        var kept = store.find(workshopId, reported.id())
                .orElseThrow(() -> new ConflictException("This id is taken. Save again: a new one will be made."));
        return new Saved(sameOrConflict(kept, fingerprint), added);
    }

    /** Settings of a wheel end, latest first. */
    @Transactional(readOnly = true)
    public List<SettingSummary> of(UUID wheelEndId) {
        return store.ofWheelEnd(
                workshops.current().id(), register.wheelEnd(wheelEndId).id());
    }

    /** The latest setting of every wheel end that has one. */
    @Transactional(readOnly = true)
    public List<SettingSummary> latest() {
        return store.latest(workshops.current().id());
    }

    private static SettingSummary sameOrConflict(NutSettingStore.Kept kept, String fingerprint) {
        if (!kept.fingerprint().equals(fingerprint)) {
            throw new ConflictException(
                    "Another setting was saved under this id. Nothing was changed; save again under a new id.");
        }
        return kept.setting();
    }

    private static String fingerprint(NewNutSetting reported) {
        try {
            byte[] text = reported.toString().getBytes(StandardCharsets.UTF_8);
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JVM has SHA-256", e);
        }
    }
}
