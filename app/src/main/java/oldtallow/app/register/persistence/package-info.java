/** The register in PostgreSQL. */
@NullMarked
package oldtallow.app.register.persistence;

import org.jspecify.annotations.NullMarked;
