package oldtallow.core.setting.nut;

import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.lock.LockPosition;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;

/**
 * A place where the nut can be locked.
 *
 * @param backOff rotation from where the nut stands; negative is tighter
 * @param endPlay it leaves; negative is rigid interference, preload
 */
public record Stop(Turn backOff, Length endPlay, EndPlayVerdict verdict, LockPosition position) {}
