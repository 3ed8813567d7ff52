package oldtallow.core.hub.part;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import oldtallow.core.hub.section.PartName;
import org.jspecify.annotations.Nullable;

/**
 * A part that comes off a wheel end during a job, and which way round it goes back. Names and directions: common practice;
 * what is marked on a part governs over them.
 */
public enum Part {
    WHEEL("wheel", "Seats of nuts or bolts matching the wheel's."),
    CALIPER("brake caliper", null, PartName.BRAKE),
    LOCATING_PINS("locating pins", null),
    DISC("brake disc", null),
    DISC_SPACER("disc spacer", "The same face to the hub."),
    DRUM("brake drum", null, PartName.BRAKE),
    CAP_PLUG("cap plug", null, PartName.CAP_PLUG),
    CAP("cap", null, PartName.CAP),
    CAP_GASKET("cap gasket", null),
    END_COVER("end cover", null, PartName.CAP),
    HUB_COVER("locking-hub cover", null),
    HALF_SHAFT("half shaft", "The long splines inward, its own side of the axle.", PartName.HALF_SHAFT),
    CIRCLIP("circlip", "Sharp edge outward, fully in its groove.", PartName.CIRCLIP),
    SHIMS("shims", "The same shims in the same place."),
    DRIVE_FLANGE("drive flange", null, PartName.DRIVE_FLANGE),
    LOCKING_HUB("locking hub", null, PartName.DRIVE_FLANGE),
    FLANGE_GASKET("flange gasket", null, PartName.GASKET),
    COTTER("cotter", null, PartName.LOCK),
    RETAINER("nut retainer", "Over the nut's flats, its open side inward.", PartName.LOCK),
    TANG_WASHER("tang washer", "Under the nut: key in the spindle's slot, tangs outward.", PartName.LOCK),
    LOCK_SCREWS("lock screws", null),
    LOCK_PLATE("lock plate", "Key in the spindle's slot; it fits in one hole position.", PartName.LOCK),
    OUTER_NUT("outer nut", null, PartName.OUTER_NUT),
    TAB_WASHER("tab washer", "Key in the spindle's slot, one tab for each nut.", PartName.LOCK),
    NUT("nut", "Its bearing face inward.", PartName.NUT),
    WASHER("washer", "Key or flat in the spindle's slot, flat face to the cone: it must not turn.", PartName.WASHER),
    OUTBOARD_SEAL("outboard seal", "Lip side inward, towards the bearing.", PartName.OUTBOARD_SEAL),
    STEERING_JOINTS("steering arm and ball joints", null),
    UPRIGHT("upright", null, PartName.HUB, PartName.CAVITY),
    OUTBOARD_CONE("outboard cone", "Narrow end inward, wide end towards the nut.", PartName.OUTBOARD_CONE),
    HUB("hub", "The wheel's face outward.", PartName.HUB, PartName.STUD, PartName.CAVITY, PartName.TONE_RING),
    STUB_SEAL("stub seal", "Lip side towards the oil it must hold back.", PartName.STUB_SEAL),
    SEAL_SLEEVE("seal sleeve", "Chamfer outward, where the lip rides on.", PartName.SEAL_SLEEVE),
    WATER_SHIELD("water shield", "Dished side away from the seal.", PartName.WATER_SHIELD),
    LOCKING_RING("locking ring", "Fully in its groove, gap at the bottom.", PartName.LOCKING_RING),
    SEAL(
            "seal",
            "Open side with the spring inward, towards what it keeps in; flat side out. A marking such as oil side or air side governs.",
            PartName.SEAL),
    INBOARD_CONE("inboard cone", "Narrow end into the hub, wide end towards the seal.", PartName.INBOARD_CONE),
    SPACER("spacer", "The one made for this pair, the same end inward.", PartName.SPACER),
    SNAP_RING("snap ring", "Fully in its groove, sharp edge away from the cup.", PartName.SNAP_RING),
    LININGS("brake linings", null),
    OUTBOARD_CUP("outboard cup", "Thick edge first against the shoulder, thin lip outward.", PartName.OUTBOARD_CUP),
    INBOARD_CUP("inboard cup", "Thick edge first against the shoulder, thin lip outward.", PartName.INBOARD_CUP);

    private final String words;
    private final @Nullable String wayRound;
    private final Set<PartName> drawn;

    Part(String words, @Nullable String wayRound, PartName... drawn) {
        this.words = words;
        this.wayRound = wayRound;
        EnumSet<PartName> names = EnumSet.noneOf(PartName.class);
        names.addAll(Set.of(drawn));
        this.drawn = Set.copyOf(names);
    }

    /** Its name in the trade. */
    public String words() {
        return words;
    }

    /** Which way round it goes on; empty where there is only one way. */
    public Optional<String> wayRound() {
        return Optional.ofNullable(wayRound);
    }

    /** What leaves the section with it; nothing for parts that the section does not show. */
    public Set<PartName> drawn() {
        return drawn;
    }

    /** Cone and cup of one bearing are judged, kept or renewed together. */
    public Optional<Part> otherRing() {
        return switch (this) {
            case INBOARD_CONE -> Optional.of(INBOARD_CUP);
            case INBOARD_CUP -> Optional.of(INBOARD_CONE);
            case OUTBOARD_CONE -> Optional.of(OUTBOARD_CUP);
            case OUTBOARD_CUP -> Optional.of(OUTBOARD_CONE);
            default -> Optional.empty();
        };
    }

    public boolean isCup() {
        return this == INBOARD_CUP || this == OUTBOARD_CUP;
    }

    public boolean isCone() {
        return this == INBOARD_CONE || this == OUTBOARD_CONE;
    }
}
