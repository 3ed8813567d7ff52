package oldtallow.core.procedure.judge;

import static oldtallow.core.procedure.judge.Spot.CAGE;
import static oldtallow.core.procedure.judge.Spot.CONE_BORE;
import static oldtallow.core.procedure.judge.Spot.CONE_RACE;
import static oldtallow.core.procedure.judge.Spot.CUP_OUTSIDE;
import static oldtallow.core.procedure.judge.Spot.CUP_RACE;
import static oldtallow.core.procedure.judge.Spot.HUB_BORE;
import static oldtallow.core.procedure.judge.Spot.RIB;
import static oldtallow.core.procedure.judge.Spot.ROLLERS;
import static oldtallow.core.procedure.judge.Spot.SEAL_LAND;
import static oldtallow.core.procedure.judge.Spot.SPINDLE_SEAT;
import static oldtallow.core.procedure.judge.Spot.THREAD;
import static oldtallow.core.procedure.judge.Spot.TONE_RING;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What can be seen or felt on a part.
 *
 * <p>Source of clauses and terms: ISO 15243:2017, clause 5 (from memory, checked against the workshop's table in reference sheet,
 * §13). Modes without a clause are shop findings outside the standard's tree, common practice, as are the trade's words, the
 * causes in a wheel end and whether a trace may run on.
 */
