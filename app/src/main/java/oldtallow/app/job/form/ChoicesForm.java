package oldtallow.app.job.form;

import java.util.Objects;
import java.util.stream.Stream;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.CapFill;
import oldtallow.core.procedure.brief.Choices.Cleaning;
import oldtallow.core.procedure.brief.Choices.CupRemoval;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Choices.InboardCone;
import oldtallow.core.procedure.brief.Choices.Packing;
import oldtallow.core.procedure.brief.Choices.RaceFitting;
import oldtallow.core.procedure.brief.Choices.Reuse;
import oldtallow.core.procedure.brief.Choices.Way;
import oldtallow.core.procedure.brief.Choices.WheelOn;
import org.jspecify.annotations.Nullable;

/** How things are to be done. What is left out stays as it is. */
public record ChoicesForm(
        @Nullable Cleaning cleaning,
        @Nullable Reuse reuse,
        @Nullable RaceFitting races,
        @Nullable InboardCone inboardCone,
        @Nullable Packing packing,
        @Nullable CapFill capFill,
        @Nullable CupRemoval cupRemoval,
        @Nullable HubBrings hubBrings,
        @Nullable WheelOn wheel) {

    /** What was sent over what there is. */
    public static Choices over(Choices otherwise, @Nullable ChoicesForm sent) {
        return sent == null ? otherwise : sent.over(otherwise);
    }

    private Choices over(Choices otherwise) {
        return Stream.<@Nullable Way>of(
                        cleaning, reuse, races, inboardCone, packing, capFill, cupRemoval, hubBrings, wheel)
                .filter(Objects::nonNull)
                .map(Objects::requireNonNull)
                .reduce(otherwise, Choices::with, (one, other) -> other);
    }
}
