package oldtallow.app.register.reference;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;

/** Where figures are kept. */
public interface FigureStore {

    /** Figures of these kinds for any of these places; a workshop's own rules are found by its id. */
    List<FiledFigure> at(Set<FigureKind> kinds, Collection<UUID> places);

    /** Every figure of a kind. */
    List<FiledFigure> all(FigureKind kind);

    /** Puts a figure in its place. False where the one there is no longer of this version (0: there should be none). */
    boolean put(Place place, int version, GoverningFigure<FigureValue> figure);

    /** False where the figure is no longer of this version. */
    boolean remove(UUID figureId, int version);
}
