package oldtallow.app.yard;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.figures.Figures;
import oldtallow.app.job.Jobs;
import oldtallow.app.nut.NutSettings;
import oldtallow.app.nut.SettingSummary;
import oldtallow.app.register.Register;
import oldtallow.app.register.Rig;
import oldtallow.app.register.RigTouched;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.walls.Asker;
import oldtallow.app.yard.StandingStore.Rank;
import oldtallow.core.figure.FigureKind;
import oldtallow.core.figure.FigureValue;
import oldtallow.core.figure.FigureValue.Interval;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.interval.HubState;
import oldtallow.core.interval.SettingInterval;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Judges how wheel ends stand today, and keeps each rig's rank in the yard. */
@Service
class Standings {

    private static final Comparator<Standing> WORST_FIRST =
            Comparator.comparingInt(Standing::urgency).thenComparing(Standing::attentionOn);

    private final Register register;
    private final NutSettings settings;
    private final Figures figures;
    private final Jobs jobs;
    private final StandingStore store;
    private final Clock clock;

    Standings(Register register, NutSettings settings, Figures figures, Jobs jobs, StandingStore store, Clock clock) {
        this.register = register;
        this.settings = settings;
        this.figures = figures;
        this.jobs = jobs;
        this.store = store;
        this.clock = clock;
    }

    /** Every wheel end of these rigs, by its id. */
    Map<UUID, Standing> of(Collection<Rig> rigs) {
        LocalDate today = LocalDate.now(clock);
        List<WheelEnd> ends = rigs.stream().flatMap(Rig::wheelEnds).toList();
        List<UUID> ids = ends.stream().map(WheelEnd::id).toList();
        Map<UUID, UUID> openJobs = jobs.openAt(ids);
        Map<UUID, SettingSummary> latest = settings.latest(ids).stream()
                .collect(Collectors.toMap(SettingSummary::wheelEndId, Function.identity()));
        Map<UUID, GoverningFigure<FigureValue>> intervals = figures.intervals(rigs);
        Map<UUID, Standing> standings = new HashMap<>();
        for (WheelEnd end : ends) {
            standings.put(
                    end.id(),
                    standing(end, latest.get(end.id()), interval(intervals, end), openJobs.get(end.id()), today));
        }
        return standings;
    }

    @EventListener
    @Transactional
    public void rank(RigTouched touched) {
        rank(List.of(register.rig(touched.rigId())));
    }

    @EventListener
    @Transactional
    public void rank(NutSettings.SettingRecorded recorded) {
        rank(List.of(register.rig(recorded.rigId())));
    }

    /** A rule for all rigs moves every date. */
    @EventListener
    @Transactional
    public void rankAll(Figures.RuleChanged rule) {
        if (rule.kind() == FigureKind.INTERVAL) {
            register.everyRig(this::rank);
        }
    }

    private void rank(List<Rig> rigs) {
        Map<UUID, Standing> standings = of(rigs);
        List<Rank> ranks = new ArrayList<>();
        for (Rig rig : rigs) {
            rig.wheelEnds()
                    .map(end -> Optional.ofNullable(standings.get(end.id())).orElseThrow())
                    .min(WORST_FIRST)
                    .ifPresent(worst -> ranks.add(new Rank(
                            worst.urgency(),
                            worst.attentionOn(),
                            rig.id(),
                            rig.owner().name())));
        }
        store.put(Asker.now().workshopId(), ranks);
    }

    private static GoverningFigure<FigureValue> interval(
            Map<UUID, GoverningFigure<FigureValue>> intervals, WheelEnd end) {
        return Optional.ofNullable(intervals.get(end.id()))
                .orElseThrow(() -> new IllegalStateException("no interval for wheel end " + end.id()));
    }

    private Standing standing(
            WheelEnd end,
            @Nullable SettingSummary last,
            GoverningFigure<FigureValue> governing,
            @Nullable UUID openJob,
            LocalDate today) {
        if (last == null) {
            return new Standing(end, HubState.NO_RECORD, null, null, null, governing, openJob);
        }
        if (!(governing.value() instanceof Interval interval)) {
            throw new IllegalStateException("not an interval: " + governing);
        }
        var months = new SettingInterval(interval.months());
        LocalDate set = last.setAt().atZone(clock.getZone()).toLocalDate();
        return new Standing(
                end,
                months.judge(last.verdict(), last.awaitsSignOff(), set, today),
                last,
                months.due(set),
                months.daysLeft(set, today),
                governing,
                openJob);
    }
}
