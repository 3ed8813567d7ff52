package oldtallow.app.job.web;

import java.util.List;
import java.util.Set;
import oldtallow.app.job.form.ChoiceAskedView;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.section.PartName;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.choice.ChoiceOpen;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.look.Sign;
import oldtallow.core.procedure.run.Reach;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.Plate;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.schedule.figure.FigureKind;
import org.jspecify.annotations.Nullable;

/**
 * A step as the bench shows it.
 *
 * @param numberInStage from 1
 * @param wantsSizes whether sizes of spanners and sockets matter
 * @param asks what is asked of the first look
 * @param judges what is judged at it
 * @param aid what can be worked out beside it
 * @param plates how it is done on this hub, drawn
 * @param absentable whether what it is about is not on every hub, and has not come off this one on this job
 * @param choices what is chosen among where it first matters
 * @param once whether it is done once for the rig, whatever number of hubs are worked on
 * @param together whether one press says it of all hubs that have come to it, at every pace
 */
record BenchStepView(
        String id,
        Stage stage,
        int stageNumber,
        String stageWords,
        int numberInStage,
        int stepsInStage,
        String what,
        String why,
        List<String> how,
        List<String> tools,
        List<String> supplies,
        List<CautionView> cautions,
        List<MoveView> moves,
        List<ReadingKindView> readings,
        List<CheckView> checks,
        @Nullable TimerView timer,
        boolean byMechanic,
        boolean wantsSizes,
        List<Sign.Kind> asks,
        @Nullable JudgedItem judges,
        @Nullable Aid aid,
        List<Plate> plates,
        boolean absentable,
        boolean once,
        boolean together,
        List<ChoiceAskedView> choices) {

    static BenchStepView of(Step step, Bench<WheelEnd> bench, List<ChoiceOpen> choices) {
        List<Step> ofStage = bench.plan().steps().stream()
                .filter(one -> one.stage() == step.stage())
                .toList();
        return new BenchStepView(
                step.id(),
                step.stage(),
                step.stage().number(),
                step.stage().words(),
                ofStage.indexOf(step) + 1,
                ofStage.size(),
                step.what(),
                step.why(),
                step.how(),
                step.tools().stream().map(Tool::words).toList(),
                step.supplies().stream().map(Supply::words).toList(),
                step.cautions().stream().map(CautionView::of).toList(),
                step.moves().stream().map(MoveView::of).toList(),
                step.readings().stream().map(ReadingKindView::of).toList(),
                step.checks().stream()
                        .map(check -> new CheckView(
                                check.id(),
                                check.says(),
                                check.must(),
                                check.meaning(),
                                bench.metChecks().contains(check.id()),
                                bench.waivedChecks().contains(check.id())))
                        .toList(),
                step.timer()
                        .map(timer -> new TimerView(timer.lasts().getSeconds(), timer.words()))
                        .orElse(null),
                step.byMechanic(),
                step.tools().stream().anyMatch(Tool::comesInSizes),
                step.asks(),
                step.verdictOn().orElse(null),
                step.aid().orElse(null),
                step.plates().stream()
                        .filter(plate -> !plate.turnsTheNut() || turnsRight(bench.end()))
                        .toList(),
                bench.mayBeAbsent(step),
                Reach.of(step) == Reach.RIG,
                Reach.of(step) == Reach.RIG || Reach.isRoundAtOnce(step.stage()),
                choices.stream()
                        .filter(open -> bench.plan()
                                .steps()
                                .get(open.firstMatters())
                                .id()
                                .equals(step.id()))
                        .map(ChoiceAskedView::of)
                        .toList());
    }

    private static boolean turnsRight(WheelEnd end) {
        return end.build().thread().hand() == ThreadHand.RIGHT;
    }

    /** The same without a number that is not asked for. */
    BenchStepView without(ReadingKind kind) {
        return new BenchStepView(
                id,
                stage,
                stageNumber,
                stageWords,
                numberInStage,
                stepsInStage,
                what,
                why,
                how,
                tools,
                supplies,
                cautions,
                moves,
                readings.stream().filter(one -> one.kind() != kind).toList(),
                checks,
                timer,
                byMechanic,
                wantsSizes,
                asks,
                judges,
                aid,
                plates,
                absentable,
                once,
                together,
                choices);
    }

    /** What happens and what to do. */
    record CautionView(Caution id, String title, String words, boolean licensedWork) {

        static CautionView of(Caution caution) {
            return new CautionView(caution, caution.title(), caution.words(), caution.isLicensedWork());
        }
    }

    /**
     * A part that the step moves.
     *
     * @param drawn what of the section it is
     */
    record MoveView(
            Part part,
            String words,
            PartMove.Kind kind,
            Set<PartName> drawn,
            @Nullable String wayRound) {

        static MoveView of(PartMove move) {
            return new MoveView(
                    move.part(),
                    move.part().words(),
                    move.kind(),
                    move.part().drawn(),
                    move.part().wayRound().orElse(null));
        }
    }

    /**
     * A number that the step takes, and the units it may be typed in.
     *
     * @param figure what governs it
     */
    record ReadingKindView(
            ReadingKind kind,
            String words,
            List<UnitView> units,
            @Nullable FigureKind figure) {

        static ReadingKindView of(ReadingKind kind) {
            return new ReadingKindView(
                    kind,
                    kind.words(),
                    kind.units().stream().map(UnitView::of).toList(),
                    FigureKind.of(kind).orElse(null));
        }
    }

    /** A unit and how it is written. */
    record UnitView(ReadingUnit unit, String symbol) {

        static UnitView of(ReadingUnit unit) {
            return new UnitView(unit, unit.symbol());
        }
    }

    record CheckView(String id, String says, boolean must, Check.Meaning meaning, boolean met, boolean waived) {}

    record TimerView(long seconds, String words) {}
}
