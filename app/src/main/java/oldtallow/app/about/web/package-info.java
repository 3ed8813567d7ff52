/** What it is made of, for the page that says so. */
@NullMarked
package oldtallow.app.about.web;

import org.jspecify.annotations.NullMarked;
