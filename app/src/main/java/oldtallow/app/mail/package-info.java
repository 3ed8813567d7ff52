/** Reminders by mail. */
@NullMarked
package oldtallow.app.mail;

import org.jspecify.annotations.NullMarked;
