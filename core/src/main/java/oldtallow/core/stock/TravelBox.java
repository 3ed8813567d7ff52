package oldtallow.core.stock;

import java.util.EnumSet;
import java.util.Set;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.step.Tool;

/**
 * Tools that go along to change bearings at the roadside. Common practice: hammer and square-edged cold chisel for the cups,
 * driver or old cup, socket, jack and stand, gloves; what measures to a hundredth stays at home, and so do manual and workshop
 * machines. A roadside plan asks for nothing of that.
 */
public final class TravelBox {

    private static final Set<Tool> ALWAYS = EnumSet.of(Tool.HAMMER, Tool.COLD_CHISEL, Tool.RACE_DRIVER, Tool.GLOVES);

    private static final Set<Tool> STAY_HOME = EnumSet.of(
            Tool.CALLIPER,
            Tool.DIAL_INDICATOR,
            Tool.FEELER,
            Tool.FINE_FILE,
            Tool.PAINT_MARKER,
            Tool.TORQUE_WRENCH_SMALL,
            Tool.SPRING_SCALE,
            Tool.PRESS,
            Tool.OVEN,
            Tool.FREEZER,
            Tool.PARTS_WASHER,
            Tool.COMPRESSED_AIR,
            Tool.SEAL_DRIVER,
            Tool.MANUAL,
            Tool.PULLER,
            Tool.WELDER,
            Tool.GRINDER,
            Tool.BEARING_PACKER);

    private TravelBox() {}

    /** What a roadside rescue by this plan takes. */
    public static Set<Tool> of(Plan roadside) {
        Set<Tool> tools = EnumSet.copyOf(ALWAYS);
        roadside.tools().values().forEach(tools::addAll);
        tools.removeAll(STAY_HOME);
        return tools;
    }
}
