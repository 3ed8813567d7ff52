package oldtallow.app.schedule.persistence;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Rows of so many numbers as one list, one after the other: a hundred thousand bases are read at once, and a list of numbers is
 * read in a third of the time of a list of rows.
 *
 * @param width numbers a row
 * @param write a row as its numbers
 * @param read a row from its numbers
 */
record FlatRows<T>(int width, Function<T, List<Double>> write, Function<List<Double>, T> read) {

    List<Double> flat(Stream<T> rows) {
        return rows.flatMap(row -> write.apply(row).stream()).toList();
    }

    /** Throws {@link IllegalStateException} where a row is not whole. */
    List<T> rows(List<Double> flat) {
        if (flat.size() % width != 0) {
            throw new IllegalStateException(flat.size() + " numbers are no whole rows of " + width);
        }
        List<T> rows = new ArrayList<>(flat.size() / width);
        for (int i = 0; i < flat.size(); i += width) {
            rows.add(read.apply(flat.subList(i, i + width)));
        }
        return rows;
    }
}
