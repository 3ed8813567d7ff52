package oldtallow.core.procedure.job;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.core.fastening.sequence.StepKind;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.CupRemoval;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.stock.TravelBox;

/**
 * Reads a plan as the mechanic of that very hub: no word, caution or tool that is not there, no check where nobody can see it
 * any more. Which words belong to which hub: common practice.
 */
final class PlanWording {

    /** A word, and the hubs that carry what it names. */
    private record Word(Pattern pattern, Predicate<JobBrief> isThere) {

        static Word of(String pattern, Predicate<JobBrief> isThere) {
            return new Word(Pattern.compile("\\b(?:" + pattern + ")\\b", Pattern.CASE_INSENSITIVE), isThere);
        }
    }

    private static final List<Word> WORDS = List.of(
            Word.of("cotters?|next hole|cotter hole", b -> b.fastening().takesCotter() || isUpright(b)),
            Word.of("(?<!spindle's )slots?", b -> b.fastening().takesCotter() || b.fastening() == Fastening.STAKED_NUT),
            Word.of("retainers?", b -> hasRetainer(b)),
            Word.of("tangs?", b -> b.fastening() == Fastening.NUT_AND_TANG_WASHER),
            Word.of(
                    "tabs?|tab washer|outer nut|inner nut|both nuts",
                    b -> b.fastening() == Fastening.TWO_NUTS
                            || b.procedure().id().value().equals("TWO_NUTS")),
            Word.of("stake[ds]?|collar", b -> b.fastening() == Fastening.STAKED_NUT),
            Word.of("lock plate|lock screws", b -> b.fastening() == Fastening.RING_AND_LOCK_PLATE),
            Word.of(
                    "inch-pounds?",
                    b -> Stream.of(StepKind.values())
                            .anyMatch(kind -> b.procedure().asksInchPounds(kind))),
            Word.of("pedal", b -> b.construction().hasPedal()),
            Word.of("linings?|backing plate|calipers?|pads|brakes?", PlanWording::hasBrake),
            Word.of(
                    "drums?",
                    b -> b.fittings().brake() == BrakeKind.DRUM || b.fittings().brake() == BrakeKind.DISC),
            Word.of("half shaft|stub seal", b -> b.construction() == Construction.FULL_FLOATING_REAR),
            Word.of("end cover|shims", b -> b.construction() == Construction.DRIVE_FLANGE_FRONT),
            Word.of("locking hub", b -> b.construction() == Construction.LOCKING_HUB_FRONT),
            Word.of("tone ring|steering unlocked", b -> b.construction() == Construction.ROTOR_HUB),
            Word.of("ball joints?|water shield", PlanWording::isUpright),
            Word.of("locating pins?", b -> b.construction() == Construction.CLASSIC_CAR),
            Word.of(
                    "nipple",
                    b -> b.construction() == Construction.GREASE_THROUGH
                            || b.fittings().cap() == CapKind.SPRING_LOADED),
            Word.of("(?<!disc )spacer", b -> b.fittings().spacing() == Spacing.SPACER),
            Word.of("wheel nuts?", b -> b.fittings().wheel() == WheelFixing.NUTS),
            Word.of("wheel bolts?", b -> b.fittings().wheel() == WheelFixing.BOLTS),
            Word.of("grease", b -> b.fittings().cavity() != CavityFill.OIL),
            Word.of("caps?", b -> b.stack().find(Part.CAP).isPresent()),
            Word.of("the old one|your mark|marked side", b -> b.scope() != Scope.FIRST_BUILD),
            Word.of("manual|calliper|feeler|dial indicator", b -> b.scope() != Scope.ROADSIDE));

    /** Where each hurt is. */
    private static final Map<Caution, BiPredicate<Step, JobBrief>> HURTS = new EnumMap<>(Map.ofEntries(
            Map.entry(
                    Caution.INCH_POUNDS,
                    (s, b) -> s.id().equals("nut.seat")
                            ? b.procedure().asksInchPounds(StepKind.SEAT)
                            : s.id().equals("nut.fine") && b.procedure().asksInchPounds(StepKind.FINAL)),
            Map.entry(Caution.BRAKE_DUST, (s, b) -> hasBrake(b)),
            Map.entry(Caution.BRAKE_HOSE, (s, b) -> b.fittings().brake() == BrakeKind.DISC),
            Map.entry(Caution.BRAKE_FACE, (s, b) -> hasBrake(b)),
            Map.entry(Caution.LICENSED_BRAKES, (s, b) -> hasBrake(b)),
            Map.entry(Caution.LICENSED_HEAVY, (s, b) -> b.construction() == Construction.OIL_BATH_HEAVY),
            Map.entry(Caution.NO_PEDAL, (s, b) -> b.construction().hasPedal()),
            Map.entry(Caution.HOT_PARTS, (s, b) -> b.choices().races() == Choices.RaceFitting.WARMED),
            Map.entry(Caution.SOLVENT, (s, b) -> s.supplies().contains(Supply.SOLVENT)),
            Map.entry(Caution.AIR_ON_BEARING, (s, b) -> s.tools().contains(Tool.COMPRESSED_AIR)),
            Map.entry(Caution.WELDING, (s, b) -> b.choices().cupRemoval() == CupRemoval.WELDED),
            Map.entry(Caution.SPARKS, (s, b) -> b.choices().cupRemoval() == CupRemoval.GROUND),
            Map.entry(Caution.STEEL_CHIPS, (s, b) -> uses(s, Tool.HAMMER, Tool.COLD_CHISEL, Tool.PRESS)),
            Map.entry(Caution.SPRING_CLIP, (s, b) -> uses(s, Tool.CIRCLIP_PLIERS)),
            Map.entry(Caution.LEVER_SLIPS, (s, b) -> uses(s, Tool.SEAL_LEVER)),
            Map.entry(Caution.FALLING_RIG, (s, b) -> uses(s, Tool.JACK)),
            Map.entry(Caution.ROLLING_RIG, (s, b) -> uses(s, Tool.CHOCKS)),
            Map.entry(
                    Caution.OLD_LOCK,
                    (s, b) ->
                            s.moves().stream().anyMatch(move -> move.kind() == Kind.RENEW || move.kind() == Kind.FIT)),
            Map.entry(Caution.NEVER_TIGHTER, (s, b) -> b.setsByNut()),
            Map.entry(Caution.SMEARED_NOT_PACKED, (s, b) -> s.supplies().contains(Supply.WHEEL_BEARING_GREASE)),
            Map.entry(
                    Caution.HEAVY_WHEEL,
                    (s, b) -> s.moves().stream()
                            .anyMatch(move ->
                                    Set.of(Part.WHEEL, Part.HUB, Part.UPRIGHT).contains(move.part()))),
            Map.entry(Caution.WHEEL_NUTS, (s, b) -> s.id().matches("(close|nut)\\.wheel.*|prove\\.nuts-again")),
            Map.entry(
                    Caution.HOT_HUB, (s, b) -> s.id().matches("look\\.temperature|prove\\.temperature|prove\\.road"))));

