package oldtallow.app.register.api;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.register.reference.FiledFigure;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.CommonPractice;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.schedule.interval.Upkeep;

/** Which intervals could govern at wheel ends, the governing one first. */
public final class IntervalLadders {

    private final UUID workshopId;
    private final Map<UUID, List<FiledFigure>> byPlace;
    /** Where nothing is on file for the place itself. */
    private final Map<Upkeep, List<GoverningFigure<FigureValue>>> usual = new HashMap<>();

    /** {@code sorted}: the governing ones first. */
    IntervalLadders(UUID workshopId, List<FiledFigure> sorted) {
        this.workshopId = workshopId;
        this.byPlace =
                sorted.stream().collect(Collectors.groupingBy(one -> one.place().id()));
    }

    /** At a wheel end, common practice at the bottom; the same list wherever nothing is on file for the place itself. */
    public List<GoverningFigure<FigureValue>> at(UUID rigId, UUID axleId, UUID wheelEndId, Upkeep upkeep) {
        boolean own = byPlace.containsKey(rigId) || byPlace.containsKey(axleId) || byPlace.containsKey(wheelEndId);
        return own
                ? ladder(List.of(wheelEndId, axleId, rigId, workshopId), upkeep)
                : usual.computeIfAbsent(upkeep, any -> ladder(List.of(workshopId), upkeep));
    }

    /** {@code places}: the narrower first. */
    private List<GoverningFigure<FigureValue>> ladder(List<UUID> places, Upkeep upkeep) {
        List<GoverningFigure<FigureValue>> ladder = new ArrayList<>();
        for (Authority authority : List.of(Authority.MAKER, Authority.WORKSHOP)) {
            for (UUID place : places) {
                byPlace.getOrDefault(place, List.of()).stream()
                        .map(FiledFigure::figure)
                        .filter(figure -> figure.authority() == authority)
                        .forEach(ladder::add);
            }
        }
        ladder.addAll(CommonPractice.intervals(upkeep));
        return ladder;
    }
}
