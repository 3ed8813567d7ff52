package oldtallow.core.schedule.interval;

import java.io.Reader;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oldtallow.core.table.TradeTable;
import org.jspecify.annotations.Nullable;

/**
 * The practices that ship with the product, from {@code interval-practices.csv}: a row that makes no rule stops it.
 */
public final class StandardIntervals {

    private static final String FILE = "interval-practices.csv";
    private static final TradeTable TABLE = new TradeTable(',', List.of("practice,name,action,trigger,number,source"));

    private static final Map<String, IntervalPractice> PRACTICES = shipped();

    private StandardIntervals() {}

    /** In the order of their file. */
    public static List<IntervalPractice> all() {
        return List.copyOf(PRACTICES.values());
    }

    /** What is commonly done at such a duty where nobody says anything. */
    static IntervalPractice common(Duty duty) {
        return require(duty.practice());
    }

    /** What is commonly done with a spring-loaded cap between services. */
    static IntervalPractice springCap() {
        return require("spring-cap");
    }

    private static IntervalPractice require(String id) {
        @Nullable IntervalPractice practice = PRACTICES.get(id);
        if (practice == null) {
            throw new IllegalStateException("not in " + FILE + ": " + id);
        }
        return practice;
    }

    private static Map<String, IntervalPractice> shipped() {
        List<Row> rows = new ArrayList<>();
        TABLE.readShipped(StandardIntervals.class, FILE, cells -> rows.add(row(cells)));
        return practices(rows);
    }

    /** Reads practices; throws {@link IllegalArgumentException} naming file and line of the first bad row. */
    static Map<String, IntervalPractice> read(String name, Reader text) {
        List<Row> rows = new ArrayList<>();
        TABLE.read(name, text, cells -> rows.add(row(cells)));
        return practices(rows);
    }

    private static Map<String, IntervalPractice> practices(List<Row> rows) {
        Map<String, Map<String, List<DueRule>>> rules = new LinkedHashMap<>();
        Map<String, String> names = new LinkedHashMap<>();
        for (Row row : rows) {
            rules.computeIfAbsent(row.practice, id -> new LinkedHashMap<>())
                    .computeIfAbsent(row.source, source -> new ArrayList<>())
                    .add(row.rule);
            names.putIfAbsent(row.practice, row.name);
        }
        Map<String, IntervalPractice> practices = new LinkedHashMap<>();
        names.forEach((id, called) ->
                practices.put(id, new IntervalPractice(id, called, rules.getOrDefault(id, Map.of()))));
        return practices;
    }

    private record Row(String practice, String name, DueRule rule, String source) {}

    private static Row row(List<String> cells) {
        var rule = new DueRule(
                DueAction.valueOf(cells.get(2)),
                Trigger.Kind.valueOf(cells.get(3)).of(Integer.parseInt(cells.get(4))));
        return new Row(cells.get(0), cells.get(1), rule, cells.get(5));
    }
}
