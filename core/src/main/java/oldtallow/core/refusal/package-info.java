/** What is wrong with an entry, field by field, each with its remedy. */
@NullMarked
package oldtallow.core.refusal;

import org.jspecify.annotations.NullMarked;
