package oldtallow.app.assembly;

import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.section.Section;

/** A wheel end's section and the sizes it was drawn from. */
public record Drawn(WheelEndShape shape, Section section) {

    static Drawn of(WheelEndShape shape) {
        return new Drawn(shape, Section.of(shape));
    }
}
