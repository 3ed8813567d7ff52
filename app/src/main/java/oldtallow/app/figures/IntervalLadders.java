package oldtallow.app.figures;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.core.figure.Authority;
import oldtallow.core.figure.FigureValue;
import oldtallow.core.figure.FigureValue.Interval;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.hub.Construction;
import oldtallow.core.interval.IntervalSchool;
import oldtallow.core.interval.StandardIntervals;

/** Which intervals could govern at wheel ends, the governing one first. */
public final class IntervalLadders {

    private final UUID workshopId;
    private final Map<UUID, List<FiledFigure>> byPlace;

    /** {@code sorted}: the governing ones first. */
    IntervalLadders(UUID workshopId, List<FiledFigure> sorted) {
        this.workshopId = workshopId;
        this.byPlace =
                sorted.stream().collect(Collectors.groupingBy(one -> one.place().id()));
    }

    /** At a wheel end, common practice at the bottom. */
    public List<GoverningFigure<FigureValue>> at(UUID rigId, UUID axleId, UUID wheelEndId, Construction construction) {
        List<GoverningFigure<FigureValue>> ladder = new ArrayList<>();
        for (Authority authority : List.of(Authority.MAKER, Authority.WORKSHOP)) {
            // the narrower place first within an authority
            for (UUID place : List.of(wheelEndId, axleId, rigId, workshopId)) {
                byPlace.getOrDefault(place, List.of()).stream()
                        .map(FiledFigure::figure)
                        .filter(figure -> figure.authority() == authority)
                        .forEach(ladder::add);
            }
        }
        IntervalSchool common = StandardIntervals.common(construction);
        ladder.add(new GoverningFigure<>(new Interval(common.rules()), Authority.COMMON_PRACTICE, common.source()));
        return ladder;
    }
}
