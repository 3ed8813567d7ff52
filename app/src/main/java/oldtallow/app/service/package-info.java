/** What was done at wheel ends, from which the almanac counts. */
@NullMarked
package oldtallow.app.service;

import org.jspecify.annotations.NullMarked;
