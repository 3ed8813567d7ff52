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
                          and t.table_name not in ('workshop', 'flyway_schema_history')
                          and not exists (
                            select from information_schema.columns c
                            where c.table_schema = t.table_schema and c.table_name = t.table_name
                              and c.column_name = 'workshop_id' and c.is_nullable = 'NO')
                        """).getValues(0, String.class);

        assertThat(without).isEmpty();
    }

    @Test
    void everyReferenceStaysInsideAWorkshop(RunningOldTallow app) {
        List<String> leaving = app.db().fetch("""
                        select conname from pg_constraint
                        where contype = 'f' and confrelid <> 'workshop'::regclass
                          and not exists (
                            select from unnest(conkey) as k
                            join pg_attribute a on a.attrelid = conrelid and a.attnum = k
                            where a.attname = 'workshop_id')
                        """).getValues(0, String.class);

        assertThat(leaving).isEmpty();
    }
}
