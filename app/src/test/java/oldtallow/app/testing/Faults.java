package oldtallow.app.testing;

import java.util.regex.Pattern;
import oldtallow.app.testing.Http.Answer;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** What no answer may be, whatever was asked. */
public final class Faults {

    private static final double LARGEST = 1e12;
    private static final int LONGEST = 5_000_000;
    private static final Pattern NONSENSE = Pattern.compile("Infinity|\\bNaN\\b|[0-9]{22,}");

    private Faults() {}

    /** What is wrong with an answer; empty where nothing is: finite numbers in range, or a problem that names a field and a remedy. */
    public static String of(Answer answer) {
        if (answer.status() >= 500 || answer.status() == 401) {
            return "status " + answer.status();
        }
        if (answer.text().length() > LONGEST) {
            return "longer than 5 MB";
        }
        if (answer.text().isEmpty()) {
            return answer.status() < 300 ? "" : "no problem told";
        }
        if (!answer.type().contains("json")) {
            return answer.status() < 300 ? "" : "no problem told";
        }
        if (NONSENSE.matcher(answer.text()).find()) {
            return "nonsense in words";
        }
        try {
            return answer.status() < 300 ? nonsense(answer.json()) : untold(answer);
        } catch (JacksonException e) {
            return "no JSON";
        }
    }

    private static String untold(Answer answer) {
        JsonNode problem = answer.json();
        if (problem.path("title").asString("").isBlank()
                || problem.path("detail").asString("").isBlank()) {
            return "no problem told";
        }
        if (answer.status() != 422 && answer.status() != 400) {
            return "";
        }
        JsonNode errors = problem.path("errors");
        if (problem.path("detail").asString().contains("not well-formed JSON")) {
            return "";
        }
        if (errors.isEmpty()) {
            return "no field named";
        }
        for (JsonNode error : errors) {
            if (error.path("remedy").asString("").isBlank()) {
                return "no remedy";
            }
        }
        return "";
    }

    private static String nonsense(JsonNode node) {
        if (node.isNumber()) {
            return Math.abs(node.asDouble()) <= LARGEST ? "" : "number out of range";
        }
        for (JsonNode inner : node) {
            String found = nonsense(inner);
            if (!found.isEmpty()) {
                return found;
            }
        }
        return "";
    }
}
