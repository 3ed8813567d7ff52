/**
 * How far a rig has run and will run: its meter's readings, the use it gets in each month of the year, and when it will have
 * run so much more. What was tried and left: fitting a sine through the year makes a rig that runs in August alone run all
 * summer; twelve months that lean on the mean of the year do not.
 */
@NullMarked
package oldtallow.core.schedule.distance;

import org.jspecify.annotations.NullMarked;
