package oldtallow.app.stock.persistence;

import static oldtallow.db.tables.StockBatch.STOCK_BATCH;
import static oldtallow.db.tables.StockItem.STOCK_ITEM;
import static oldtallow.db.tables.StockMove.STOCK_MOVE;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.lateral;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectFrom;
import static org.jooq.impl.DSL.sum;

import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.stock.model.ShelfStore;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.stock.model.StockItem.Tin;
import oldtallow.app.stock.model.StockMove;
import oldtallow.core.grease.Thickener;
import oldtallow.core.stock.Money;
import oldtallow.core.stock.ShelfLife;
import oldtallow.core.stock.StockKind;
import oldtallow.db.tables.records.StockBatchRecord;
import oldtallow.db.tables.records.StockItemRecord;
import oldtallow.db.tables.records.StockMoveRecord;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.impl.SQLDataType;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;

@Repository
class JooqShelf implements ShelfStore {

    /** Behind every letter: a range in a btree, which LIKE is not below row security. */
    private static final String AFTER_ALL = Character.toString(Character.MAX_CODE_POINT - 2);

    private static final int MOVES_OF_A_BATCH = 20;

    private final DSLContext db;

    JooqShelf(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<StockItem> items() {
        return db.selectFrom(STOCK_ITEM)
                .where(STOCK_ITEM.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .orderBy(STOCK_ITEM.KIND, STOCK_ITEM.DESIGNATION)
                .fetch(JooqShelf::item);
    }

    @Override
    public Optional<StockItem> item(UUID itemId) {
        return db.selectFrom(STOCK_ITEM)
                .where(STOCK_ITEM.WORKSHOP_ID.eq(CurrentPerson.workshopId()), STOCK_ITEM.ID.eq(itemId))
                .fetchOptional(JooqShelf::item);
    }

    @Override
    public List<StockItem> itemsOf(Collection<UUID> itemIds) {
        return db.selectFrom(STOCK_ITEM)
                .where(
                        STOCK_ITEM.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        STOCK_ITEM.ID.eq(any(itemIds.toArray(UUID[]::new))))
                .fetch(JooqShelf::item);
    }

    @Override
    public boolean add(StockItem item) {
        return db.insertInto(STOCK_ITEM)
                        .set(row(item))
                        .set(STOCK_ITEM.ID, item.id())
                        .set(STOCK_ITEM.WORKSHOP_ID, CurrentPerson.workshopId())
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    @Override
    public boolean change(StockItem item) {
        try {
            return db.update(STOCK_ITEM)
                            .set(row(item))
                            .set(STOCK_ITEM.VERSION, item.version() + 1)
                            .where(
                                    STOCK_ITEM.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                    STOCK_ITEM.ID.eq(item.id()),
                                    STOCK_ITEM.VERSION.eq(item.version()))
                            .execute()
                    == 1;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }

    private static StockItemRecord row(StockItem item) {
        var row = new StockItemRecord();
        row.setKind(item.kind().name());
        row.setDesignation(item.designation());
        row.setWords(item.words());
        row.setSupplier(item.supplier());
        row.setPriceCents(item.price().cents());
        row.setKeeps(item.keeps().name());
        row.setWant(item.want());
        row.setThickener(item.tin().map(tin -> tin.thickener().name()).orElse(null));
        row.setGreaseCode(item.tin().map(Tin::code).orElse(null));
        row.setContentGrams(item.tin().map(Tin::grams).orElse(null));
        return row;
    }

    @Override
    public List<StockBatch> batches(Collection<UUID> itemIds) {
        return db.selectFrom(STOCK_BATCH)
                .where(
                        STOCK_BATCH.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        STOCK_BATCH.ITEM_ID.eq(any(itemIds.toArray(UUID[]::new))))
                .orderBy(STOCK_BATCH.KEEPS_UNTIL, STOCK_BATCH.BATCH)
                .fetch(JooqShelf::batch);
    }

    @Override
    public Optional<StockBatch> batch(UUID batchId) {
        return db.selectFrom(STOCK_BATCH)
                .where(STOCK_BATCH.WORKSHOP_ID.eq(CurrentPerson.workshopId()), STOCK_BATCH.ID.eq(batchId))
                .fetchOptional(JooqShelf::batch);
    }

    @Override
    public List<StockBatch> batchesBeginning(String number, int most) {
        String low = number.toLowerCase(Locale.ROOT);
        return db.selectFrom(STOCK_BATCH)
                .where(
                        STOCK_BATCH.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        STOCK_BATCH.BATCH_LOW.ge(low),
                        STOCK_BATCH.BATCH_LOW.lt(low + AFTER_ALL))
                .orderBy(STOCK_BATCH.BATCH_LOW, STOCK_BATCH.ID)
                .limit(most)
                .fetch(JooqShelf::batch);
    }

    @Override
    public boolean add(StockBatch batch) {
        return db.insertInto(STOCK_BATCH)
                        .set(STOCK_BATCH.ID, batch.id())
                        .set(STOCK_BATCH.WORKSHOP_ID, CurrentPerson.workshopId())
                        .set(STOCK_BATCH.ITEM_ID, batch.itemId())
                        .set(STOCK_BATCH.BATCH, batch.batch())
                        .set(STOCK_BATCH.MADE_ON, batch.madeOn())
                        .set(STOCK_BATCH.KEEPS_UNTIL, batch.keepsUntil())
                        .set(STOCK_BATCH.NOTE, batch.note())
                        .set(STOCK_BATCH.GREASE, batch.grease())
                        .set(STOCK_BATCH.HISTORY, batch.history())
                        .set(STOCK_BATCH.ON_HAND, 0)
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    @Override
    public Optional<StockMove> move(UUID moveId) {
        return db.selectFrom(STOCK_MOVE)
                .where(STOCK_MOVE.WORKSHOP_ID.eq(CurrentPerson.workshopId()), STOCK_MOVE.ID.eq(moveId))
                .fetchOptional(row -> move(row));
    }

    @Override
    public boolean move(SignedIn person, StockMove move) {
        // the row is locked from here on: of two who take the last piece, the second finds none
        int moved = db.update(STOCK_BATCH)
                .set(STOCK_BATCH.ON_HAND, STOCK_BATCH.ON_HAND.plus(move.pieces()))
                .where(
                        STOCK_BATCH.WORKSHOP_ID.eq(person.workshopId()),
                        STOCK_BATCH.ID.eq(move.batchId()),
                        STOCK_BATCH.ON_HAND.plus(move.pieces()).ge(0))
                .execute();
        if (moved == 0) {
            return false;
        }
        db.insertInto(STOCK_MOVE)
                .set(STOCK_MOVE.ID, move.id())
                .set(STOCK_MOVE.WORKSHOP_ID, person.workshopId())
                .set(STOCK_MOVE.BATCH_ID, move.batchId())
                .set(STOCK_MOVE.PIECES, move.pieces())
                .set(STOCK_MOVE.REASON, move.reason().name())
                .set(STOCK_MOVE.WHEEL_END_ID, move.wheelEndId())
                .set(STOCK_MOVE.NOTE, move.note())
                .set(STOCK_MOVE.PERSON_ID, person.personId())
                .set(STOCK_MOVE.PERSON_NAME, move.personName())
                .set(STOCK_MOVE.AT, move.at().atOffset(ZoneOffset.UTC))
                .execute();
        return true;
    }

    @Override
    public List<StockMove> latestMoves(Collection<UUID> batchIds) {
        // from each batch its own latest, so that a busy one leaves the others theirs
        Table<StockMoveRecord> latest = lateral(selectFrom(STOCK_MOVE)
                        .where(
                                STOCK_MOVE.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                STOCK_MOVE.BATCH_ID.eq(STOCK_BATCH.ID))
                        .orderBy(STOCK_MOVE.AT.desc(), STOCK_MOVE.ID)
                        .limit(MOVES_OF_A_BATCH))
                .as("latest");
        return db.select(latest.fields())
                .from(STOCK_BATCH, latest)
                .where(
                        STOCK_BATCH.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        STOCK_BATCH.ID.eq(any(batchIds.toArray(UUID[]::new))))
                .fetch(row -> move(row.into(STOCK_MOVE)));
    }

    @Override
    public List<InWheelEnd> carried(Collection<UUID> batchIds) {
        Field<Integer> pieces = sum(STOCK_MOVE.PIECES).neg().cast(SQLDataType.INTEGER);
        return db.select(STOCK_MOVE.BATCH_ID, STOCK_MOVE.WHEEL_END_ID, pieces)
                .from(STOCK_MOVE)
                .where(
                        STOCK_MOVE.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        STOCK_MOVE.BATCH_ID.eq(any(batchIds.toArray(UUID[]::new))),
                        STOCK_MOVE.WHEEL_END_ID.isNotNull())
                .groupBy(STOCK_MOVE.BATCH_ID, STOCK_MOVE.WHEEL_END_ID)
                .having(sum(STOCK_MOVE.PIECES).lt(BigDecimal.ZERO))
                .fetch(row -> new InWheelEnd(row.value1(), row.value2(), row.value3()));
    }

    @Override
    public List<StockBatch> batchesIn(UUID wheelEndId) {
        Table<?> in = select(STOCK_MOVE.BATCH_ID, max(STOCK_MOVE.AT).as("last"))
                .from(STOCK_MOVE)
                .where(STOCK_MOVE.WORKSHOP_ID.eq(CurrentPerson.workshopId()), STOCK_MOVE.WHEEL_END_ID.eq(wheelEndId))
                .groupBy(STOCK_MOVE.BATCH_ID)
                .having(sum(STOCK_MOVE.PIECES).lt(BigDecimal.ZERO))
                .asTable("carried");
        return db.select(STOCK_BATCH.fields())
                .from(STOCK_BATCH)
                .join(in)
                .on(STOCK_BATCH.ID.eq(in.field(STOCK_MOVE.BATCH_ID)))
                .where(STOCK_BATCH.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .orderBy(field(name("carried", "last")).desc())
                .fetch(row -> batch(row.into(STOCK_BATCH)));
    }

    private static StockItem item(StockItemRecord row) {
        return new StockItem(
                row.getId(),
                StockKind.valueOf(row.getKind()),
                row.getDesignation(),
                row.getWords(),
                row.getSupplier(),
                new Money(row.getPriceCents()),
                ShelfLife.valueOf(row.getKeeps()),
                row.getWant(),
                row.getThickener() == null
                        ? Optional.empty()
                        : Optional.of(new Tin(
                                Thickener.valueOf(row.getThickener()), row.getGreaseCode(), row.getContentGrams())),
                row.getVersion());
    }

    private static StockBatch batch(StockBatchRecord row) {
        return new StockBatch(
                row.getId(),
                row.getItemId(),
                row.getBatch(),
                row.getMadeOn(),
                row.getKeepsUntil(),
                row.getNote(),
                row.getGrease(),
                row.getHistory(),
                row.getOnHand());
    }

    private static StockMove move(StockMoveRecord row) {
        return new StockMove(
                row.getId(),
                row.getBatchId(),
                row.getPieces(),
                StockMove.Reason.valueOf(row.getReason()),
                row.getWheelEndId(),
                row.getNote(),
                row.getPersonName(),
                row.getAt().toInstant());
    }
}
