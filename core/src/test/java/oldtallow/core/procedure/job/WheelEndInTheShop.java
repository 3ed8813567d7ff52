package oldtallow.core.procedure.job;

import static oldtallow.core.hub.part.Part.*;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.part.Fate;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.part.StackedPart;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;

/**
 * Does a plan on an imagined wheel end, and says what would go wrong in the shop. It knows what lies on top of what by itself,
 * from common practice, not by the planner's order.
 */
final class WheelEndInTheShop {

    /** What must be off before the key can come off, where the wheel end has it at all. */
    private static final Map<Part, List<Part>> UNDER = Map.ofEntries(
            Map.entry(CALIPER, List.of(WHEEL)),
            Map.entry(DRUM, List.of(WHEEL)),
            Map.entry(LOCATING_PINS, List.of(WHEEL)),
            Map.entry(DISC, List.of(CALIPER, LOCATING_PINS)),
            Map.entry(DISC_SPACER, List.of(DISC)),
            Map.entry(CAP, List.of(CAP_PLUG)),
            Map.entry(CAP_GASKET, List.of(CAP)),
            Map.entry(FLANGE_GASKET, List.of(HALF_SHAFT, DRIVE_FLANGE, LOCKING_HUB)),
            Map.entry(CIRCLIP, List.of(END_COVER, HUB_COVER)),
            Map.entry(SHIMS, List.of(CIRCLIP)),
            Map.entry(LOCKING_HUB, List.of(CIRCLIP, HUB_COVER)),
            Map.entry(COTTER, List.of(CAP, LOCKING_HUB, HALF_SHAFT)),
            Map.entry(RETAINER, List.of(COTTER, CAP)),
            Map.entry(TANG_WASHER, List.of(CAP, NUT)),
            Map.entry(LOCK_PLATE, List.of(LOCK_SCREWS, CAP)),
            Map.entry(OUTER_NUT, List.of(CAP, HALF_SHAFT, LOCKING_HUB)),
            Map.entry(TAB_WASHER, List.of(OUTER_NUT)),
            Map.entry(NUT, List.of(COTTER, RETAINER, LOCK_PLATE, TAB_WASHER, CAP)),
            Map.entry(WASHER, List.of(NUT)),
            Map.entry(UPRIGHT, List.of(STEERING_JOINTS, CALIPER, NUT)),
            Map.entry(OUTBOARD_SEAL, List.of(DRIVE_FLANGE, WASHER, UPRIGHT)),
            Map.entry(OUTBOARD_CONE, List.of(WASHER, TANG_WASHER, NUT, OUTBOARD_SEAL)),
            Map.entry(SPACER, List.of(OUTBOARD_CONE)),
            Map.entry(HUB, List.of(OUTBOARD_CONE, SPACER, CALIPER, DRUM, DISC)),
            Map.entry(SEAL, List.of(HUB, WATER_SHIELD)),
            Map.entry(LOCKING_RING, List.of(SEAL)),
            Map.entry(STUB_SEAL, List.of(HALF_SHAFT, HUB)),
            Map.entry(SEAL_SLEEVE, List.of(HUB)),
            Map.entry(INBOARD_CONE, List.of(SEAL, LOCKING_RING)),
            Map.entry(OUTBOARD_CUP, List.of(OUTBOARD_CONE, HUB)),
            Map.entry(INBOARD_CUP, List.of(INBOARD_CONE, HUB)));

    /** The hurt of a tool, met at the step that uses it. */
    private static final Map<Tool, Caution> TOOL_NEEDS = Map.ofEntries(
            Map.entry(Tool.JACK, Caution.FALLING_RIG),
            Map.entry(Tool.COMPRESSED_AIR, Caution.AIR_ON_BEARING),
            Map.entry(Tool.OVEN, Caution.HOT_PARTS),
            Map.entry(Tool.CIRCLIP_PLIERS, Caution.SPRING_CLIP),
            Map.entry(Tool.SEAL_LEVER, Caution.LEVER_SLIPS),
            Map.entry(Tool.COLD_CHISEL, Caution.STEEL_CHIPS),
            Map.entry(Tool.RACE_DRIVER, Caution.STEEL_CHIPS),
            Map.entry(Tool.DRIFT, Caution.STEEL_CHIPS),
            Map.entry(Tool.PRESS, Caution.STEEL_CHIPS),
            Map.entry(Tool.WELDER, Caution.WELDING),
            Map.entry(Tool.GRINDER, Caution.SPARKS),
            Map.entry(Tool.TORQUE_WRENCH_SMALL, Caution.INCH_POUNDS));

