/** The people of a workshop, and how they sign in. */
@NullMarked
package oldtallow.app.people;

import org.jspecify.annotations.NullMarked;
