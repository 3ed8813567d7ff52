package oldtallow.phone.kept;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.setting.model.NewPlayCheck;
import oldtallow.app.setting.model.PlayCheck;
import oldtallow.app.setting.model.PlayCheckStore;
import oldtallow.app.setting.model.SettingSummary;

/** Play that was read again after a setting had run. */
final class KeptPlayChecks implements PlayCheckStore {

    private final List<PlayCheck> checks;
    private final KeptSettings settings;

    KeptPlayChecks(List<PlayCheck> checks, KeptSettings settings) {
        this.checks = new ArrayList<>(checks);
        this.settings = settings;
    }

    @Override
    public List<PlayCheck> ofWheelEnd(UUID wheelEndId) {
        List<UUID> ofEnd =
                settings.ofWheelEnd(wheelEndId).stream().map(SettingSummary::id).toList();
        return checks.stream().filter(one -> ofEnd.contains(one.settingId())).toList();
    }

    @Override
    public void add(SignedIn person, NewPlayCheck check, UUID settingId) {
        throw Rows.needsServer();
    }
}
