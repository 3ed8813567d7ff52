package oldtallow.core.hub.part;

/** A part in the order it comes off, and what usually becomes of it (common practice). */
public record StackedPart(Part part, Fate usual) {}
