package oldtallow.app.demo;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import oldtallow.app.register.model.FittedPart.Condition;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigKind;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.stock.model.StockItem.Tin;
import oldtallow.app.units.TorqueEntry;
import oldtallow.app.units.form.LockForm;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.stock.StockKind;
import org.jspecify.annotations.Nullable;

/** The made-up yard as its file tells it. */
record DemoYard(
        String workshop,
        List<DemoFigure> rules,
        List<DemoJob> jobs,
        List<DemoRig> rigs,
        DemoRates rates,
        List<DemoTool> tools,
        List<DemoGreasing> greasings,
        List<DemoStock> shelf) {

    record DemoRates(BigDecimal hour, BigDecimal sundries, BigDecimal standingDay) {}

    record DemoTool(
            WorkshopTool.Kind kind,
            String name,
            @Nullable Double outsideMillimetres,
            @Nullable Double strokeCubicCentimetres) {}

    /** A grease of the stores that is in a hub. */
    record DemoGreasing(String rig, Integer axle, Side side, String stock, String batch) {}

    /** A thing in the stores. */
    record DemoStock(
            StockKind kind,
            String designation,
            String words,
            String supplier,
            BigDecimal price,
            Integer want,
            @Nullable Tin tin,
            List<DemoBatch> batches) {}

    /** {@code pieces} that came; each of {@code fitted} took one. */
    record DemoBatch(
            String batch,
            Integer madeDaysAgo,
            Integer pieces,
            String note,
            @Nullable String grease,
            @Nullable String history,
            List<DemoWheel> fitted) {}

    record DemoWheel(String rig, Integer axle, Side side) {}

    /**
     * A job half done.
     *
     * @param until the step to do next
     */
    record DemoJob(String rig, Integer axle, Side side, Scope scope, String by, String until) {}

    record DemoRig(
            RigKind kind,
            String name,
            String plate,
            Integer lengthMillimetres,
            Integer widthMillimetres,
            Integer drawbarMillimetres,
            List<DemoAxle> axles,
            String ownerName,
            String ownerContact,
            Integer builtIn,
            Set<Rig.Use> uses,
            DemoDistance distance,
            List<DemoFigure> figures) {}

    record DemoDistance(
            Rig.Distance.By by,
            @Nullable Integer km,
            @Nullable Integer readDaysAgo,
            Integer yearlyKm) {}

    /** An axle; both wheel ends share the hub, each has parts and settings of its own. */
    record DemoAxle(Integer fromFrontMillimetres, Integer trackMillimetres, DemoHub hub, DemoEnd left, DemoEnd right) {

        DemoEnd end(Side side) {
            return side == Side.LEFT ? left : right;
        }
    }

    record DemoEnd(List<DemoSetting> settings, List<DemoPart> parts) {}

    /**
     * What stands on both spindles of an axle.
     *
     * @param thread name of a spindle thread of the core
     * @param inboard designation of a set, where no part says so
     */
    record DemoHub(
            Construction construction,
            String thread,
            LockForm lock,
            @Nullable Double washerMillimetres,
            String procedure,
            String inboard,
            String outboard,
            List<DemoSize> measured,
            List<DemoFigure> figures) {}

    record DemoSize(HubDimension dimension, Double millimetres) {}

    record DemoPart(
            PartPlace place,
            String designation,
            @Nullable String cup,
            @Nullable String pairNumber,
            @Nullable String batch,
            @Nullable Integer packedDaysAgo,
            Integer fittedDaysAgo,
            Condition condition) {}

    /** A figure of the maker's, or of the workshop where it stands among its rules. */
    record DemoFigure(
            FigureKind kind,
            String source,
            @Nullable Double leastMillimetres,
            @Nullable Double mostMillimetres,
            @Nullable Double leastNewtonMetres,
            @Nullable Double mostNewtonMetres,
            @Nullable String words,
            @Nullable Integer months,
            @Nullable Integer kilometres) {}

    /**
     * A setting in the past, locked at the stop nearest to {@code stopNear}.
     *
     * @param looserDegrees from zero play until a slot meets mark 1
     * @param waits that no mechanic has signed an apprentice's setting off yet
     * @param stopNear degrees of back-off near which the nut was locked
     */
    record DemoSetting(
            Integer daysAgo,
            String by,
            BigDecimal looserDegrees,
            Double stopNear,
            @Nullable Double measuredMillimetres,
            @Nullable TorqueEntry torque,
            @Nullable String note,
            @Nullable Boolean waits) {}
}
