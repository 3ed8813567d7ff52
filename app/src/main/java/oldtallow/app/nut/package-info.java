/** Nut settings on record, append-only, and the calculation behind them. */
@NullMarked
package oldtallow.app.nut;

import org.jspecify.annotations.NullMarked;
