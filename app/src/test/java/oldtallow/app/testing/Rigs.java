package oldtallow.app.testing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigKind;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.quantity.Length;

/** Rigs and wheel ends for tests. */
public final class Rigs {

    public static final LocalDate BUILT = LocalDate.of(2024, 3, 1);

    private Rigs() {}

    public static WheelEndBuild build(LockPattern lock) {
        return build(lock, SpindleThread.UNS_1_14, ThreadHand.RIGHT);
    }

    public static WheelEndBuild build(LockPattern lock, SpindleThread thread, ThreadHand hand) {
        return new WheelEndBuild(
                BUILT,
                Construction.STEPPED_BRAKED,
                thread.designation(),
                thread.cut(hand),
                lock,
                ProcedureId.SEAT_AND_FINGER_TIGHT,
                HubPreset.of(Construction.STEPPED_BRAKED).fittings(),
                Map.of(HubDimension.WASHER_THICKNESS, Length.ofMillimetres(3)));
    }

    public static WheelEnd wheelEnd(UUID id, WheelEndBuild build) {
        return new WheelEnd(id, 1, UUID.randomUUID(), "Test camper", UUID.randomUUID(), 1, 1, Side.LEFT, build);
    }

    /** One axle per build, both wheel ends alike. */
    public static Rig rig(int number, String name, List<WheelEndBuild> builds) {
        UUID id = UUID.randomUUID();
        List<Rig.Axle> axles = new ArrayList<>();
        for (WheelEndBuild build : builds) {
            UUID axleId = UUID.randomUUID();
            int position = axles.size() + 1;
            List<WheelEnd> ends = new ArrayList<>();
            for (Side side : Side.values()) {
                ends.add(new WheelEnd(UUID.randomUUID(), 1, id, name, axleId, position, builds.size(), side, build));
            }
            axles.add(new Rig.Axle(axleId, position, 800 * position, 1500, ends));
        }
        return new Rig(
                id,
                1,
                number,
                RigKind.WORK_TRAILER,
                name,
                "OT " + number,
                new Rig.Owner("Somebody", "at the gate"),
                2001,
                Set.of(Rig.Use.BRAKED, Rig.Use.OFF_ROAD),
                new Rig.Distance(Rig.Distance.By.HUB_METER, 12_000, BUILT, 4000),
                new Rig.Plan(6000, 2000, 1000),
                axles);
    }
}
