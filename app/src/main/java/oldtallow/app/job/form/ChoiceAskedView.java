package oldtallow.app.job.form;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.Way;
import oldtallow.core.procedure.choice.ChoiceOpen;

/**
 * A choice among procedures.
 *
 * @param name in a job's choices
 * @param now the value that holds
 */
public record ChoiceAskedView(ChoiceKind kind, String name, String words, String now, List<ChoiceValueView> values) {

    /** A way that can be chosen. */
    public record ChoiceValueView(String value, String words) {

        static ChoiceValueView of(Way way) {
            return new ChoiceValueView(way.name(), way.words());
        }
    }

    public static ChoiceAskedView of(ChoiceOpen open) {
        return of(open.kind(), open.now(), open.ways());
    }

    /** Of several hubs: what can be chosen on any of them; what holds on the first that has the choice. */
    public static List<ChoiceAskedView> of(Collection<List<ChoiceOpen>> hubs) {
        return Arrays.stream(ChoiceKind.values())
                .flatMap(kind -> {
                    List<ChoiceOpen> open = hubs.stream()
                            .flatMap(List::stream)
                            .filter(one -> one.kind() == kind)
                            .toList();
                    List<Way> ways = kind.ways().stream()
                            .filter(way ->
                                    open.stream().anyMatch(one -> one.ways().contains(way)))
                            .toList();
                    return open.stream().limit(1).map(first -> of(kind, first.now(), ways));
                })
                .toList();
    }

    /** All there are, as a workshop has them. */
    public static List<ChoiceAskedView> all(Choices usual) {
        return Arrays.stream(ChoiceKind.values())
                .map(kind -> of(kind, kind.of(usual), kind.ways()))
                .toList();
    }

    private static ChoiceAskedView of(ChoiceKind kind, Way now, List<Way> ways) {
        return new ChoiceAskedView(
                kind,
                kind.id(),
                kind.words(),
                now.name(),
                ways.stream().map(ChoiceValueView::of).toList());
    }
}
