/**
 * When what falls due at a wheel end: rules of three authorities, what was done, how far the rig has run and will run, where
 * it has been in water. Decided per action and group of triggers, so that a maker's interval does not silence the trade's
 * advice about water that the maker says nothing of.
 */
@NullMarked
package oldtallow.core.schedule.almanac;

import org.jspecify.annotations.NullMarked;
