package oldtallow.app.schedule.model;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.core.refusal.InvalidInputException;

/** The place between two pages of rigs, worst first, as text. */
public final class PageMark {

    private static final Pattern FORM = Pattern.compile("([0-2])_(\\d{4})-(\\d{2})-(\\d{2})_([0-9a-f-]{36})");

    private PageMark() {}

    public static String write(Rank last) {
        return last.urgency().rank() + "_" + last.attentionOn() + "_" + last.rigId();
    }

    /** Throws {@link InvalidInputException} for anything {@link #write} did not write. */
    public static Rank parse(String text) {
        Matcher matcher = FORM.matcher(text);
        try {
            if (matcher.matches()) {
                return new Rank(
                        Urgency.ofRank(number(matcher, 1)),
                        LocalDate.of(number(matcher, 2), number(matcher, 3), number(matcher, 4)),
                        UUID.fromString(matcher.group(5)),
                        List.of());
            }
        } catch (DateTimeException | IllegalArgumentException e) {
            throw refusal(text);
        }
        throw refusal(text);
    }

    private static int number(Matcher matcher, int group) {
        return Integer.parseInt(matcher.group(group));
    }

    private static InvalidInputException refusal(String text) {
        return new InvalidInputException(
                "more", text, "must be what the page before gave; start again at the first page");
    }
}
