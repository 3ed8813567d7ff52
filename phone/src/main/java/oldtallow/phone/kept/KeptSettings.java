package oldtallow.phone.kept;

import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.setting.model.NutSetting;
import oldtallow.app.setting.model.NutSettingStore;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.app.trackside.model.TakenAlong;

/** Settings of nuts, those made here among them. */
final class KeptSettings implements NutSettingStore {

    private static final Comparator<SettingSummary> LATEST_FIRST =
            Comparator.comparing(SettingSummary::setAt).reversed();

    private final Rows<SettingSummary> settings;
    private final Order order;

    KeptSettings(TakenAlong.Settings taken, Order order) {
        this.settings = new Rows<>(SettingSummary::id, taken.settings());
        this.order = order;
    }

    @Override
    public Optional<SettingSummary> find(UUID settingId) {
        return settings.find(settingId);
    }

    @Override
    public List<SettingSummary> writtenAfter(UUID wheelEndId, long written) {
        return settings.all()
                .filter(one -> one.wheelEndId().equals(wheelEndId) && order.of(one.id()) > written)
                .sorted(Comparator.comparingLong((SettingSummary one) -> order.of(one.id()))
                        .reversed())
                .toList();
    }

    @Override
    public long written(UUID settingId) {
        return order.of(settingId);
    }

    @Override
    public List<SettingSummary> ofWheelEnd(UUID wheelEndId) {
        return settings.all()
                .filter(one -> one.wheelEndId().equals(wheelEndId))
                .sorted(LATEST_FIRST)
                .toList();
    }

    @Override
    public List<SettingSummary> latest(Collection<UUID> wheelEndIds) {
        return wheelEndIds.stream()
                .flatMap(end -> ofWheelEnd(end).stream().limit(1))
                .toList();
    }

    @Override
    public void signOff(SignedIn mechanic, UUID settingId, Instant now) {
        settings.find(settingId)
                .filter(SettingSummary::awaitsSignOff)
                .ifPresent(one -> settings.put(one.signedOffBy(mechanic.name())));
    }

    @Override
    public boolean add(NutSetting setting) {
        boolean added = settings.add(setting.summary());
        if (added) {
            order.next(setting.reported().id());
        }
        return added;
    }
}
