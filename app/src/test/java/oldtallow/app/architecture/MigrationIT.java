package oldtallow.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oldtallow.postgres.ThrowawayPostgres;
import org.flywaydb.core.Flyway;
import org.jooq.CloseableDSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;

/** A workshop that began with an older version keeps what it has. */
class MigrationIT {

    @Test
    void aRegisterFromBeforeThereWerePeopleIsTakenOver() throws Exception {
        try (var postgres = ThrowawayPostgres.start();
                CloseableDSLContext db = DSL.using(postgres.url(), postgres.user(), "")) {
            migrate(postgres, "1");
            db.execute("insert into workshop (id, name) values (gen_random_uuid(), 'Old shed')");
            for (int number = 1; number <= 2; number++) {
                db.execute("""
                        insert into rig (id, workshop_id, kind, name, plate, yard_number, length_mm, width_mm, drawbar_mm)
                        select gen_random_uuid(), id, 'CAMPER', 'Rig ' || ?, 'OT 1', ?, 4000, 2000, 1000 from workshop
                        """, number, number);
            }
            db.execute("""
                    insert into axle (id, workshop_id, rig_id, position, from_front_mm, track_mm)
                    select gen_random_uuid(), workshop_id, id, 1, 2000, 1500 from rig""");
            for (String side : List.of("LEFT", "RIGHT")) {
                db.execute("""
                        insert into wheel_end (id, workshop_id, axle_id, side, construction, thread_designation,
                            thread_pitch_um, thread_diameter_um, thread_hand, lock_kind, lock_slots, lock_marks_deg,
                            washer_thickness_um, school)
                        select gen_random_uuid(), workshop_id, id, ?, 'grease-through spindle', '1-14 UNS', 1814, 25400,
                            'RIGHT', 'CASTLE_NUT', 6, '{0,90}', 3200, 'INCH_POUND' from axle""", side);
            }
            db.execute("""
                    insert into end_play_figure (id, workshop_id, wheel_end_id, authority, least_um, most_um, source)
                    select gen_random_uuid(), workshop_id, id, 'MAKER', 30, 90, 'manual, p. 2' from wheel_end""");

            migrate(postgres, "latest");

            assertThat(db.fetch("select distinct construction, cap, lock_slots, dimensions_um ->> 'WASHER_THICKNESS'"
                                    + " from wheel_end_build")
                            .format())
                    .contains("GREASE_THROUGH", "RUBBER_PLUG", "3200");
            assertThat(db.fetchValue("select count(*) from wheel_end_build")).isEqualTo(4L);
            assertThat(db.fetchValues("select distinct procedure from wheel_end_build"))
                    .isEqualTo(List.of("INCH_POUND"));
            assertThat(db.fetchValue("select count(*) from figure where kind = 'END_PLAY' and source = 'manual, p. 2'"))
                    .isEqualTo(4L);
            assertThat(db.fetchValues("select plate from rig order by yard_number"))
                    .as("two of one plate: the later one is marked, neither is lost")
                    .isEqualTo(List.of("OT 1", "OT 1 #2"));
            assertThat(db.fetchValue("select count(*) from rig_standing")).isEqualTo(2L);
        }
    }

    private static void migrate(ThrowawayPostgres postgres, String target) {
        Flyway.configure()
                .dataSource(postgres.url(), postgres.user(), "")
                .target(target)
                .load()
                .migrate();
    }
}
