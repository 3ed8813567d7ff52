/** Simulated instruments that speak the line protocol of docs/instruments.md, so that everything can be tried without one. */
@NullMarked
package oldtallow.standin;

import org.jspecify.annotations.NullMarked;