    /** What a caution asks to be worn, laid out with the step. */
    private static final Map<Caution, Tool> WORN = Map.of(
            Caution.STEEL_CHIPS, Tool.GOGGLES,
            Caution.SPRING_CLIP, Tool.GOGGLES,
            Caution.LEVER_SLIPS, Tool.GOGGLES,
            Caution.AIR_ON_BEARING, Tool.GOGGLES,
            Caution.SPARKS, Tool.GOGGLES,
            Caution.BRAKE_DUST, Tool.MASK,
            Caution.SOLVENT, Tool.GLOVES);

    private final Plan plan;
    private final Set<Part> has;
    private final Set<Part> on;
    private final Map<Part, Kind> puts = new EnumMap<>(Part.class);
    private final Set<Caution> met = EnumSet.noneOf(Caution.class);

    private WheelEndInTheShop(Plan plan) {
        this.plan = plan;
        this.has = EnumSet.noneOf(Part.class);
        plan.brief().stack().parts().stream().map(StackedPart::part).forEach(has::add);
        this.on = EnumSet.noneOf(Part.class);
        if (plan.brief().scope() == Scope.FIRST_BUILD) {
            // what comes in the bought hub, and the axle's own linings
            has.stream()
                    .filter(part ->
                            (part == LININGS && !plan.brief().condemned().contains(LININGS))
                                    || (part.isCup() && plan.brief().comesWithHub(part)))
                    .forEach(on::add);
            if (plan.brief().brings() != Choices.HubBrings.NOTHING
                    && (plan.brief().fittings().snapRing() == Fittings.SnapRing.BEFORE_CUP
                            || plan.brief().comesWithHub(SNAP_RING))
                    && has.contains(SNAP_RING)) {
                on.add(SNAP_RING);
            }
        } else {
            on.addAll(has);
        }
    }

    /** What is wrong with a plan, in words; empty when it can be done as it stands. */
    static Optional<String> fault(Plan plan) {
        return new WheelEndInTheShop(plan).doAll().map(fault -> fault + " in " + PrintPlans.heading(plan.brief()));
    }

    private Optional<String> doAll() {
        Set<String> done = new HashSet<>();
        Set<String> checks = new HashSet<>();
        Stage stage = Stage.PREPARE;
        for (Step step : plan.steps()) {
            if (step.stage().compareTo(stage) < 0) {
                return Optional.of(step.id() + " goes back to stage " + step.stage());
            }
            stage = step.stage();
            if (!done.containsAll(step.after())) {
                return Optional.of(step.id() + " comes before one of " + step.after());
            }
            Optional<String> fault = doOne(step);
            if (fault.isPresent()) {
                return fault;
            }
            if (!done.add(step.id())) {
                return Optional.of(step.id() + " is there twice");
            }
            for (Check check : step.checks()) {
                if (!checks.add(check.id())) {
                    return Optional.of("check " + check.id() + " is there twice");
                }
            }
        }
        return atTheEnd();
    }

