/** Instruments on loopback ports: line protocol, live hand, a reading taken. */
@NullMarked
package oldtallow.app.instrument;

import org.jspecify.annotations.NullMarked;
