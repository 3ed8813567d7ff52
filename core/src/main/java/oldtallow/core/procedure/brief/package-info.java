/** What a job is to be: how far it goes, on which hub, by which ways and with what is known. */
@NullMarked
package oldtallow.core.procedure.brief;

import org.jspecify.annotations.NullMarked;
