package oldtallow.app.units.form;

import oldtallow.app.units.LengthEntry;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.jspecify.annotations.Nullable;

/**
 * An end play window and whose figure it is.
 *
 * @param usable up to where it may still be used, where the window has two grades; null where it has one
 */
public record FigureForm(
        Authority authority,
        LengthEntry least,
        LengthEntry most,
        @Nullable LengthEntry usable,
        String source) {

    public static FigureForm of(GoverningFigure<EndPlayWindow> figure) {
        return new FigureForm(
                figure.authority(),
                LengthEntry.ofMillimetres(figure.value().least()),
                LengthEntry.ofMillimetres(figure.value().most()),
                figure.value().isGraded()
                        ? LengthEntry.ofMillimetres(figure.value().usable())
                        : null,
                figure.source());
    }

    /** The figure, or null with everything that is wrong noted under {@code path}. */
    public @Nullable GoverningFigure<EndPlayWindow> toFigure(String path, FieldErrors errors) {
        @Nullable Length from = errors.at(path + ".least", least::toLength);
        @Nullable Length to = errors.at(path + ".most", most::toLength);
        @Nullable Length used = usable == null ? to : errors.at(path + ".usable", usable::toLength);
        if (from == null || to == null || used == null) {
            return null;
        }
        return errors.at(path, () -> new GoverningFigure<>(new EndPlayWindow(from, to, used), authority, source));
    }
}
