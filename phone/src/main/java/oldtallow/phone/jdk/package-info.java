/** What of the JDK the compiler for phones lacks, under the names it has there. */
@NullMarked
package oldtallow.phone.jdk;

import org.jspecify.annotations.NullMarked;