public enum DamageMode {
    SUBSURFACE_FATIGUE(
            "5.1.2",
            "subsurface-initiated fatigue",
            "flaking, spalling",
            "pieces out of the race, sharp edges, in the loaded arc",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS),
            Cause.LIFE_USED,
            Cause.OVERLOAD,
            Cause.TOO_TIGHT),
    SURFACE_FATIGUE(
            "5.1.3",
            "surface-initiated fatigue",
            "frosting, pitting",
            "grey frosted patches, fine cracks, tiny pits",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS),
            Cause.POOR_GREASE,
            Cause.WATER,
            Cause.DIRT),
    ABRASIVE_WEAR(
            "5.2.2",
            "abrasive wear",
            "lapped dull",
            "dull lapped races, worn rib and roller ends, grey grease",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS, RIB),
            Cause.DIRT),
    ADHESIVE_WEAR(
            "5.2.3",
            "adhesive wear",
            "smearing, scoring",
            "torn, discoloured bands; scored roller ends",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS, RIB),
            Cause.TOO_TIGHT,
            Cause.POOR_GREASE),
    MOISTURE_CORROSION(
            "5.3.2",
            "moisture corrosion",
            "rust, water stain",
            "rust or black marks, often at the rollers' spacing",
            Tolerance.OFF_THE_RACE,
            EnumSet.complementOf(EnumSet.of(CAGE, HUB_BORE)),
            Cause.WATER),
    FRETTING_CORROSION(
            "5.3.3.2",
            "fretting corrosion",
            "fretting, red dust",
            "red-brown or black on bore, outside or seat",
            Tolerance.OFF_THE_RACE,
            Set.of(CONE_BORE, CUP_OUTSIDE, SPINDLE_SEAT, HUB_BORE),
            Cause.LOOSE_FIT),
    FALSE_BRINELLING(
            "5.3.3.3",
            "false brinelling",
            "standing marks",
            "shiny or brown hollows at roller spacing, no raised edge",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE),
            Cause.STANDING,
            Cause.TOO_LOOSE),
    CURRENT_EROSION(
            "5.4.2",
            "excessive current erosion",
            "arc craters",
            "craters with molten edges",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS),
            Cause.CURRENT),
    CURRENT_LEAKAGE(
            "5.4.3",
            "current leakage erosion",
            "washboard, fluting",
            "even ridges across the race, dull and dark",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE),
            Cause.CURRENT),
    TRUE_BRINELLING(
            "5.5.2",
            "overload deformation",
            "brinell dents",
            "dents at roller spacing with a raised, bright edge",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE),
            Cause.SHOCK,
            Cause.TOO_TIGHT,
            Cause.MISHANDLED),
    PARTICLE_DENTS(
            "5.5.3",
            "indentations from particles",
            "dirt dents",
            "small dents anywhere on the race",
            Tolerance.A_FEW_FINE,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS),
            Cause.DIRT),
    FORCED_FRACTURE(
            "5.6.2",
            "forced fracture",
            "broken, chipped",
            "broken rib, cracked cage or cup",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, RIB, CAGE, ROLLERS),
            Cause.MISHANDLED,
            Cause.SHOCK),
    FATIGUE_FRACTURE(
            "5.6.3",
            "fatigue fracture",
            "cracked through",
            "a crack with beach marks",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, CAGE, SPINDLE_SEAT, HUB_BORE),
            Cause.LOOSE_FIT,
            Cause.OVERLOAD),
    THERMAL_CRACKING(
            "5.6.4",
            "thermal cracking",
            "heat cracks",
            "fine cracks across, often on blue metal",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, CONE_BORE, SPINDLE_SEAT),
            Cause.LOOSE_FIT,
            Cause.TOO_TIGHT),
    STRAW_TINT(
            null,
            "heat tint, straw",
            "straw or brown colour",
            "yellow to brown, about 200 to 230 °C",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS, RIB, CONE_BORE, SPINDLE_SEAT),
            Cause.TOO_TIGHT,
            Cause.POOR_GREASE),
    BLUE_TINT(
            null,
            "heat tint, blue",
            "blue colour",
            "blue, about 290 to 320 °C: the hardness is gone",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS, RIB, CONE_BORE, SPINDLE_SEAT),
            Cause.TOO_TIGHT,
            Cause.POOR_GREASE),
    CAGE_WORN(
            null,
            "cage worn or bent",
            "bent cage, loose rollers",
            "rollers loose in their pockets, cage bent or rubbing",
            Tolerance.NONE,
            Set.of(CAGE),
            Cause.TOO_LOOSE,
            Cause.MISHANDLED,
            Cause.POOR_GREASE),
    UNEVEN_TRACK(
            null,
            "track off to one side",
            "crooked track",
            "the grey path leans or runs off one edge",
            Tolerance.NONE,
            Set.of(CUP_RACE, CONE_RACE),
            Cause.COCKED),
    CREEP(
            null,
            "creep",
            "spun ring",
            "polished or scored all round where a ring turned in its seat",
            Tolerance.NONE,
            Set.of(CONE_BORE, CUP_OUTSIDE, SPINDLE_SEAT, HUB_BORE),
            Cause.LOOSE_FIT,
            Cause.TOO_TIGHT),
    GROOVE(
            null,
            "groove that can be felt",
            "groove",
            "a fingernail catches in it",
            Tolerance.NONE,
            Set.of(SPINDLE_SEAT, SEAL_LAND),
            Cause.DIRT,
            Cause.LOOSE_FIT),
    THREAD_DAMAGE(
            null,
            "thread damaged",
            "pulled or crossed thread",
            "the nut does not run on by fingers",
            Tolerance.NONE,
            Set.of(THREAD),
            Cause.MISHANDLED),
    BURR(
            null,
            "burr",
            "burr",
            "a raised edge at the shoulder or bore",
            Tolerance.OFF_THE_RACE,
            Set.of(HUB_BORE),
            Cause.MISHANDLED),
    TEETH_DAMAGED(
            null,
            "teeth damaged",
            "teeth gone or rusted up",
            "teeth missing, bent, or swollen with rust",
            Tolerance.NONE,
            Set.of(TONE_RING),
            Cause.WATER,
            Cause.MISHANDLED),
    NORMAL_PATH(
            null,
            "normal running path",
            "even grey path",
            "even, centred, cannot be felt",
            Tolerance.ALWAYS,
            Set.of(CUP_RACE, CONE_RACE, ROLLERS));

    private final Optional<String> clause;
    private final String term;
    private final String words;
    private final String looksLike;
    private final Tolerance tolerance;
    private final Set<Spot> spots;
    private final List<Cause> causes;

    DamageMode(
            @Nullable String clause,
            String term,
            String words,
            String looksLike,
            Tolerance tolerance,
            Set<Spot> spots,
            Cause... causes) {
        this.clause = Optional.ofNullable(clause);
        this.term = term;
        this.words = words;
        this.looksLike = looksLike;
        this.tolerance = tolerance;
        this.spots = Set.copyOf(spots);
        this.causes = List.of(causes);
    }

    /** Clause of ISO 15243:2017; empty for findings outside its tree. */
    public Optional<String> clause() {
        return clause;
    }

    /** The standard's term, or a plain one. */
    public String term() {
        return term;
    }

    /** The trade's words. */
    public String words() {
        return words;
    }

    public String looksLike() {
        return looksLike;
    }

    public Tolerance tolerance() {
        return tolerance;
    }

    /** Where it is found. */
    public Set<Spot> spots() {
        return spots;
    }

    /** What usually caused it in a wheel end, likeliest first. */
    public List<Cause> causes() {
        return causes;
    }
}
