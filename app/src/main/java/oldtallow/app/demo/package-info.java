/** Made-up rigs and settings, loaded into an empty register. */
@NullMarked
package oldtallow.app.demo;

import org.jspecify.annotations.NullMarked;
