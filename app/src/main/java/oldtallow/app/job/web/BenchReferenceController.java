package oldtallow.app.job.web;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.judge.DamageMode;
import oldtallow.core.procedure.judge.Spot;
import oldtallow.core.procedure.look.Sign;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What can be seen at a first look, and found when judging. */
@RestController
class BenchReferenceController {

    /** What may be chosen, asked and found on any bench. */
    @GetMapping("/api/v1/bench-reference")
    BenchReferenceView reference() {
        return new BenchReferenceView(
                Stream.of(Sign.Kind.values()).map(SignKindView::of).toList(),
                Stream.of(DamageMode.values()).map(DamageModeView::of).toList(),
                Stream.of(Spot.values())
                        .map(spot -> new SpotView(spot, spot.words(), spot.item()))
                        .toList(),
                Stream.of(Part.values())
                        .map(part -> new PartNameView(part, part.words()))
                        .toList());
    }

    /** What the bench asks and calls things. */
    record BenchReferenceView(
            List<SignKindView> signs, List<DamageModeView> modes, List<SpotView> spots, List<PartNameView> parts) {}

    /** What is asked at a first look. */
    record SignKindView(Sign.Kind kind, String words, List<SignValueView> values) {

        static SignKindView of(Sign.Kind kind) {
            return new SignKindView(
                    kind,
                    kind.words(),
                    kind.answers().stream()
                            .map(value ->
                                    new SignValueView(value, Sign.wordsOf(kind, value), Sign.meansOf(kind, value)))
                            .toList());
        }
    }

    record SignValueView(String value, String words, String means) {}

    /**
     * A damage mode.
     *
     * @param clause of ISO 15243; null outside its tree
     */
    record DamageModeView(
            DamageMode mode, @Nullable String clause, String term, String words, String looksLike, List<Spot> spots) {

        static DamageModeView of(DamageMode mode) {
            Optional<String> clause = mode.clause();
            return new DamageModeView(
                    mode,
                    clause.orElse(null),
                    mode.term(),
                    mode.words(),
                    mode.looksLike(),
                    mode.spots().stream().sorted().toList());
        }
    }

    record SpotView(Spot spot, String words, Spot.Item item) {}

    record PartNameView(Part part, String words) {}
}
