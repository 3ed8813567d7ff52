package oldtallow.app.job.web;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.CapFill;
import oldtallow.core.procedure.brief.Choices.Cleaning;
import oldtallow.core.procedure.brief.Choices.CupRemoval;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Choices.InboardCone;
import oldtallow.core.procedure.brief.Choices.Packing;
import oldtallow.core.procedure.brief.Choices.RaceFitting;
import oldtallow.core.procedure.brief.Choices.Reuse;
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
                        .toList(),
                Choices.USUAL,
                List.of(
                        asked("hubBrings", "What the new hub brings", HubBrings.values(), HubBrings::words),
                        asked("inboardCone", "Seal and inboard cone", InboardCone.values(), InboardCone::words),
                        asked("cupRemoval", "Old cups out", CupRemoval.values(), CupRemoval::words),
                        asked("races", "New cups", RaceFitting.values(), RaceFitting::words),
                        asked("cleaning", "Old grease out", Cleaning.values(), Cleaning::words),
                        asked("reuse", "What is apart", Reuse.values(), Reuse::words),
                        asked("packing", "Cones packed", Packing.values(), Packing::words),
                        asked("capFill", "Into the cap", CapFill.values(), CapFill::words)));
    }

    private static <T extends Enum<T>> ChoiceAskedView asked(
            String name, String words, T[] values, Function<T, String> said) {
        return new ChoiceAskedView(
                name,
                words,
                Stream.of(values)
                        .map(value -> new ChoiceValueView(value.name(), said.apply(value)))
                        .toList());
    }

    /**
     * What the bench asks and calls things.
     *
     * @param usual choices where nobody says otherwise
     */
    record BenchReferenceView(
            List<SignKindView> signs,
            List<DamageModeView> modes,
            List<SpotView> spots,
            List<PartNameView> parts,
            Choices usual,
            List<ChoiceAskedView> choices) {}

    /** A choice among procedures, by its name in a job's choices. */
    record ChoiceAskedView(String name, String words, List<ChoiceValueView> values) {}

    record ChoiceValueView(String value, String words) {}

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
