package oldtallow.core.schedule.figure;

import java.util.List;

/**
 * A figure and whose it is.
 *
 * @param source in words: manual, chapter, page; or "common practice"; never blank
 */
public record GoverningFigure<T>(T value, Authority authority, String source) {

    public GoverningFigure {
        if (source.isBlank()) {
            throw new IllegalArgumentException("a figure needs its source in words, such as manual, chapter and page");
        }
    }

    /** The figure that governs: maker's before workshop's before common practice. */
    public static <T> GoverningFigure<T> governing(List<GoverningFigure<T>> figures) {
        return figures.stream()
                .min((a, b) -> a.authority().compareTo(b.authority()))
                .orElseThrow(() -> new IllegalArgumentException("no figure to govern"));
    }
}
