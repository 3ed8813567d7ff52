package oldtallow.app.wire;

import oldtallow.app.platform.FieldErrors;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.figure.Authority;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/** An end play window and whose figure it is. */
public record FigureForm(Authority authority, LengthEntry least, LengthEntry most, String source) {

    public static FigureForm of(GoverningFigure<EndPlayWindow> figure) {
        return new FigureForm(
                figure.authority(),
                LengthEntry.ofMillimetres(figure.value().least()),
                LengthEntry.ofMillimetres(figure.value().most()),
                figure.source());
    }

    /** The figure, or null with everything that is wrong noted under {@code path}. */
    public @Nullable GoverningFigure<EndPlayWindow> toFigure(String path, FieldErrors errors) {
        @Nullable Length from = errors.at(path + ".least", least::toLength);
        @Nullable Length to = errors.at(path + ".most", most::toLength);
        if (from == null || to == null) {
            return null;
        }
        return errors.at(path, () -> new GoverningFigure<>(new EndPlayWindow(from, to), authority, source));
    }
}
