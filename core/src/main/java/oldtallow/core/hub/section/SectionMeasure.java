package oldtallow.core.hub.section;

import oldtallow.core.quantity.Length;

/**
 * A size written into the drawing.
 *
 * @param words what it is, such as inboard seat diameter
 * @param diameter whether it goes across the axis at {@code from}'s x; along the axis from {@code from} to {@code to} otherwise
 */
public record SectionMeasure(String words, Length length, boolean assumed, boolean diameter, Point from, Point to) {}
