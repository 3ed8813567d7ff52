package oldtallow.app.demo;

import java.math.BigDecimal;
import java.util.List;
import oldtallow.app.register.RigKind;
import oldtallow.app.register.Side;
import oldtallow.app.wire.FigureForm;
import oldtallow.app.wire.LockForm;
import oldtallow.app.wire.TorqueEntry;
import oldtallow.core.sequence.NutSchool;
import org.jspecify.annotations.Nullable;

/** The made-up yard as its file tells it. */
record DemoYard(FigureForm rule, List<DemoRig> rigs) {

    record DemoRig(
            RigKind kind,
            String name,
            String plate,
            Integer lengthMillimetres,
            Integer widthMillimetres,
            Integer drawbarMillimetres,
            List<DemoAxle> axles) {}

    /** An axle; both wheel ends share the hub, each has settings of its own. */
    record DemoAxle(
            Integer fromFrontMillimetres,
            Integer trackMillimetres,
            DemoHub hub,
            List<DemoSetting> left,
            List<DemoSetting> right) {

        List<DemoSetting> settings(Side side) {
            return side == Side.LEFT ? left : right;
        }
    }

    /**
     * What stands on both spindles of an axle.
     *
     * @param thread name of a spindle thread of the core
     */
    record DemoHub(
            String construction,
            String thread,
            LockForm lock,
            @Nullable Double washerMillimetres,
            NutSchool school,
            @Nullable FigureForm maker) {}

    /**
     * A setting in the past, locked at the stop nearest to {@code stopNear}.
     *
     * @param looserDegrees from zero play until a slot meets mark 1
     * @param stopNear degrees of back-off near which the nut was locked
     */
    record DemoSetting(
            Integer daysAgo,
            String by,
            BigDecimal looserDegrees,
            Double stopNear,
            @Nullable Double measuredMillimetres,
            @Nullable TorqueEntry torque,
            @Nullable String note) {}
}
