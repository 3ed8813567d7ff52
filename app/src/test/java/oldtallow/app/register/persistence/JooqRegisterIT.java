package oldtallow.app.register.persistence;

import static oldtallow.db.tables.Rig.RIG;
import static oldtallow.db.tables.WheelEnd.WHEEL_END;
import static oldtallow.db.tables.Workshop.WORKSHOP;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import oldtallow.app.register.Rig;
import oldtallow.app.register.RigKind;
import oldtallow.app.register.Side;
import oldtallow.app.register.SpindleNut;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.core.endplay.Authority;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.endplay.GoverningFigure;
import oldtallow.core.lock.CastleNut;
import oldtallow.core.lock.FreeAngleLock;
import oldtallow.core.lock.LockPattern;
import oldtallow.core.lock.LockPlate;
import oldtallow.core.lock.SeatedRetainer;
import oldtallow.core.lock.TangWasher;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.sequence.NutSchool;
import oldtallow.core.thread.Hand;
import oldtallow.core.thread.SpindleThread;
import org.jooq.DSLContext;
import org.jooq.exception.DataAccessException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class JooqRegisterIT {

    private final UUID workshop = UUID.randomUUID();
    private DSLContext db;
    private JooqRegister register;

    @BeforeEach
    void openAWorkshop(RunningOldTallow app) {
        db = app.db();
        register = new JooqRegister(db);
        db.insertInto(WORKSHOP, WORKSHOP.ID, WORKSHOP.NAME)
                .values(workshop, "Test")
                .execute();
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
        Rig rig = rig(1, locks);

        register.add(workshop, rig);

        assertThat(register.rigs(workshop)).containsExactly(rig);
        WheelEnd first = rig.axles().getFirst().wheelEnds().getFirst();
        assertThat(register.wheelEnd(workshop, first.id())).contains(first);
    }

    @Test
    void showsNothingOfAnotherWorkshop() {
        Rig rig = rig(1, List.of(FreeAngleLock.STAKED_COLLAR));
        register.add(workshop, rig);
        UUID stranger = UUID.randomUUID();

        assertThat(register.rigs(stranger)).isEmpty();
        assertThat(register.wheelEnd(
                        stranger, rig.axles().getFirst().wheelEnds().getFirst().id()))
                .isEmpty();
    }

    @Test
    void refusesAReferenceIntoAnotherWorkshop() {
        UUID other = UUID.randomUUID();
        db.insertInto(WORKSHOP, WORKSHOP.ID, WORKSHOP.NAME)
                .values(other, "Other")
                .execute();
        Rig rig = rig(1, List.of(FreeAngleLock.STAKED_COLLAR));
        register.add(workshop, rig);
        WheelEnd stray = rig(2, List.of(FreeAngleLock.STAKED_COLLAR))
                .axles()
                .getFirst()
                .wheelEnds()
                .getFirst();

        assertThatThrownBy(() -> db.insertInto(WHEEL_END)
                        .set(WheelEndRow.record(other, rig.axles().getFirst().id(), stray))
                        .execute())
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("foreign key");
    }

    @Test
    void refusesALockThatLacksItsNumbers() {
        Rig rig = rig(1, List.of(new CastleNut(6, List.of(Turn.ZERO))));
        register.add(workshop, rig);

        assertThatThrownBy(() -> db.update(WHEEL_END)
                        .setNull(WHEEL_END.LOCK_SLOTS)
                        .where(WHEEL_END.WORKSHOP_ID.eq(workshop))
                        .execute())
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("check constraint");
        assertThat(db.fetchCount(RIG, RIG.WORKSHOP_ID.eq(workshop))).isEqualTo(1);
    }

    @Test
    void aFigureOfItsOwnComesBeforeTheRuleForAll() {
        Rig rig = rig(1, List.of(new CastleNut(6, List.of(Turn.ZERO))));
        register.add(workshop, rig);
        UUID end = rig.axles().getFirst().wheelEnds().getFirst().id();
        register.addWindow(workshop, null, figure(0.02, 0.12, Authority.WORKSHOP, "rule for all"));
        register.addWindow(workshop, end, figure(0.03, 0.10, Authority.WORKSHOP, "rule for this one"));
        register.addWindow(workshop, end, figure(-0.05, 0, Authority.MAKER, "manual, p. 4"));

        WheelEnd read = register.wheelEnd(workshop, end).orElseThrow();

        assertThat(read.windows())
                .extracting(GoverningFigure::source)
                .containsExactly("manual, p. 4", "rule for this one");
        assertThat(read.window().value().reachesPreload()).isTrue();
    }

    @Test
    void refusesPreloadAsAWorkshopRule() {
        assertThatThrownBy(() ->
                        register.addWindow(workshop, null, figure(-0.05, 0.1, Authority.WORKSHOP, "our own idea")))
                .isInstanceOf(DataAccessException.class)
                .hasMessageContaining("check constraint");
    }

    private static GoverningFigure<EndPlayWindow> figure(
            double least, double most, Authority authority, String source) {
        return new GoverningFigure<>(
                new EndPlayWindow(Length.ofMillimetres(least), Length.ofMillimetres(most)), authority, source);
    }

    /** One axle per lock, a left wheel end on each. */
    private static Rig rig(int number, List<LockPattern> locks) {
        UUID id = UUID.randomUUID();
        var axles = new ArrayList<Rig.Axle>();
        for (LockPattern lock : locks) {
            int position = axles.size() + 1;
            var nut = new SpindleNut("M24×1.5", SpindleThread.M24_1_5.cut(Hand.LEFT), lock, Length.ofMillimetres(3.25));
            var end = new WheelEnd(
                    UUID.randomUUID(),
                    id,
                    "Rig " + number,
                    position,
                    locks.size(),
                    Side.LEFT,
                    "stepped spindle",
                    nut,
                    NutSchool.INCH_POUND,
                    List.of());
            axles.add(new Rig.Axle(UUID.randomUUID(), position, 800 * position, 1500, List.of(end)));
        }
        return new Rig(id, number, RigKind.WORK_TRAILER, "Rig " + number, "OT " + number, 6000, 2000, 1000, axles);
    }
}
