/** Locks, threads, sequences, rules and readings as they are entered and shown in several rooms. */
@NamedInterface("form")
@NullMarked
package oldtallow.app.units.form;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
