/** Instruments paired with the bench: their line protocol, docs/instruments.md, and what they show. */
@NullMarked
package oldtallow.app.instrument;

import org.jspecify.annotations.NullMarked;
