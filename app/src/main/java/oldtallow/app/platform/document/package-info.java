/** The API document: what can be asked, in which kinds, with an example and an answer of each. */
@NullMarked
package oldtallow.app.platform.document;

import org.jspecify.annotations.NullMarked;
