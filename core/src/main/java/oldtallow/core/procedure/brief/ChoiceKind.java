package oldtallow.core.procedure.brief;

import java.util.List;
import java.util.function.Function;
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

/** What is chosen among; in the order it comes up on a job. */
public enum ChoiceKind {
    HUB_BRINGS("hubBrings", "What the new hub brings", Choices::hubBrings, HubBrings.values()),
    WHEEL("wheel", "The wheel", Choices::wheel, WheelOn.values()),
    REUSE("reuse", "Bearings once apart", Choices::reuse, Reuse.values()),
    INBOARD_CONE("inboardCone", "Seal and inboard cone", Choices::inboardCone, InboardCone.values()),
    CLEANING("cleaning", "Old grease out", Choices::cleaning, Cleaning.values()),
    CUP_REMOVAL("cupRemoval", "Old cups out", Choices::cupRemoval, CupRemoval.values()),
    RACES("races", "New cups", Choices::races, RaceFitting.values()),
    PACKING("packing", "Cones packed", Choices::packing, Packing.values()),
    CAP_FILL("capFill", "Into the cap", Choices::capFill, CapFill.values());

    private final String id;
    private final String words;
    private final Function<Choices, Way> chosen;
    private final List<Way> ways;

    ChoiceKind(String id, String words, Function<Choices, Way> chosen, Way... ways) {
        this.id = id;
        this.words = words;
        this.chosen = chosen;
        this.ways = List.of(ways);
    }

    /** What it is called among {@link Choices}; the same in every language and version. */
    public String id() {
        return id;
    }

    public String words() {
        return words;
    }

    /** The most usual first. */
    public List<Way> ways() {
        return ways;
    }

    public Way of(Choices choices) {
        return chosen.apply(choices);
    }
}
