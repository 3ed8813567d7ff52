package oldtallow.app.schedule.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.DueStore.Change;
import oldtallow.app.schedule.model.DueStore.NextDue;
import oldtallow.app.schedule.model.DueStore.Rank;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Works out anew when rigs fall due and how they rank, and tells which dates moved. */
@Service
class DueRenewal {

    private static final int SLOWLY = 200;

    private final Register register;
    private final DueBases bases;
    private final Figures figures;
    private final DueStore store;
    private final ApplicationEventPublisher events;

    DueRenewal(Register register, DueBases bases, Figures figures, DueStore store, ApplicationEventPublisher events) {
        this.register = register;
        this.bases = bases;
        this.figures = figures;
        this.store = store;
        this.events = events;
    }

    /** Works out what was never worked out: rigs from before there was an almanac. */
    @Transactional
    public void complete() {
        List<UUID> unknown = store.withoutBasis();
        for (int i = 0; i < unknown.size(); i += SLOWLY) {
            renew(register.rigs(unknown.subList(i, Math.min(i + SLOWLY, unknown.size()))), "");
        }
    }

    /** In one pass over what is kept of every rig. */
    @Transactional
    public void renewAll() {
        UUID workshop = CurrentPerson.workshopId();
        store.claimPass();
        complete();
        var derivation = new DueDerivation(figures.intervals());
        store.replaceAll(derivation::rank);
        events.publishEvent(new DuesMoved(workshop));
    }

    /** {@code why} is told with every date that moved; nothing is told where it is empty. */
    @Transactional
    public void renew(List<Rig> rigs, String why) {
        UUID workshop = CurrentPerson.workshopId();
        store.holdPasses();
        var derivation = new DueDerivation(
                figures.intervals(rigs.stream().map(Rig::inPlan).toList()));
        List<Rank> ranks = new ArrayList<>();
        for (DueBases.Read read : bases.of(rigs).values()) {
            Rank rank = derivation.rank(read.basis());
            store.put(read.basis());
            if (!why.isEmpty()) {
                List<Change> changes = changes(store.next(rank.rigId()), rank.next(), why);
                store.tell(rank.rigId(), changes);
            }
            ranks.add(rank);
        }
        store.put(ranks);
        events.publishEvent(new DuesMoved(workshop));
    }

    /** What moved by a day or more, appeared or went. */
    private static List<Change> changes(List<NextDue> before, List<NextDue> after, String why) {
        Map<UUID, NextDue> was = byEnd(before);
        Map<UUID, NextDue> is = byEnd(after);
        return Stream.concat(was.keySet().stream(), is.keySet().stream())
                .distinct()
                .flatMap(end -> change(end, was.get(end), is.get(end), why).stream())
                .toList();
    }

    private static Optional<Change> change(UUID end, @Nullable NextDue was, @Nullable NextDue is, String why) {
        if (is == null) {
            return Optional.ofNullable(was).map(gone -> new Change(end, gone.action(), gone.on(), null, why));
        }
        Optional<LocalDate> before = Optional.ofNullable(was)
                .filter(one -> one.action() == is.action())
                .map(NextDue::on);
        if (before.filter(is.on()::equals).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(new Change(end, is.action(), before.orElse(null), is.on(), why));
    }

    private static Map<UUID, NextDue> byEnd(List<NextDue> dues) {
        return dues.stream().collect(Collectors.toMap(NextDue::wheelEndId, Function.identity()));
    }
}
