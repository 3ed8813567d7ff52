package oldtallow.core.hub.section;

import java.util.List;

/**
 * A part in the section.
 *
 * @param assumed whether any size it is drawn from was filled in rather than measured or read
 */
public record SectionPart(PartName name, boolean assumed, List<Outline> outlines) {

    public SectionPart {
        outlines = List.copyOf(outlines);
    }

    static SectionPart of(PartName name, boolean assumed, Outline... outlines) {
        return new SectionPart(name, assumed, List.of(outlines));
    }
}
