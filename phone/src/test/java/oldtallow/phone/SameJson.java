package oldtallow.phone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;

/**
 * Two answers are the same: texts to the letter, numbers to a billionth of their size. A time may differ, since each has a clock
 * of its own; what a set holds may stand in another order.
 */
final class SameJson {

    private static final Pattern TIME = Pattern.compile("\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}.*Z");
    private static final double CLOSE = 1e-9;

    private SameJson() {}

    static void assertSame(String where, JsonNode phone, JsonNode server) {
        if (server.isObject()) {
            var names = new TreeSet<>(server.propertyNames());
            assertThat(new TreeSet<>(phone.propertyNames())).as(where).isEqualTo(names);
            names.forEach(name -> assertSame(where + "." + name, phone.path(name), server.path(name)));
        } else if (server.isArray()) {
            assertThat(phone.size()).as("%s: %s, %s", where, phone, server).isEqualTo(server.size());
            List<JsonNode> here = ordered(phone);
            List<JsonNode> there = ordered(server);
            for (int i = 0; i < there.size(); i++) {
                assertSame(where + "[" + i + "]", here.get(i), there.get(i));
            }
        } else if (server.isNumber()) {
            double number = server.asDouble();
            assertThat(phone.asDouble()).as(where).isCloseTo(number, within(CLOSE * Math.max(1, Math.abs(number))));
        } else if (server.isString() && TIME.matcher(server.asString()).matches()) {
            assertThat(phone.asString()).as(where).matches(TIME);
        } else {
            assertThat(phone).as(where).isEqualTo(server);
        }
    }

    /** Plain texts may be of a set: those are put in the order of the alphabet. */
    private static List<JsonNode> ordered(JsonNode array) {
        List<JsonNode> all = new ArrayList<>();
        array.forEach(all::add);
        if (all.stream().allMatch(JsonNode::isString)) {
            all.sort(Comparator.comparing(JsonNode::asString));
        }
        return all;
    }
}
