package oldtallow.app.register.model;

import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.Section;

/** A wheel end's section and the sizes it was drawn from. */
public record DrawnSection(WheelEndShape shape, Section section) {

    public static DrawnSection of(WheelEndShape shape) {
        return new DrawnSection(shape, Section.of(shape));
    }
}
