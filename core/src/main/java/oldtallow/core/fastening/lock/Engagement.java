package oldtallow.core.fastening.lock;

/**
 * One way of fitting the lock at a position.
 *
 * @param mark number of the hole, tang or screw that meets, from 1
 * @param seatShift seats by which a retainer is turned on its nut from how it sat at the reading, positive looser; else 0
 * @param turnedOver whether the retainer goes on the other way up
 */
public record Engagement(int mark, int seatShift, boolean turnedOver) {}
