package oldtallow.core.procedure.bench;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.fit.SeatedCup;
import oldtallow.core.procedure.bench.JobEntry.Taken;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.ReadingKind;

/** The gaps behind a cup among the readings of a step. */
public final class CupGaps {

    private CupGaps() {}

    /** At 12, 3, 6 and 9 o'clock, as many as were taken. */
    public static List<Length> of(List<Taken> readings) {
        return SeatedCup.GAPS.stream()
                .flatMap(kind -> find(readings, kind).stream())
                .toList();
    }

    private static Optional<Length> find(List<Taken> readings, ReadingKind kind) {
        Stream<Taken> taken = readings.stream().filter(one -> one.kind() == kind);
        return taken.findFirst().map(one -> Length.ofMillimetres(one.value()));
    }
}
