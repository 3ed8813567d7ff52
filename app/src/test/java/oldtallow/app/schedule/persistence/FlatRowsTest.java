package oldtallow.app.schedule.persistence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class FlatRowsTest {

    private record Span(double from, double to) {}

    private static final FlatRows<Span> SPANS =
            new FlatRows<>(2, span -> List.of(span.from(), span.to()), row -> new Span(row.get(0), row.get(1)));

    @Test
    void liesOneAfterTheOther() {
        List<Double> flat = SPANS.flat(Stream.of(new Span(1, 2), new Span(3, 4)));

        assertThat(flat).containsExactly(1.0, 2.0, 3.0, 4.0);
        assertThat(SPANS.rows(flat)).containsExactly(new Span(1, 2), new Span(3, 4));
    }

    @Test
    void readsNoRowThatIsNotWhole() {
        assertThatThrownBy(() -> SPANS.rows(List.of(1.0, 2.0, 3.0)))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("3 numbers");
    }
}