    private Optional<String> doOne(Step step) {
        met.addAll(step.cautions());
        if (step.what().isBlank()
                || (step.how().isEmpty()
                        && step.why().isBlank()
                        && step.checks().isEmpty()
                        && step.moves().isEmpty()
                        && step.cautions().isEmpty())) {
            return Optional.of(step.id() + " says nothing");
        }
        for (Tool tool : step.tools()) {
            Caution caution = TOOL_NEEDS.get(tool);
            if (caution != null && !step.cautions().contains(caution)) {
                return Optional.of(step.id() + " uses " + tool + " without " + caution);
            }
        }
        for (Caution caution : step.cautions()) {
            Tool worn = WORN.get(caution);
            if (worn != null && !step.tools().contains(worn)) {
                return Optional.of(step.id() + " warns of " + caution + " without " + worn);
            }
        }
        if (step.supplies().contains(Supply.SOLVENT) && !step.cautions().contains(Caution.SOLVENT)) {
            return Optional.of(step.id() + " uses solvent without its caution");
        }
        Optional<String> unseen = PlanWording.unseen(step, plan.brief(), on);
        if (unseen.isPresent()) {
            return unseen;
        }
        for (PartMove move : step.moves()) {
            Optional<String> fault = move.kind() == Kind.REMOVE ? remove(move.part()) : put(move, step);
            if (fault.isPresent()) {
                return fault.map(text -> step.id() + ": " + text);
            }
        }
        return Optional.empty();
    }

    private Optional<String> remove(Part part) {
        if (!on.remove(part)) {
            return Optional.of(part + " is not on");
        }
        if (!met.containsAll(Set.of(Caution.ROLLING_RIG, Caution.FALLING_RIG))) {
            return Optional.of(part + " comes off before the rig is safe");
        }
        return UNDER.getOrDefault(part, List.of()).stream()
                .filter(on::contains)
                .findFirst()
                .map(above -> part + " cannot come off under " + above);
    }

    private Optional<String> put(PartMove move, Step step) {
        Part part = move.part();
        if (!has.contains(part) || !on.add(part)) {
            return Optional.of(part + " cannot go on, or is on");
        }
        puts.put(part, move.kind());
        if (part.wayRound().isPresent() && !step.how().contains(part.wayRound().get())) {
            return Optional.of("it is not said which way round the " + part + " goes");
        }
        for (Map.Entry<Part, List<Part>> lies : UNDER.entrySet()) {
            Part inner = lies.getKey();
            if (lies.getValue().contains(part) && has.contains(inner) && !on.contains(inner)) {
                return Optional.of(part + " goes on before " + inner);
            }
        }
        return Optional.empty();
    }

    private Optional<String> atTheEnd() {
        JobBrief brief = plan.brief();
        if (!on.equals(has)) {
            return Optional.of("not everything is on at the end: " + on);
        }
        for (StackedPart part : brief.stack().parts()) {
            Kind kind = puts.get(part.part());
            if (kind == Kind.REFIT
                    && (part.usual() == Fate.ALWAYS_NEW || brief.condemned().contains(part.part()))) {
                return Optional.of(part.part() + " goes back though it must be new");
            }
        }
        for (Part cone : List.of(INBOARD_CONE, OUTBOARD_CONE)) {
            Part cup = cone.otherRing().orElseThrow();
            boolean newCup = puts.get(cup) == Kind.RENEW || puts.get(cup) == Kind.FIT || brief.comesWithHub(cup);
            boolean newCone = puts.get(cone) == Kind.RENEW || puts.get(cone) == Kind.FIT;
            if (newCup != newCone) {
                return Optional.of(cone + " and its cup have different fates");
            }
        }
        Ledger ledger = Ledger.after(plan.steps(), brief);
        if (!ledger.isEmpty()) {
            return Optional.of("something lies on the tray at the end");
        }
        for (Ledger.Entry entry : ledger.entries()) {
            if (entry.fate() == Fate.JUDGE && puts.get(entry.part()) == Kind.REFIT) {
                return Optional.of(entry.part() + " goes back without having been judged");
            }
        }
        boolean isSet =
                plan.find(brief.setsByNut() ? "nut.stop" : "nut.full-torque").isPresent();
        if (isSet != brief.scope().setsNut()) {
            return Optional.of(isSet ? "a nut that nobody touches is set" : "the nut is not set");
        }
        boolean newPair = puts.get(INBOARD_CONE) != null && puts.get(INBOARD_CONE) != Kind.REFIT;
        if (has.contains(SPACER) && newPair && puts.get(SPACER) == Kind.REFIT) {
            return Optional.of("the old spacer goes in with a new pair");
        }
        return Optional.empty();
    }
}
