package oldtallow.app.register.model;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.schedule.interval.Duty;

/** Kinds of rig, as they are drawn in plan until somebody measures one. */
public enum RigKind {
    UTILITY_TRAILER("utility trailer", Duty.TRAILER, new Rig.Plan(2500, 1400, 1100), 1, 0.55),
    BOAT_TRAILER("boat trailer", Duty.BOAT_TRAILER, new Rig.Plan(5600, 1900, 1300), 1, 0.65),
    CAMPER("camper", Duty.TOURING_TRAILER, new Rig.Plan(5900, 2300, 1250), 1, 0.6),
    HORSE_TRAILER("horse trailer", Duty.TRAILER, new Rig.Plan(3200, 1700, 1200), 2, 0.6),
    WORK_TRAILER("work trailer", Duty.TRAILER, new Rig.Plan(3000, 1600, 1200), 1, 0.58),
    CLASSIC_CAR("classic car", Duty.CLASSIC_CAR, new Rig.Plan(3900, 1520, 0), 2, 0.5),
    LIGHT_TRUCK("light truck", Duty.LIGHT_TRUCK, new Rig.Plan(5300, 1900, 0), 2, 0.5),
    FOUR_WHEEL_DRIVE("four-wheel drive", Duty.FOUR_WHEEL_DRIVE, new Rig.Plan(4300, 1800, 0), 2, 0.5),
    HEAVY_TRAILER("heavy trailer", Duty.HEAVY_TRAILER, new Rig.Plan(9000, 2500, 1600), 3, 0.7);

    /** Axle to axle of a trailer, whose wheels nearly touch. */
    private static final int TRAILER_SPREAD_MM = 900;

    private final String words;
    private final Duty duty;
    private final Rig.Plan plan;
    private final int usualAxles;
    private final double axleShare;

    RigKind(String words, Duty duty, Rig.Plan plan, int usualAxles, double axleShare) {
        this.words = words;
        this.duty = duty;
        this.plan = plan;
        this.usualAxles = usualAxles;
        this.axleShare = axleShare;
    }

    public String words() {
        return words;
    }

    /** How it is kept, whatever it goes through. */
    Duty duty() {
        return duty;
    }

    /** A usual outline of this kind. */
    public Rig.Plan plan() {
        return plan;
    }

    public int usualAxles() {
        return usualAxles;
    }

    /** Where the axles of a rig of this kind usually stand, in mm from the front of its body. */
    public List<Integer> axleLines(int axles, Rig.Plan on) {
        List<Integer> lines = new ArrayList<>();
        boolean drives = plan.drawbarMillimetres() == 0;
        for (int i = 0; i < axles; i++) {
            double line = drives
                    ? on.lengthMillimetres() * (axles == 1 ? 0.5 : 0.18 + 0.62 * i / (axles - 1))
                    : on.lengthMillimetres() * axleShare + (i - (axles - 1) / 2.0) * TRAILER_SPREAD_MM;
            lines.add(Math.clamp(Math.round(line), 0, on.lengthMillimetres()));
        }
        return lines;
    }
}
