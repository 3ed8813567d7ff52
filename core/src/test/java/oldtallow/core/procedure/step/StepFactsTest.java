package oldtallow.core.procedure.step;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What stages, cautions, tools and readings are; common practice. */
class StepFactsTest {

    /** Thirteen stages, counted from 0 as the workshop does, in their order. */
    @Test
    void stagesAreCounted() {
        assertThat(Stream.of(Stage.values()).map(Stage::number))
                .isEqualTo(IntStream.rangeClosed(0, 12).boxed().toList());
    }

    @Test
    void reservedWorkIsBrakesAndHeavyAxles() {
        assertThat(Stream.of(Caution.values()).filter(Caution::isLicensedWork))
                .containsExactlyInAnyOrder(Caution.LICENSED_BRAKES, Caution.LICENSED_HEAVY);
    }

    /** Sockets, spanners and wrenches come in sizes; a jack or a rag does not. */
    @Test
    void someToolsComeInSizes() {
        assertThat(Stream.of(Tool.values()).filter(Tool::comesInSizes).collect(Collectors.toSet()))
                .isEqualTo(EnumSet.of(
                        Tool.SOCKET_SET, Tool.NUT_SOCKET, Tool.PIN_SPANNER, Tool.WHEEL_BRACE, Tool.TORQUE_WRENCH));
    }

    /** A reading may be typed in every unit of its dimension, its own first, each once. */
    @ParameterizedTest
    @EnumSource(ReadingKind.class)
    void unitsAreOfOneDimension(ReadingKind kind) {
        List<ReadingUnit> units = kind.units();
        Set<ReadingUnit> all = Stream.of(ReadingUnit.values())
                .filter(unit -> unit.dimension() == units.getFirst().dimension())
                .collect(Collectors.toSet());

        assertThat(units).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(all);
    }
}
