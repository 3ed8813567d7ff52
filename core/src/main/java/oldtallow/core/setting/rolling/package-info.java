/**
 * What a pair of tapered roller bearings feels: loads, life, friction, warmth. An estimate throughout: rigid rings and
 * assumed insides.
 *
 * <p>One unknown does for the pair. Every roller's normal passes through its bearing's effective centre, so that a tilt of the
 * hub drops out; a model with tilt and single rollers, solved by minimising its energy, gives the same within the rollers' own
 * phase (see the tests).
 */
@NullMarked
package oldtallow.core.setting.rolling;

import org.jspecify.annotations.NullMarked;
