/** Mail reminders in PostgreSQL. */
@NullMarked
package oldtallow.app.mail.persistence;

import org.jspecify.annotations.NullMarked;
