/** For the build and the tests only: a throwaway PostgreSQL, and the classes generated from it. */
@NullMarked
package oldtallow.postgres;

import org.jspecify.annotations.NullMarked;
