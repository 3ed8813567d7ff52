package oldtallow.phone.kept;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.Rates;
import oldtallow.app.identity.model.Workshop;
import oldtallow.app.identity.model.WorkshopStore;
import oldtallow.app.job.api.UsualChoiceStore;
import oldtallow.app.trackside.model.TakenAlong;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices.Way;

/** The one workshop whose rigs are along. */
final class KeptWorkshop implements WorkshopStore, UsualChoiceStore {

    private final TakenAlong taken;

    KeptWorkshop(TakenAlong taken) {
        this.taken = taken;
    }

    @Override
    public Optional<Workshop> find(UUID workshopId) {
        return Optional.of(taken.workshop());
    }

    @Override
    public List<SignedIn> owners() {
        return List.of();
    }

    @Override
    public Optional<Rates> rates(UUID workshopId) {
        return Optional.ofNullable(taken.rates());
    }

    @Override
    public boolean set(UUID workshopId, Rates rates) {
        throw Rows.needsServer();
    }

    @Override
    public Collection<Way> ways(UUID workshopId) {
        return taken.jobs().usual().entrySet().stream()
                .flatMap(one -> one.getKey().ways().stream()
                        .filter(way -> way.name().equals(one.getValue()))
                        .map(Way.class::cast))
                .toList();
    }

    @Override
    public void keep(UUID workshopId, ChoiceKind kind, Way way) {
        throw Rows.needsServer();
    }
}
