package oldtallow.app.figures;

import java.util.ArrayList;
import java.util.EnumMap;
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
    /** Where nothing is on file for the place itself. */
    private final Map<Construction, List<GoverningFigure<FigureValue>>> usual = new EnumMap<>(Construction.class);

    /** {@code sorted}: the governing ones first. */
    IntervalLadders(UUID workshopId, List<FiledFigure> sorted) {
        this.workshopId = workshopId;
        this.byPlace =
                sorted.stream().collect(Collectors.groupingBy(one -> one.place().id()));
    }

    /** At a wheel end, common practice at the bottom; the same list wherever nothing is on file for the place itself. */
    public List<GoverningFigure<FigureValue>> at(UUID rigId, UUID axleId, UUID wheelEndId, Construction construction) {
        boolean own = byPlace.containsKey(rigId) || byPlace.containsKey(axleId) || byPlace.containsKey(wheelEndId);
        return own
                ? ladder(List.of(wheelEndId, axleId, rigId, workshopId), construction)
                : usual.computeIfAbsent(construction, any -> ladder(List.of(workshopId), construction));
    }

    /** {@code places}: the narrower first. */
    private List<GoverningFigure<FigureValue>> ladder(List<UUID> places, Construction construction) {
        List<GoverningFigure<FigureValue>> ladder = new ArrayList<>();
        for (Authority authority : List.of(Authority.MAKER, Authority.WORKSHOP)) {
            for (UUID place : places) {
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
