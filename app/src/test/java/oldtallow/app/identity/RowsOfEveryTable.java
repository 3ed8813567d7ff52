package oldtallow.app.identity;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.jooq.DSLContext;

/** One row in every table that holds rows of a workshop. A new table needs its row here, or {@link RowSecurityIT} fails. */
final class RowsOfEveryTable {

    private RowsOfEveryTable() {}

    /** The id of the row of a table. */
    static UUID id(UUID workshop, String table) {
        return UUID.nameUUIDFromBytes((workshop + table).getBytes(StandardCharsets.UTF_8));
    }

    static void fill(DSLContext db, UUID workshop) {
        insert(
                db,
                workshop,
                "person",
                "name, sign_in_name, role, password_hash",
                "'Person', 'p-" + workshop.toString().substring(0, 30) + "', 'MECHANIC', 'secret'");
        insert(
                db,
                workshop,
                "rig",
                "kind, name, plate, yard_number, length_mm, width_mm, drawbar_mm",
                "'CAMPER', 'Rig', 'OT 1', 1, 4000, 2000, 1000");
        insert(
                db,
                workshop,
                "axle",
                "rig_id, position, from_front_mm, track_mm",
                "'" + id(workshop, "rig") + "', 1, 2000, 1500");
        insert(db, workshop, "wheel_end", "axle_id, side", "'" + id(workshop, "axle") + "', 'LEFT'");
        insert(
                db,
                workshop,
                "wheel_end_build",
                "wheel_end_id, since, construction, thread_designation, thread_pitch_um, thread_diameter_um,"
                        + " thread_hand, lock_kind, lock_marks_deg, procedure, seal, cap, brake, cavity, washer",
                "'" + id(workshop, "wheel_end")
                        + "', '2024-03-01', 'STEPPED_BRAKED', '1-14 UNS', 1814, 25400, 'RIGHT', 'TWO_NUTS', '{}',"
                        + " 'INCH_POUND', 'LIP', 'PLAIN', 'DRUM', 'FULL', 'FLAT'");
        insert(
                db,
                workshop,
                "figure",
                "authority, kind, least_um, most_um, source",
                "'WORKSHOP', 'END_PLAY', 25, 127, 'rule'");
        insert(
                db,
                workshop,
                "fitted_part",
                "wheel_end_id, place, designation, condition",
                "'" + id(workshop, "wheel_end") + "', 'SEAL', 'a seal', 'NEW'");
        insert(
                db,
                workshop,
                "rig_photo",
                "rig_id, media_type, image",
                "'" + id(workshop, "rig") + "', 'image/png', 'x'");
        insert(
                db,
                workshop,
                "own_bearing_set",
                "cone, cup, series, bore_um, outside_um, width_um, cone_width_um, cup_width_um, e, source",
                "'OWN-1', 'OWN-2', 'METRIC', 30000, 62000, 17000, 16000, 14000, 0.37, 'measured'");
        db.execute(
                "insert into palette_word (workshop_id, word, kind, target_id, rig_id) values (?, 'rig', 'RIG', ?, ?)",
                workshop,
                id(workshop, "rig"),
                id(workshop, "rig"));
        db.execute("insert into rank_pass values (?, 1) on conflict do nothing", workshop);
        db.execute(
                "insert into rig_standing (workshop_id, pass, rig_id, urgency, attention_on)"
                        + " values (?, 1, ?, 2, '2026-01-01')",
                workshop,
                id(workshop, "rig"));
        insert(
                db,
                workshop,
                "nut_setting",
                "wheel_end_id, set_at, set_by, procedure, thread_designation, thread_pitch_um, lock_words, reading_mark,"
                        + " reading_looser_deg, reading_end_play_um, back_off_deg, engaged_marks, end_play_um, verdict,"
                        + " window_least_um, window_most_um, window_usable_um, window_authority, window_source, note",
                "'" + id(workshop, "wheel_end")
                        + "', now(), 'x', 'INCH_POUND', '1-14 UNS', 1814, 'two nuts', 1, 0, 0, 15, '{}', 75, 'INSIDE',"
                        + " 25, 127, 127, 'WORKSHOP', 'rule', ''");
        insert(
                db,
                workshop,
                "nut_setting_sign_off",
                "nut_setting_id, person_id, signed_by, signed_at",
                "'" + id(workshop, "nut_setting") + "', '" + id(workshop, "person") + "', 'x', now()");
        insert(
                db,
                workshop,
                "rig_job",
                "rig_id, round_order, opened_by, opened_at",
                "'" + id(workshop, "rig") + "', 'HUB_BY_HUB', '" + id(workshop, "person") + "', now()");
        insert(
                db,
                workshop,
                "job",
                "rig_job_id, wheel_end_id, construction, scope, worker, known_bearings, known_figures, known_grease, state,"
                        + " opened_by, opened_at",
                "'" + id(workshop, "rig_job") + "', '" + id(workshop, "wheel_end")
                        + "', 'STEPPED_BRAKED', 'REPACK', 'MECHANIC', false, false, false, 'OPEN', '"
                        + id(workshop, "person") + "', now()");
        insert(
                db,
                workshop,
                "job_photo",
                "job_id, media_type, image",
                "'" + id(workshop, "job") + "', 'image/png', 'x'");
        insert(
                db,
                workshop,
                "job_entry",
                "job_id, press_id, number, kind, body, person_id, person_name, at, needs_sign_off",
                "'" + id(workshop, "job") + "', '" + id(workshop, "job") + "', 1, 'Closed', '{}', '"
                        + id(workshop, "person") + "', 'x', now(), false");
        insert(
                db,
                workshop,
                "planned_job",
                "wheel_end_id, scope, wanted_on",
                "'" + id(workshop, "wheel_end") + "', 'RENEW', '2026-12-01'");
        insert(db, workshop, "stock_item", "kind, designation, keeps", "'SEAL', 'a seal', 'NITRILE_SEAL'");
        insert(
                db,
                workshop,
                "stock_batch",
                "item_id, batch, made_on, keeps_until, on_hand",
                "'" + id(workshop, "stock_item") + "', 'B1', '2025-01-01', '2032-01-01', 1");
        insert(
                db,
                workshop,
                "grease_fill",
                "wheel_end_id, name, thickener, person_id, person_name, filled_at",
                "'" + id(workshop, "wheel_end") + "', 'a grease', 'LITHIUM', '" + id(workshop, "person")
                        + "', 'x', now()");
        insert(db, workshop, "workshop_tool", "kind, name, outside_um", "'SOCKET', 'a socket', 40000");
        insert(db, workshop, "usual_choice", "choice, way", "'PACKING', 'PACKER'");
        insert(db, workshop, "workshop_rates", "hour_cents, sundries_cents, standing_day_cents", "6000, 300, 2500");
        insert(
                db,
                workshop,
                "stock_move",
                "batch_id, pieces, reason, person_id, person_name, at",
                "'" + id(workshop, "stock_batch") + "', 1, 'RECEIVED', '" + id(workshop, "person") + "', 'x', now()");
        insert(db, workshop, "own_procedure", "label, body", "'ours', '{}'");
        insert(
                db,
                workshop,
                "play_check",
                "wheel_end_id, nut_setting_id, checked_at, person_id, person_name, readings_um, slack_um, end_play_um,"
                        + " uncertainty_um",
                "'" + id(workshop, "wheel_end") + "', '" + id(workshop, "nut_setting") + "', now(), '"
                        + id(workshop, "person") + "', 'Person', '{50}', 0, 50, 10");
        insert(
                db,
                workshop,
                "service_event",
                "wheel_end_id, action, done_on, source, person_name",
                "'" + id(workshop, "wheel_end") + "', 'REPACK', '2026-01-01', 'HAND', 'x'");
        insert(
                db,
                workshop,
                "meter_entry",
                "rig_id, read_on, shows_km, kind",
                "'" + id(workshop, "rig") + "', '2026-01-01', 1, 'READ'");
        insert(
                db,
                workshop,
                "trip",
                "rig_id, name, state, from_on, to_on, km",
                "'" + id(workshop, "rig") + "', 'Out', 'PLANNED', '2026-01-01', '2026-01-02', 1");
        insert(
                db,
                workshop,
                "trip_leg",
                "trip_id, number, goes_to, on_day, km",
                "'" + id(workshop, "trip") + "', 1, 'there', '2026-01-01', 1");
        insert(
                db,
                workshop,
                "water_entry",
                "rig_id, on_day, kind, salt, hot",
                "'" + id(workshop, "rig") + "', '2026-01-01', 'DUNKING', true, true");
        insert(
                db,
                workshop,
                "warmth_stop",
                "rig_id, at, person_name",
                "'" + id(workshop, "rig") + "', '2026-01-01T10:00:00Z', 'x'");
        insert(
                db,
                workshop,
                "warmth_hub",
                "stop_id, wheel_end_id, touch",
                "'" + id(workshop, "warmth_stop") + "', '" + id(workshop, "wheel_end") + "', 'WARM'");
        insert(
                db,
                workshop,
                "calendar_feed",
                "person_id, name, token_hash",
                "'" + id(workshop, "person") + "', 'x', '" + workshop + "'");
        insert(
                db,
                workshop,
                "calendar_entry",
                "rig_id, from_on, to_on, summary, details, path, lead_days, changed_at",
                "'" + id(workshop, "rig") + "', '2026-01-01', '2026-01-01', 'x', 'x', '/', 0, now()");
        db.execute(
                "insert into mail_reminder (id, workshop_id, address, wanted, send_at, quiet_from, quiet_to, days_ahead)"
                        + " values (?, ?, 'x@y', false, '07:00', '21:00', '06:00', 14)",
                id(workshop, "person"),
                workshop);
        insert(
                db,
                workshop,
                "mail_sent",
                "person_id, at, address, subject, body",
                "'" + id(workshop, "person") + "', now(), 'x@y', 'x', 'x'");
        db.execute("insert into due_basis values (?, ?, '{}')", workshop, id(workshop, "rig"));
        insert(
                db,
                workshop,
                "due_change",
                "rig_id, wheel_end_id, action, is_on, why",
                "'" + id(workshop, "rig") + "', '" + id(workshop, "wheel_end") + "', 'REPACK', '2026-01-01', 'x'");
        db.execute(
                "insert into security_event (at, workshop_id, person_name, kind, address, device, details)"
                        + " values (now(), ?, 'x', 'SIGNED_IN', 'x', 'x', '')",
                workshop);
        db.execute(
                "insert into second_factor (id, workshop_id, secret) values (?, ?, decode(repeat('00', 20), 'hex'))",
                id(workshop, "person"),
                workshop);
        db.execute(
                "insert into passkey (id, workshop_id, person_id, credential_id, public_key, attestation, signature_count,"
                        + " verified, backup_eligible, backed_up, label, created_at, last_used_at)"
                        + " values (?, ?, ?, sha256(?::text::bytea), '', '', 0, true, false, false, 'one', now(), now())",
                id(workshop, "passkey"),
                workshop,
                id(workshop, "person"),
                workshop);
        insert(db, workshop, "entry_sent", "digest", "decode(repeat('00', 32), 'hex')");
        insert(db, workshop, "instrument", "kind, name, serial, port", "'DIAL_INDICATOR', 'dial', 'S1', 7801");
    }

    private static void insert(DSLContext db, UUID workshop, String table, String columns, String values) {
        db.execute("insert into " + table + " (id, workshop_id, " + columns + ") values ('" + id(workshop, table)
                + "', '" + workshop + "', " + values + ")");
    }
}
