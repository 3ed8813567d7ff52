package oldtallow.app.register.persistence;

import static oldtallow.db.tables.Rig.RIG;
import static oldtallow.db.tables.WheelEnd.WHEEL_END;
import static oldtallow.db.tables.WheelEndBuild.WHEEL_END_BUILD;
import static oldtallow.db.tables.Workshop.WORKSHOP;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.RigKind;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.testing.AtWork;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.Rigs;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class JooqRegisterIT {

    private static final LockPattern CASTLE = new CastleNut(6, List.of(Turn.ZERO));

    private final UUID workshop = UUID.randomUUID();
    private DSLContext db;
    private JooqRegister register;

    @BeforeEach
    void openAWorkshop(RunningOldTallow app) {
        db = app.db();
        register = new JooqRegister(db, new JooqWheelEnds(db));
        db.insertInto(WORKSHOP, WORKSHOP.ID, WORKSHOP.NAME)
                .values(workshop, "Test")
                .execute();
        AtWork.in(workshop);
    }

    @AfterEach
    void goHome() {
        AtWork.over();
    }

    @Test
    void readsBackEveryKindOfLockExactly() {
        List<LockPattern> locks = List.of(
                new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(45))),
                new SeatedRetainer(10, 12, List.of(Turn.ZERO)),
                new TangWasher(6, List.of(Turn.ofDegrees(15))),
                new LockPlate(15, 12, 3),
                FreeAngleLock.TWO_NUTS,
                FreeAngleLock.STAKED_COLLAR);
        Rig rig = Rigs.rig(
                1,
                "Every lock",
                locks.stream()
                        .map(lock -> Rigs.build(lock, SpindleThread.M24_1_5, ThreadHand.LEFT))
                        .toList());

        register.add(rig);

        assertThat(register.rigs(List.of(rig.id()))).containsExactly(rig);
        WheelEnd first = rig.axles().getFirst().wheelEnds().getFirst();
        assertThat(register.wheelEnd(first.id())).contains(first);
    }

    @Test
    void showsNothingOfAnotherWorkshop() {
        Rig rig = added("Ours");
        AtWork.in(UUID.randomUUID());

        assertThat(register.rigs(List.of(rig.id()))).isEmpty();
        assertThat(register.idsAfter(null, 10)).isEmpty();
        assertThat(register.wheelEnd(end(rig).id())).isEmpty();
    }

    @Test
    void refusesAReferenceIntoAnotherWorkshop() {
        UUID other = UUID.randomUUID();
        db.insertInto(WORKSHOP, WORKSHOP.ID, WORKSHOP.NAME)
                .values(other, "Other")
                .execute();
        Rig rig = added("Ours");

        assertThatThrownBy(() -> db.insertInto(WHEEL_END)
                        .set(WHEEL_END.ID, UUID.randomUUID())
                        .set(WHEEL_END.WORKSHOP_ID, other)
                        .set(WHEEL_END.AXLE_ID, rig.axles().getFirst().id())
                        .set(WHEEL_END.SIDE, "LEFT")
                        .execute())
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("foreign key");
    }

    @Test
    void refusesALockThatLacksItsNumbers() {
        added("Ours");

        assertThatThrownBy(() -> db.update(WHEEL_END_BUILD)
                        .setNull(WHEEL_END_BUILD.LOCK_SLOTS)
                        .where(WHEEL_END_BUILD.WORKSHOP_ID.eq(workshop))
                        .execute())
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("check constraint");
        assertThat(db.fetchCount(RIG, RIG.WORKSHOP_ID.eq(workshop))).isEqualTo(1);
    }

    @Test
    void keepsWhatWasTrueBeforeAChange() {
        WheelEnd end = end(added("Ours"));
        WheelEndBuild later = changed(end.build(), FreeAngleLock.TWO_NUTS);

        assertThat(register.changeBuild(end.id(), 1, later)).isTrue();

        assertThat(register.builds(end.id())).containsExactly(later, end.build());
        assertThat(register.wheelEnd(end.id()).orElseThrow().build()).isEqualTo(later);
        assertThat(register.wheelEnd(end.id()).orElseThrow().version()).isEqualTo(2);
    }

    /** A castle nut's slots must not survive in the row of what replaced it. */
    @Test
    void aSecondChangeOfADayReplacesTheFirstWhole() {
        WheelEnd end = end(added("Ours"));
        WheelEndBuild first = changed(end.build(), CASTLE);
        WheelEndBuild second = changed(end.build(), new LockPlate(15, 12, 3));

        register.changeBuild(end.id(), 1, first);
        register.changeBuild(end.id(), 2, second);

        assertThat(register.builds(end.id())).containsExactly(second, end.build());
    }

    @Test
    void aStaleEditChangesNothing() {
        Rig rig = added("Ours");
        WheelEnd end = end(rig);
        assertThat(register.change(rig.id(), 1, renamed(rig, "Theirs"))).isTrue();

        assertThat(register.change(rig.id(), 1, renamed(rig, "Mine"))).isFalse();
        assertThat(register.changeBuild(end.id(), 7, changed(end.build(), CASTLE)))
                .isFalse();

        assertThat(register.rigs(List.of(rig.id())).getFirst().name()).isEqualTo("Theirs");
        assertThat(register.builds(end.id())).hasSize(1);
    }

    @Test
    void knowsAPlateHoweverItIsWritten() {
        Rig rig = added("Ours"); // its plate is OT 1

        assertThat(register.rigWithPlate("ot-1", UUID.randomUUID())).contains("Ours");
        assertThat(register.rigWithPlate("ot-1", rig.id())).isEmpty();
        assertThat(register.rigWithPlate("OT 2", UUID.randomUUID())).isEmpty();
        AtWork.in(UUID.randomUUID());
        assertThat(register.rigWithPlate("OT 1", UUID.randomUUID())).isEmpty();
    }

    private Rig added(String name) {
        Rig rig = Rigs.rig(1, name, List.of(Rigs.build(CASTLE, SpindleThread.M24_1_5, ThreadHand.RIGHT)));
        register.add(rig);
        return rig;
    }

    private static WheelEnd end(Rig rig) {
        return rig.axles().getFirst().wheelEnds().getFirst();
    }

    private static WheelEndBuild changed(WheelEndBuild before, LockPattern lock) {
        return new WheelEndBuild(
                before.since().plusDays(40),
                Construction.GREASE_THROUGH,
                "M24×1.5",
                SpindleThread.M24_1_5.cut(ThreadHand.RIGHT),
                lock,
                ProcedureId.INCH_POUND,
                HubPreset.of(Construction.GREASE_THROUGH).fittings(),
                Map.of(HubDimension.SEAL_LAND, Length.ofMillimetres(57)));
    }

    private static RigEntry renamed(Rig rig, String name) {
        return new RigEntry(
                RigKind.HORSE_TRAILER,
                name,
                rig.plate(),
                new Rig.Owner("", ""),
                null,
                Set.of(),
                new Rig.Distance(Rig.Distance.By.ESTIMATE, null, null, null),
                rig.plan());
    }
}
