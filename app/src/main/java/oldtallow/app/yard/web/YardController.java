package oldtallow.app.yard.web;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.nut.SettingSummary;
import oldtallow.app.register.Rig;
import oldtallow.app.register.RigKind;
import oldtallow.app.register.Side;
import oldtallow.app.wire.LengthView;
import oldtallow.app.yard.YardService;
import oldtallow.app.yard.YardService.Standing;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.interval.HubState;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class YardController {

    private final YardService yard;

    YardController(YardService yard) {
        this.yard = yard;
    }

    /** The yard today: rigs in plan, and what needs doing, worst first. */
    @GetMapping("/api/yard")
    YardView yard() {
        YardService.Yard today = yard.today();
        Map<UUID, StandingView> standings = today.standings().stream()
                .map(StandingView::of)
                .collect(Collectors.toMap(StandingView::id, Function.identity()));
        return new YardView(
                today.workshop(),
                today.today(),
                today.rigs().stream().map(rig -> RigView.of(rig, standings)).toList(),
                today.next().stream()
                        .map(next -> new NextView(
                                next.rig().id(),
                                next.rig().name(),
                                next.state(),
                                next.standings().stream().map(StandingView::of).toList()))
                        .toList());
    }

    record YardView(String workshop, LocalDate today, List<RigView> rigs, List<NextView> next) {}

    /** A rig in plan, with how its wheel ends stand. */
    record RigView(
            UUID id,
            int yardNumber,
            RigKind kind,
            String name,
            String plate,
            int lengthMillimetres,
            int widthMillimetres,
            int drawbarMillimetres,
            List<AxleView> axles) {

        static RigView of(Rig rig, Map<UUID, StandingView> standings) {
            return new RigView(
                    rig.id(),
                    rig.yardNumber(),
                    rig.kind(),
                    rig.name(),
                    rig.plate(),
                    rig.lengthMillimetres(),
                    rig.widthMillimetres(),
                    rig.drawbarMillimetres(),
                    rig.axles().stream()
                            .map(axle -> new AxleView(
                                    axle.position(),
                                    axle.fromFrontMillimetres(),
                                    axle.trackMillimetres(),
                                    axle.wheelEnds().stream()
                                            .map(end -> standings.get(end.id()))
                                            .toList()))
                            .toList());
        }
    }

    record AxleView(int position, int fromFrontMillimetres, int trackMillimetres, List<StandingView> wheelEnds) {}

    /**
     * How a wheel end stands.
     *
     * @param endPlay it was left with, measured where it was measured
     * @param daysLeft until it is due, negative once overdue
     */
    record StandingView(
            UUID id,
            String position,
            Side side,
            HubState state,
            @Nullable Instant lastSetAt,
            @Nullable LengthView endPlay,
            @Nullable EndPlayVerdict verdict,
            @Nullable Long daysLeft) {

        static StandingView of(Standing standing) {
            @Nullable SettingSummary last = standing.lastSetting();
            return new StandingView(
                    standing.wheelEnd().id(),
                    standing.wheelEnd().positionName(),
                    standing.wheelEnd().side(),
                    standing.state(),
                    last == null ? null : last.setAt(),
                    last == null ? null : LengthView.of(leftWith(last)),
                    last == null ? null : last.verdict(),
                    standing.daysLeft());
        }

        private static Length leftWith(SettingSummary setting) {
            @Nullable Length measured = setting.measuredEndPlay();
            return measured == null ? setting.endPlay() : measured;
        }
    }

    /** What needs doing on one rig. */
    record NextView(UUID rigId, String rigName, HubState state, List<StandingView> wheelEnds) {}
}
