package oldtallow.app.setting.api;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.api.Register;
import oldtallow.app.setting.model.NewPlayCheck;
import oldtallow.app.setting.model.PlayCheck;
import oldtallow.app.setting.model.PlayCheckStore;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.setting.measure.Learned;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Play read again at wheel ends of the workshop that asks. */
@Service
public class PlayChecks {

    private static final double MOST_KILOMETRES = 1_000_000;
    /** A phone's clock may run ahead of the server's. */
    private static final Duration CLOCK_SLACK = Duration.ofMinutes(10);

    private final PlayCheckStore store;
    private final Register register;
    private final NutSettings settings;
    private final Clock clock;

    PlayChecks(PlayCheckStore store, Register register, NutSettings settings, Clock clock) {
        this.store = store;
        this.register = register;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * What a wheel end has shown.
     *
     * @param checks latest first
     * @param settling what its bearings gained from the setting to the first reading after it; empty where none was read
     */
    public record Shown(List<PlayCheck> checks, Optional<Learned> settling) {}

    @Transactional(readOnly = true)
    public Shown of(UUID wheelEndId) {
        UUID end = register.wheelEnd(wheelEndId).id();
        List<PlayCheck> checks = store.ofWheelEnd(end);
        Map<UUID, SettingSummary> byId =
                settings.of(end).stream().collect(Collectors.toMap(SettingSummary::id, Function.identity()));
        return new Shown(checks, Learned.from(gains(checks, byId)));
    }

    /** Puts a reading on record against the latest setting. */
    @Transactional
    public Shown add(NewPlayCheck check) {
        var errors = new FieldErrors();
        @Nullable Double kilometres = check.kilometres();
        if (kilometres != null && !(kilometres >= 0 && kilometres <= MOST_KILOMETRES)) {
            errors.add("kilometres", kilometres, "must be 0 to 1,000,000 km since it was set");
        }
        if (check.checkedAt().isAfter(clock.instant().plus(CLOCK_SLACK))) {
            errors.add("checkedAt", check.checkedAt(), "must not lie in the future");
        }
        errors.throwIfAny();
        SettingSummary latest = settings.of(check.wheelEndId()).stream()
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        "readings",
                        check.readings().endPlay().millimetres() + " mm",
                        "have no setting to be held against; put the setting on record first, on the nut dial"));
        if (check.checkedAt().isBefore(latest.setAt())) {
            throw new InvalidInputException("checkedAt", check.checkedAt(), "must be after it was set");
        }
        store.add(CurrentPerson.now(), check, latest.id());
        return of(check.wheelEndId());
    }

    /** Of each setting the first reading after it, less what was measured when it was set; latest first. */
    private static List<Length> gains(List<PlayCheck> checks, Map<UUID, SettingSummary> byId) {
        Map<UUID, PlayCheck> first = checks.stream()
                .collect(Collectors.toMap(PlayCheck::settingId, Function.identity(), (later, earlier) -> earlier));
        return checks.stream()
                .filter(check -> check.equals(first.get(check.settingId())))
                .flatMap(check -> Optional.ofNullable(byId.get(check.settingId()))
                        .flatMap(setting -> Optional.ofNullable(setting.measuredEndPlay()))
                        .map(set -> check.endPlay().minus(set))
                        .stream())
                .toList();
    }
}
