package oldtallow.app.units.form;

/** Kinds of lock, as the core knows them. */
public enum LockKind {
    CASTLE_NUT,
    SEATED_RETAINER,
    PUSH_ON_RETAINER,
    TANG_WASHER,
    LOCK_PLATE,
    TWO_NUTS,
    STAKED_COLLAR
}
