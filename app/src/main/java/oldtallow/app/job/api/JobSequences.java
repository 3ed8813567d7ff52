package oldtallow.app.job.api;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.sequence.SequenceStep;
import oldtallow.core.fastening.sequence.StepKind;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.fastening.sequence.TorqueUnitGuard;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.EntryRules;
import oldtallow.core.procedure.bench.JobEntry.StepDone;
import oldtallow.core.procedure.bench.JobEntry.Taken;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.Digits;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.setting.measure.DragReading;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** By which sequence the nut of a job is set, and whether its readings are what the sequence asks. */
@Service
public class JobSequences implements EntryRules.Sequences<WheelEnd> {

    private static final Set<Part> RINGS =
            Set.of(Part.INBOARD_CUP, Part.OUTBOARD_CUP, Part.INBOARD_CONE, Part.OUTBOARD_CONE);

    private final Figures figures;
    private final AdjustmentProcedures procedures;

    JobSequences(Figures figures, AdjustmentProcedures procedures) {
        this.figures = figures;
        this.procedures = procedures;
    }

    /**
     * The sequence of a job.
     *
     * @param governing whose it is; empty where it was chosen on the bench
     * @param settles whether there are new rings: seated, settled and seated again
     * @param choices procedures that may be chosen on this job
     */
    public record Guide(
            AdjustmentProcedure procedure,
            Optional<GoverningFigure<FigureValue>> governing,
            boolean settles,
            List<AdjustmentProcedure> choices) {

        /** Steps of a kind in the order they are done; seating twice where rings are new. */
        public List<Guided> steps(StepKind kind) {
            List<Guided> steps = new ArrayList<>();
            procedure.steps(kind).forEach(step -> steps.add(new Guided(step, false)));
            if (kind == StepKind.SEAT && settles) {
                procedure.steps(kind).forEach(step -> steps.add(new Guided(step, true)));
            }
            return steps;
        }

        /** How often the hub is turned at least while a kind of step is done; 0 where nobody counts. */
        public int hubTurns(StepKind kind) {
            return steps(kind).stream().mapToInt(one -> one.step().hubTurns()).sum();
        }

        public Optional<TorqueRange> torque(ReadingKind kind) {
            return switch (kind) {
                case SEATING_TORQUE -> procedure.seatingTorque();
                case FINAL_TORQUE -> procedure.finalTorque();
                default -> Optional.empty();
            };
        }
    }

    /** A step to be done, {@code again} for rings that have settled. */
    public record Guided(SequenceStep step, boolean again) {}

    @Transactional(readOnly = true)
    public Guide of(Bench<WheelEnd> bench) {
        WheelEnd end = bench.end();
        AdjustmentProcedure procedure = bench.plan().brief().procedure();
        Optional<GoverningFigure<FigureValue>> governing = governingFigure(end);
        boolean isGoverning = procedure.id().equals(governing(end));
        // what is chosen on the bench does not make a spacer-set hub of one that is set, nor the other way round
        boolean governingSets = procedures.require(governing(end)).setsTheNut();
        Fastening fastening = bench.plan().brief().fastening();
        Set<Part> renewed = bench.renewedInPlan();
        return new Guide(
                procedure,
                bench.procedure().isPresent() || !isGoverning ? Optional.empty() : governing,
                renewed.stream().anyMatch(RINGS::contains),
                procedures.all().stream()
                        .filter(one -> fastening.suits(one.id()))
                        .filter(one -> one.samePartsOnly() ? renewed.isEmpty() : one.setsTheNut() == governingSets)
                        .toList());
    }

    /** By which procedure a wheel end's nut is set, as far as a job goes and unless somebody chose one on it. */
    @Transactional(readOnly = true)
    public AdjustmentProcedure procedure(WheelEnd end, Scope scope, Optional<ProcedureId> chosen) {
        return procedures(end).of(scope, chosen);
    }

    /** As {@link #procedure}, looked up once for all the entries of a job. */
    Bench.Procedures procedures(WheelEnd end) {
        Map<WheelEnd, ProcedureId> governing = new HashMap<>();
        Map<ProcedureId, AdjustmentProcedure> found = new HashMap<>();
        return (scope, chosen) -> found.computeIfAbsent(
                chosen.orElseGet(() -> scope.procedure(governing.computeIfAbsent(end, this::governing))),
                procedures::require);
    }

    private ProcedureId governing(WheelEnd end) {
        return governingFigure(end)
                .map(GoverningFigure::value)
                .map(value -> value instanceof FigureValue.NutSequence asked ? asked.procedure() : end.procedure())
                .orElse(end.procedure());
    }

