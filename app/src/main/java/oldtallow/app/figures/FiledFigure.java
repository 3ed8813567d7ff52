package oldtallow.app.figures;

import java.util.UUID;
import oldtallow.core.figure.FigureValue;
import oldtallow.core.figure.GoverningFigure;

/** A figure on file, and what it is for. */
public record FiledFigure(UUID id, int version, Place place, GoverningFigure<FigureValue> figure) {}
