/** Mail reminders over HTTP. */
@NullMarked
package oldtallow.app.mail.web;

import org.jspecify.annotations.NullMarked;
