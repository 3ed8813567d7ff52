package oldtallow.app.nut;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Where settings are kept; they are added and read, never changed. */
public interface NutSettingStore {

    /** A setting and the fingerprint of the request that made it. */
    record Kept(SettingSummary setting, String fingerprint) {}

    Optional<Kept> find(UUID workshopId, UUID settingId);

    /** Settings of a wheel end, latest first. */
    List<SettingSummary> ofWheelEnd(UUID workshopId, UUID wheelEndId);

    /** The latest setting of every wheel end that has one. */
    List<SettingSummary> latest(UUID workshopId);

    /** Adds it unless its id is taken in this workshop; tells whether it did. */
    boolean add(UUID workshopId, NutSetting setting, String fingerprint);
}
