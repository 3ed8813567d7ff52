package oldtallow.app.register.model;

import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.Section;

/** A wheel end's section and the sizes it was drawn from. */
public record Drawn(WheelEndShape shape, Section section) {

    public static Drawn of(WheelEndShape shape) {
        return new Drawn(shape, Section.of(shape));
    }
}
