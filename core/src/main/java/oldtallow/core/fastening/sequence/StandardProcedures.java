package oldtallow.core.fastening.sequence;

import java.io.Reader;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.quantity.Turn;
import oldtallow.core.table.TradeTable;
import org.jspecify.annotations.Nullable;

/**
 * The trade's own adjustment procedures, read from their file: common practice unless a procedure names its source.
 *
 * <p>They speak of the nut alone. What a lock needs belongs to the lock, so that one procedure serves on every one.
 */
public final class StandardProcedures {

    private static final String FILE = "adjustment-procedures.csv";
    private static final TradeTable TABLE = new TradeTable(
            '|',
            List.of(
                    "procedure|id|label|used on|ends with|source|only the very same parts",
                    "step|kind|says|torque|turn|hub|hub turns|look out for"));
    private static final Pattern TORQUE = Pattern.compile("(~?)([0-9.]+)(?:-([0-9.]+))? (\\S+?)(\\+?)");

    private static final List<AdjustmentProcedure> ALL = shipped();

    private StandardProcedures() {}

    /** In the order of the file. */
    public static List<AdjustmentProcedure> all() {
        return ALL;
    }

    /** One of them; throws {@link IllegalArgumentException} for an id that is none. */
    public static AdjustmentProcedure of(ProcedureId id) {
        return ALL.stream()
                .filter(procedure -> procedure.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no adjustment procedure of the trade: " + id));
    }

    private static List<AdjustmentProcedure> shipped() {
        var reading = new Reading();
        TABLE.readShipped(StandardProcedures.class, FILE, reading::row);
        return reading.procedures();
    }

    /** Reads procedures; throws {@link IllegalArgumentException} naming file and line of the first bad row. */
    static List<AdjustmentProcedure> read(String name, Reader text) {
        var reading = new Reading();
        TABLE.read(name, text, reading::row);
        return reading.procedures();
    }

    /** Rows of a procedure gathered until the next one begins. */
    private static final class Reading {

        private final List<AdjustmentProcedure> done = new ArrayList<>();
        private final List<List<String>> head = new ArrayList<>(1);
        private final List<SequenceStep> steps = new ArrayList<>();

        void row(List<String> cells) {
            if (cells.getFirst().equals("procedure")) {
                end();
                head.add(cells);
            } else {
                steps.add(step(cells));
            }
        }

        List<AdjustmentProcedure> procedures() {
            end();
            return List.copyOf(done);
        }

        private void end() {
            head.forEach(cells -> done.add(new AdjustmentProcedure(
                    new ProcedureId(cells.get(1)),
                    cells.get(2),
                    cells.get(3),
                    cells.get(4),
                    cells.get(5),
                    cells.get(6).equals("yes"),
                    List.copyOf(steps))));
            head.clear();
            steps.clear();
        }
    }

    private static SequenceStep step(List<String> cells) {
        return new SequenceStep(
                StepKind.valueOf(cells.get(1)),
                cells.get(2),
                cells.get(3).isEmpty() ? null : torque(cells.get(3)),
                cells.get(3).startsWith("~"),
                cells.get(4).isEmpty() ? null : Turn.ofDegrees(new BigDecimal(cells.get(4))),
                HubMotion.valueOf(cells.get(5)),
                cells.get(6).isEmpty() ? 0 : Integer.parseInt(cells.get(6)),
                cells.get(7));
    }

    private static TorqueRange torque(String text) {
        Matcher parts = TORQUE.matcher(text);
        if (!parts.matches()) {
            throw new IllegalArgumentException("torque " + text + "; write it like 15-25 lbf·in");
        }
        TorqueUnit unit = Stream.of(TorqueUnit.values())
                .filter(one -> one.symbol().equals(parts.group(4)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("unit of torque " + parts.group(4)));
        @Nullable String most = parts.group(3);
        double least = Double.parseDouble(parts.group(2));
        return new TorqueRange(
                Torque.of(least, unit),
                Torque.of(most == null ? least : Double.parseDouble(most), unit),
                !parts.group(5).isEmpty(),
                unit);
    }
}