    private PlanWording() {}

    /** Which of the words a text speaks of, a bit each; the same texts stand in most plans. */
    private static final Map<String, Long> SPOKEN = new ConcurrentHashMap<>();

    /** What a mechanic would shake his head at; empty when nothing. */
    static List<String> faults(Plan plan) {
        JobBrief brief = plan.brief();
        long absent = 0;
        for (int i = 0; i < WORDS.size(); i++) {
            absent |= WORDS.get(i).isThere().test(brief) ? 0 : 1L << i;
        }
        Set<Tool> box = TravelBox.of(plan);
        List<String> faults = new ArrayList<>();
        for (Step step : plan.steps()) {
            String text = text(step);
            long wrong = absent & SPOKEN.computeIfAbsent(text, PlanWording::spoken);
            for (int i = 0; i < WORDS.size(); i++) {
                if ((wrong & (1L << i)) != 0) {
                    faults.add(step.id() + " speaks of " + WORDS.get(i).pattern() + ": " + text);
                }
            }
            step.cautions().stream()
                    .filter(caution ->
                            !HURTS.getOrDefault(caution, (s, b) -> false).test(step, brief))
                    .forEach(caution -> faults.add(step.id() + " warns of " + caution + ", which is not there"));
            if (brief.scope() == Scope.ROADSIDE) {
                step.tools().stream()
                        .filter(tool -> !box.contains(tool))
                        .forEach(tool -> faults.add(step.id() + " wants " + tool + ", which stays at home"));
            }
        }
        return faults.stream()
                .map(fault -> fault + " in " + PrintPlans.heading(brief))
                .toList();
    }

    private static long spoken(String text) {
        long spoken = 0;
        for (int i = 0; i < WORDS.size(); i++) {
            spoken |= WORDS.get(i).pattern().matcher(text).find() ? 1L << i : 0;
        }
        return spoken;
    }

    /** A check asked where what it asks about lies under something that is on; empty when all can be seen. */
    static Optional<String> unseen(Step step, JobBrief brief, Set<Part> on) {
        boolean hubIsOn = on.contains(Part.HUB) || on.contains(Part.UPRIGHT);
        boolean drumHub =
                brief.fittings().brake() == BrakeKind.DRUM && brief.construction() != Construction.FULL_FLOATING_REAR;
        for (Check check : step.checks()) {
            String says = check.says();
            boolean hidden = (hubIsOn && (says.contains("gap at the shoulder") || says.contains("cups are in")))
                    || (hubIsOn && drumHub && says.contains("linings"))
                    || (on.contains(Part.CAP) && says.contains("rim round"))
                    || (on.contains(Part.OUTBOARD_CONE) && says.contains("both bearings and the spacer"));
            if (hidden) {
                return Optional.of(step.id() + " asks what nobody can see any more: " + says);
            }
        }
        return Optional.empty();
    }

    private static String text(Step step) {
        return Stream.of(
                        Stream.of(step.what(), step.why()),
                        step.how().stream(),
                        step.checks().stream().map(Check::says),
                        step.cautions().stream().map(caution -> caution == Caution.BRAKE_FACE ? "" : caution.words()),
                        step.tools().stream().map(Tool::words))
                .flatMap(one -> one)
                .collect(Collectors.joining(" "))
                // said of every hub in general, not of what is on this one
                .replace("brake cleaner", "")
                .replace("small torque wrench, inch-pounds", "")
                .replace("The pull on the brake", "");
    }

    private static boolean uses(Step step, Tool... tools) {
        return Stream.of(tools).anyMatch(step.tools()::contains);
    }

    private static boolean hasBrake(JobBrief brief) {
        return brief.fittings().brake() != BrakeKind.NONE;
    }

    private static boolean hasRetainer(JobBrief brief) {
        return brief.fastening() == Fastening.NUT_AND_RETAINER || brief.fastening() == Fastening.PUSH_ON_RETAINER;
    }

    private static boolean isUpright(JobBrief brief) {
        return brief.construction() == Construction.SPACER_SET;
    }
}
