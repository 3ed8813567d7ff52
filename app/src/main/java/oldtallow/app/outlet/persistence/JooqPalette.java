package oldtallow.app.outlet.persistence;

import static oldtallow.db.tables.PaletteWord.PALETTE_WORD;
import static org.jooq.impl.DSL.exists;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectOne;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.outlet.model.PaletteStore;
import oldtallow.db.tables.PaletteWord;
import oldtallow.db.tables.records.PaletteWordRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/**
 * Prefix search by range in a btree of collation C: text comparison is leakproof, so that it is used below the row-level wall,
 * which LIKE is not.
 */
@Repository
class JooqPalette implements PaletteStore {

    /** Beyond this a word is common: another one is searched first. */
    private static final int COMMON = 300;

    private final DSLContext db;

    JooqPalette(DSLContext db) {
        this.db = db;
    }

    @Override
    public void index(UUID rigId, List<Entry> entries) {
        db.deleteFrom(PALETTE_WORD)
                .where(PALETTE_WORD.WORKSHOP_ID.eq(CurrentPerson.workshopId()), PALETTE_WORD.RIG_ID.eq(rigId))
                .execute();
        List<PaletteWordRecord> rows = new ArrayList<>();
        for (Entry entry : entries) {
            for (String word : entry.words()) {
                rows.add(new PaletteWordRecord(
                        CurrentPerson.workshopId(), word, entry.kind().name(), entry.targetId(), entry.rigId()));
            }
        }
        db.batchInsert(rows).execute();
    }

    @Override
    public List<Entry> find(List<String> beginnings, int most) {
        List<String> rarestFirst = beginnings.size() == 1
                ? beginnings
                : beginnings.stream()
                        .sorted(Comparator.comparingInt(word -> known(word)))
                        .toList();
        List<Condition> others =
                rarestFirst.stream().skip(1).map(JooqPalette::alsoHas).toList();
        return db
                .select(PALETTE_WORD.KIND, PALETTE_WORD.TARGET_ID, PALETTE_WORD.RIG_ID, PALETTE_WORD.WORD)
                .from(PALETTE_WORD)
                .where(
                        PALETTE_WORD.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        begins(PALETTE_WORD, rarestFirst.getFirst()))
                .and(org.jooq.impl.DSL.and(others))
                .orderBy(PALETTE_WORD.WORD, PALETTE_WORD.KIND, PALETTE_WORD.TARGET_ID)
                .limit(most * 3)
                .fetch(row -> new Entry(Kind.valueOf(row.value1()), row.value2(), row.value3(), Set.of(row.value4())))
                .stream()
                .collect(Collectors.toMap(
                        entry -> entry.kind() + " " + entry.targetId(),
                        entry -> entry,
                        (a, b) -> a,
                        LinkedHashMap::new))
                .values()
                .stream()
                .limit(most)
                .toList();
    }

    private int known(String word) {
        return db.fetchCount(selectOne()
                .from(PALETTE_WORD)
                .where(PALETTE_WORD.WORKSHOP_ID.eq(CurrentPerson.workshopId()), begins(PALETTE_WORD, word))
                .limit(COMMON));
    }

    private static Condition alsoHas(String word) {
        PaletteWord other = PALETTE_WORD.as("other");
        return exists(select(other.WORD)
                .from(other)
                .where(
                        other.WORKSHOP_ID.eq(PALETTE_WORD.WORKSHOP_ID),
                        other.KIND.eq(PALETTE_WORD.KIND),
                        other.TARGET_ID.eq(PALETTE_WORD.TARGET_ID),
                        begins(other, word)));
    }

    private static Condition begins(PaletteWord table, String word) {
        return table.WORD.ge(word).and(table.WORD.lt(word + Character.toString(Character.MAX_CODE_POINT - 2)));
    }
}
