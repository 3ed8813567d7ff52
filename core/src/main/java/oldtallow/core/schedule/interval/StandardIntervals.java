package oldtallow.core.schedule.interval;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The schools that ship with the product, from {@code interval-schools.csv}. The reader is strict: a row that is short or
 * makes no rule stops it with file and line.
 */
public final class StandardIntervals {

    private static final String FILE = "interval-schools.csv";
    private static final String HEADER = "school,name,action,trigger,number,source";
    private static final int COLUMNS = 6;

    private static final Map<String, IntervalPractice> SCHOOLS = shipped();

    private StandardIntervals() {}

    /** In the order of their file. */
    public static List<IntervalPractice> all() {
        return List.copyOf(SCHOOLS.values());
    }

    /** What is commonly done at such a duty where nobody says anything. */
    static IntervalPractice common(Duty duty) {
        return require(duty.school());
    }

    /** What is commonly done with a spring-loaded cap between services. */
    static IntervalPractice springCap() {
        return require("spring-cap");
    }

    private static IntervalPractice require(String id) {
        @Nullable IntervalPractice school = SCHOOLS.get(id);
        if (school == null) {
            throw new IllegalStateException("not in " + FILE + ": " + id);
        }
        return school;
    }

    private static Map<String, IntervalPractice> shipped() {
        try (@Nullable InputStream file = StandardIntervals.class.getResourceAsStream(FILE)) {
            if (file == null) {
                throw new IllegalStateException("missing from the application: " + FILE);
            }
            return read(FILE, new InputStreamReader(file, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads schools; throws {@link IllegalArgumentException} naming file and line of the first bad row. */
    static Map<String, IntervalPractice> read(String name, Reader text) throws IOException {
        Map<String, Map<String, List<DueRule>>> rules = new LinkedHashMap<>();
        Map<String, String> names = new LinkedHashMap<>();
        var lines = new BufferedReader(text);
        boolean headerSeen = false;
        int number = 0;
        for (@Nullable String line = lines.readLine(); line != null; line = lines.readLine()) {
            number++;
            if (line.startsWith("#")) {
                continue;
            }
            try {
                if (!headerSeen) {
                    requireHeader(line);
                    headerSeen = true;
                    continue;
                }
                Row row = row(line.split(",", -1));
                rules.computeIfAbsent(row.school, id -> new LinkedHashMap<>())
                        .computeIfAbsent(row.source, source -> new ArrayList<>())
                        .add(row.rule);
                names.putIfAbsent(row.school, row.name);
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(name + ":" + number + ": " + e.getMessage(), e);
            }
        }
        Map<String, IntervalPractice> schools = new LinkedHashMap<>();
        names.forEach((id, called) ->
                schools.put(id, new IntervalPractice(id, called, rules.getOrDefault(id, Map.of()))));
        return schools;
    }

    private record Row(String school, String name, DueRule rule, String source) {}

    private static void requireHeader(String line) {
        if (!line.equals(HEADER)) {
            throw new IllegalArgumentException("the header must be " + HEADER);
        }
    }

    private static Row row(String[] cells) {
        if (cells.length != COLUMNS) {
            throw new IllegalArgumentException(cells.length + " columns, not " + COLUMNS);
        }
        var rule = new DueRule(
                DueAction.valueOf(cells[2]), Trigger.Kind.valueOf(cells[3]).of(Integer.parseInt(cells[4])));
        return new Row(cells[0], cells[1], rule, cells[5]);
    }
}
