package oldtallow.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What every table of the migrated database must keep to, read from PostgreSQL's own catalogue. */
@ExtendWith(OldTallowExtension.class)
class SchemaIT {

    @Test
    void everyRowBelongsToAWorkshop(RunningOldTallow app) {
        List<String> without = app.db().fetch("""
                        select t.table_name from information_schema.tables t
                        where t.table_schema = 'public' and t.table_type = 'BASE TABLE'
                          and t.table_name not in ('workshop', 'flyway_schema_history',
                            -- read before anybody's workshop is known
                            'sign_in_failure', 'security_event', 'workshop_opening', 'spring_session', 'spring_session_attributes')
                          and not exists (
                            select from information_schema.columns c
                            where c.table_schema = t.table_schema and c.table_name = t.table_name
                              and c.column_name = 'workshop_id' and c.is_nullable = 'NO')
                        """).getValues(0, String.class);

        assertThat(without).isEmpty();
    }

    @Test
    void everyTableOfAWorkshopIsWalledAndAudited(RunningOldTallow app) {
        List<String> open = app.db().fetch("""
                        select c.relname from pg_class c
                        join pg_attribute a on a.attrelid = c.oid and a.attname = 'workshop_id'
                        where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace
                          and not (c.relrowsecurity
                            and exists (select from pg_policy p where p.polrelid = c.oid)
                            and (c.relname in ('audit_entry', 'security_event', 'entry_sent',
                              -- only repeat what audited tables say
                              'palette_word', 'rig_standing', 'rank_pass', 'due_basis', 'due_change', 'calendar_entry', 'mail_sent') or exists (
                                select from pg_trigger t where t.tgrelid = c.oid and t.tgname = 'audit')))
                        """).getValues(0, String.class);

        assertThat(open).isEmpty();
    }

    @Test
    void everyReferenceStaysInsideAWorkshop(RunningOldTallow app) {
        List<String> leaving = app.db().fetch("""
                        select conname from pg_constraint
                        where contype = 'f' and confrelid <> all (array['workshop', 'spring_session']::regclass[])
                          and not exists (
                            select from unnest(conkey) as k
                            join pg_attribute a on a.attrelid = conrelid and a.attnum = k
                            where a.attname = 'workshop_id')
                        """).getValues(0, String.class);

        assertThat(leaving).isEmpty();
    }
}
