package oldtallow.app.setting.model;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;

/** Where settings are kept; they are added and read, never changed. */
public interface NutSettingStore {

    Optional<SettingSummary> find(UUID settingId);

    /** Those of a wheel end that the server wrote after that place, latest first. */
    List<SettingSummary> writtenAfter(UUID wheelEndId, long written);

    /** The place of a setting among all that the server wrote, entries of jobs too. */
    long written(UUID settingId);

    /** Settings of a wheel end, latest first. */
    List<SettingSummary> ofWheelEnd(UUID wheelEndId);

    /** The latest setting of each of these wheel ends that has one. */
    List<SettingSummary> latest(Collection<UUID> wheelEndIds);

    /** Puts on record who answers for a setting; does nothing where somebody does already. */
    void signOff(SignedIn mechanic, UUID settingId, Instant now);

    /** Adds it; false where the id belongs to something else, which stays. */
    boolean add(NutSetting setting);
}
