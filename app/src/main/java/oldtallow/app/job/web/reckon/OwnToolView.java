package oldtallow.app.job.web.reckon;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.units.LengthView;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/** A tool of the workshop, and how it goes with what is to be driven. */
record OwnToolView(String name, String kindWords, LengthView outside, boolean suits, String words) {

    /** Those that will do first; tools without an outside diameter drive nothing. */
    static List<OwnToolView> of(List<WorkshopTool> tools, Predicate<Length> suits, Function<Length, String> words) {
        return tools.stream()
                .flatMap(tool -> {
                    @Nullable Length outside = tool.outside();
                    return outside == null
                            ? List.<OwnToolView>of().stream()
                            : List.of(new OwnToolView(
                                            tool.name(),
                                            tool.kind().words(),
                                            LengthView.of(outside),
                                            suits.test(outside),
                                            words.apply(outside)))
                                    .stream();
                })
                .sorted(Comparator.comparing(OwnToolView::suits).reversed())
                .toList();
    }
}
