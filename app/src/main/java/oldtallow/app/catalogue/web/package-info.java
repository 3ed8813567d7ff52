/** Catalogue, identification and reading help over HTTP. */
@NullMarked
package oldtallow.app.catalogue.web;

import org.jspecify.annotations.NullMarked;
