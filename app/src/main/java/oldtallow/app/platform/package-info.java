/**
 * What every room stands on, and none of the trade: problems, limits, transactions, security of requests, served files.
 */
@NullMarked
package oldtallow.app.platform;

import org.jspecify.annotations.NullMarked;