    private Optional<GoverningFigure<FigureValue>> governingFigure(WheelEnd end) {
        return figures.ladder(end, FigureKind.NUT_SEQUENCE).stream().findFirst();
    }

    @Override
    public void requireFit(Bench<WheelEnd> bench, String chosen) {
        var errors = new FieldErrors();
        ProcedureId id = errors.require(errors.at("procedure", () -> new ProcedureId(chosen)));
        AdjustmentProcedure procedure = procedures.require(id);
        Set<Part> renewed = bench.renewedInPlan();
        if (procedure.samePartsOnly() && !renewed.isEmpty()) {
            throw new InvalidInputException(
                    "procedure",
                    procedure.label(),
                    "holds only with the very same parts; this job renews "
                            + renewed.stream().map(Part::words).sorted().collect(Collectors.joining(", "))
                            + ": set it anew");
        }
    }

    @Override
    public void check(Bench<WheelEnd> bench, Step step, StepDone sent, FieldErrors errors) {
        Optional<StepKind> kind = step.aid().flatMap(Aid::sequence);
        int turns = kind.isPresent() ? of(bench).hubTurns(kind.get()) : 0;
        for (Taken taken : sent.readings()) {
            if (taken.kind() == ReadingKind.HUB_TURNS
                    && step.isMet(Check.Meaning.HUB_TURNED, sent.checksMet())
                    && taken.value() < turns) {
                errors.add(
                        "readings",
                        (int) taken.value() + " turns",
                        "must be " + turns + " or more before the hub counts as turned: turn it on, both ways");
            }
            if (!sent.checksMet().contains(Check.TORQUE_MEANT)) {
                question(bench, taken)
                        .ifPresent(doubt -> errors.add(
                                "readings",
                                Digits.counting(taken.value(), 4) + " N·m",
                                "is " + Digits.counting(doubt.timesExpected(), 2)
                                        + " times what is asked; check the unit, inch- or foot-pounds, or say that it is"
                                        + " meant"));
            }
        }
    }

    /** The torque that is asked where a reading is taken: by the sequence, or by what governs those bolts. */
    @Transactional(readOnly = true)
    public Optional<TorqueRange> asked(Bench<WheelEnd> bench, ReadingKind kind) {
        return FigureKind.of(kind)
                .map(figure -> figures.ladder(bench.end(), figure).stream()
                        .findFirst()
                        .flatMap(governing -> governing.value() instanceof FigureValue.BoltTorque torque
                                ? Optional.of(torque.asked())
                                : Optional.empty()))
                .orElseGet(() -> of(bench).torque(kind));
    }

    /** Doubt about a torque that was taken, in the unit it was typed in; empty where it fits, or where none is asked. */
    public Optional<TorqueUnitGuard.Question> question(Bench<WheelEnd> bench, Taken taken) {
        @Nullable ReadingUnit typed = taken.typed();
        TorqueUnit unit =
                typed == null ? TorqueUnit.NEWTON_METRE : typed.torque().orElse(TorqueUnit.NEWTON_METRE);
        return asked(bench, taken.kind())
                .flatMap(asked -> TorqueUnitGuard.question(taken.value() / unit.newtonMetres(), unit, asked));
    }

    /**
     * What a pull at a stud says of the bearings: the pull with the nut loose, taken when it was released, comes off.
     *
     * @return empty where nobody measured the stud circle, or the reading is another
     */
    public static Optional<DragReading> drag(Bench<WheelEnd> bench, Taken pull) {
        Optional<Length> circle =
                Optional.ofNullable(bench.end().build().dimensions().get(HubDimension.STUD_CIRCLE));
        if (pull.kind() != ReadingKind.ROLLING_DRAG || circle.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new DragReading(
                List.of(Force.ofNewtons(pull.value())),
                circle.get().times(0.5),
                Force.ofNewtons(withNutLoose(bench).orElse(0.0))));
    }

    /** The latest pull with the nut loose on this job, N. */
    public static Optional<Double> withNutLoose(Bench<WheelEnd> bench) {
        return bench.done().stream()
                .flatMap(one -> one.entry().readings().stream())
                .filter(taken -> taken.kind() == ReadingKind.DRAG_WITH_NUT_LOOSE)
                .map(Taken::value)
                .reduce((earlier, later) -> later);
    }

    /** Whose sequence it is, in a few words. */
    public static String whose(Guide guide) {
        return guide.governing()
                .filter(figure -> figure.authority() != Authority.COMMON_PRACTICE)
                .map(GoverningFigure::source)
                .orElse(guide.procedure().source());
    }
}
