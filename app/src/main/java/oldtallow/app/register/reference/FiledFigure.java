package oldtallow.app.register.reference;

import java.util.UUID;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;

/** A figure on file, and what it is for. */
public record FiledFigure(UUID id, int version, Place place, GoverningFigure<FigureValue> figure) {}
