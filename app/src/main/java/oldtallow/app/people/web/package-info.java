/** People and sign-in over HTTP. */
@NullMarked
package oldtallow.app.people.web;

import org.jspecify.annotations.NullMarked;
