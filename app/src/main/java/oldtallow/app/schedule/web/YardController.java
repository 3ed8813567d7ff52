package oldtallow.app.schedule.web;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.register.model.RigKind;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.register.model.Side;
import oldtallow.app.schedule.api.YardService;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.app.schedule.model.PageMark;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.app.units.LengthView;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.HubState;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class YardController {

    private final YardService yard;
    private final Clock clock;

    YardController(YardService yard, Clock clock) {
        this.yard = yard;
        this.clock = clock;
    }

    /**
     * A page of the yard today: rigs in plan, worst first, and what needs doing on them.
     *
     * @param more what the page before gave as its {@code more}
     */
    @GetMapping("/api/v1/yard")
    YardView yard(
            @RequestParam(defaultValue = "ALL") YardService.Show show,
            @RequestParam(required = false) @Nullable String owner,
            @RequestParam(required = false) @Nullable String more) {
        YardService.Yard today = yard.today(
                show,
                owner == null || owner.isBlank() ? null : owner.strip(),
                more == null ? null : PageMark.parse(more));
        Map<UUID, StandingView> standings = today.standings().values().stream()
                .map(standing -> StandingView.of(standing, today.today()))
                .collect(Collectors.toMap(StandingView::id, Function.identity()));
        return new YardView(
                today.workshop(),
                today.today(),
                today.rigs().stream().map(rig -> YardRigView.of(rig, standings)).toList(),
                today.next().stream()
                        .map(next -> new NextView(
                                next.rig().id(),
                                next.rig().name(),
                                next.state(),
                                next.standings().stream()
                                        .map(standing -> standing.wheelEnd().id())
                                        .toList()))
                        .toList(),
                today.more() == null ? null : PageMark.write(today.more()),
                today.isWhole());
    }

    /** How the wheel ends of one rig stand. */
    @GetMapping("/api/v1/rigs/{id}/standings")
    List<StandingView> standings(@PathVariable UUID id) {
        LocalDate today = LocalDate.now(clock);
        return yard.of(id).stream()
                .map(standing -> StandingView.of(standing, today))
                .toList();
    }

    /**
     * {@code more}: from where the next page goes on; left out on the last. {@code isWhole}: false while dates are still worked
     * out after an upgrade.
     */
    record YardView(
            String workshop,
            LocalDate today,
            List<YardRigView> rigs,
            List<NextView> next,
            @Nullable String more,
            boolean isWhole) {}

    /** A rig in plan, with how its wheel ends stand. */
    record YardRigView(
            UUID id,
            int yardNumber,
            RigKind kind,
            String name,
            String plate,
            String ownerName,
            int lengthMillimetres,
            int widthMillimetres,
            int drawbarMillimetres,
            List<YardAxleView> axles) {

        static YardRigView of(RigPlan rig, Map<UUID, StandingView> standings) {
            return new YardRigView(
                    rig.id(),
                    rig.yardNumber(),
                    rig.kind(),
                    rig.name(),
                    rig.plate(),
                    rig.ownerName(),
                    rig.plan().lengthMillimetres(),
                    rig.plan().widthMillimetres(),
                    rig.plan().drawbarMillimetres(),
                    rig.axles().stream()
                            .map(axle -> new YardAxleView(
                                    axle.position(),
                                    axle.fromFrontMillimetres(),
                                    axle.trackMillimetres(),
                                    axle.wheelEnds().stream()
                                            .map(end -> standings.get(end.id()))
                                            .toList()))
                            .toList());
        }
    }

    record YardAxleView(int position, int fromFrontMillimetres, int trackMillimetres, List<StandingView> wheelEnds) {}

    /**
     * How a wheel end stands.
     *
     * @param axle what its axle is called; empty where it is the rig's only one
     * @param endPlay it was left with, measured where it was measured
     * @param daysLeft until it is due, negative once overdue
     * @param openJobId job that is not over on this wheel end
     * @param dueAction what presses most
     * @param dueWords that in words
     * @param dueBy what makes it due
     * @param intervalAuthority whose interval governs
     */
    record StandingView(
            UUID id,
            String position,
            String axle,
            Side side,
            HubState state,
            String stateWords,
            @Nullable Instant lastSetAt,
            @Nullable LengthView endPlay,
            @Nullable EndPlayVerdict verdict,
            @Nullable LocalDate dueOn,
            @Nullable Long daysLeft,
            @Nullable DueAction dueAction,
            @Nullable String dueWords,
            String dueBy,
            Authority intervalAuthority,
            String intervalSource,
            @Nullable UUID openJobId) {

        static StandingView of(WheelEndStatus standing, LocalDate today) {
            Optional<DueBasis.LastSetting> last = standing.lastSetting();
            Optional<Due> due = standing.due();
            return new StandingView(
                    standing.wheelEnd().id(),
                    standing.wheelEnd().positionName(),
                    standing.wheelEnd().axleName(),
                    standing.wheelEnd().side(),
                    standing.state(),
                    standing.state().words(),
                    last.map(DueBasis.LastSetting::at).orElse(null),
                    last.map(set -> LengthView.of(set.endPlay())).orElse(null),
                    last.map(DueBasis.LastSetting::verdict).orElse(null),
                    due.map(one -> one.when().likely()).orElse(null),
                    standing.daysLeft(today).orElse(null),
                    due.map(Due::action).orElse(null),
                    due.map(one -> one.action().words()).orElse(null),
                    standing.governs().trigger().words(),
                    standing.governs().authority(),
                    standing.governs().source(),
                    standing.openJobId());
        }
    }

    /**
     * What needs doing on one rig.
     *
     * @param wheelEndIds how these stand, its rig says
     */
    record NextView(UUID rigId, String rigName, HubState state, List<UUID> wheelEndIds) {}
}
