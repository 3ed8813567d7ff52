/** The register of rigs, axles and wheel ends, and the figures that govern them. */
@NullMarked
package oldtallow.app.register;

import org.jspecify.annotations.NullMarked;
