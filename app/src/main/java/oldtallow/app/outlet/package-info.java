/** What leaves the house or leads to a thing in it: calendars, mails, sheets, labels, words that find. */
@NullMarked
package oldtallow.app.outlet;

import org.jspecify.annotations.NullMarked;
