package oldtallow.core.fastening.sequence;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.quantity.Turn;
import org.jspecify.annotations.Nullable;

/**
 * The trade's own schools of setting the nut, read from their file: common practice unless a school names its source.
 *
 * <p>They speak of the nut alone. What a lock needs belongs to the lock, so that one school serves on every one.
 */
public final class StandardProcedures {

    private static final String FILE = "nut-schools.csv";
    private static final String SCHOOL = "school|id|label|used on|ends with|source|only the very same parts";
    private static final String STEP = "step|kind|says|torque|turn|hub|hub turns|look out for";
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
                .filter(school -> school.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no school of the trade: " + id));
    }

    private static List<AdjustmentProcedure> shipped() {
        try (@Nullable InputStream file = StandardProcedures.class.getResourceAsStream(FILE)) {
            if (file == null) {
                throw new IllegalStateException("missing from the application: " + FILE);
            }
            return read(FILE, new InputStreamReader(file, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads schools; throws {@link IllegalArgumentException} naming file and line of the first bad row. */
    static List<AdjustmentProcedure> read(String name, Reader text) throws IOException {
        var reading = new Reading();
        var lines = new BufferedReader(text);
        int number = 0;
        for (@Nullable String line = lines.readLine(); line != null; line = lines.readLine()) {
            number++;
            if (line.startsWith("#") || line.equals(SCHOOL) || line.equals(STEP)) {
                continue;
            }
            try {
                reading.row(line.split("\\|", -1));
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(name + ":" + number + ": " + e.getMessage(), e);
            }
        }
        return reading.schools();
    }

    /** Rows of a school gathered until the next one begins. */
    private static final class Reading {

        private final List<AdjustmentProcedure> done = new ArrayList<>();
        private final List<String[]> head = new ArrayList<>(1);
        private final List<SequenceStep> steps = new ArrayList<>();

        void row(String[] cells) {
            switch (cells[0]) {
                case "school" -> {
                    requireColumns(cells, SCHOOL);
                    end();
                    head.add(cells);
                }
                case "step" -> {
                    requireColumns(cells, STEP);
                    steps.add(step(cells));
                }
                default -> throw new IllegalArgumentException("a row is a school or a step, not " + cells[0]);
            }
        }

        List<AdjustmentProcedure> schools() {
            end();
            return List.copyOf(done);
        }

        private void end() {
            head.forEach(cells -> done.add(new AdjustmentProcedure(
                    new ProcedureId(cells[1]),
                    cells[2],
                    cells[3],
                    cells[4],
                    cells[5],
                    cells[6].equals("yes"),
                    List.copyOf(steps))));
            head.clear();
            steps.clear();
        }

        private static void requireColumns(String[] cells, String header) {
            int wanted = header.split("\\|").length;
            if (cells.length != wanted) {
                throw new IllegalArgumentException(cells.length + " columns, not " + wanted + ": " + header);
            }
        }
    }

    private static SequenceStep step(String[] cells) {
        return new SequenceStep(
                StepKind.valueOf(cells[1]),
                cells[2],
                cells[3].isEmpty() ? null : torque(cells[3]),
                cells[3].startsWith("~"),
                cells[4].isEmpty() ? null : Turn.ofDegrees(new BigDecimal(cells[4])),
                HubMotion.valueOf(cells[5]),
                cells[6].isEmpty() ? 0 : Integer.parseInt(cells[6]),
                cells[7]);
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
