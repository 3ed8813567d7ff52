package oldtallow.core.hub.section;

import static oldtallow.core.hub.section.Point.at;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.section.Outline.Look;

/** Drum or disc, drawn thin. Its rim stands far out on a real rig; here it is moved in behind a break line. */
final class BrakeParts {

    private BrakeParts() {}

    static List<SectionPart> of(Layout layout) {
        if (layout.construction == Construction.SPACER_SET) {
            return List.of();
        }
        double plate = layout.flangeEnd();
        double inner = layout.flangeRadius() + 1;
        double s = layout.s;
        return switch (layout.shape.fittings().brake()) {
            case NONE -> List.of();
            case DRUM ->
                List.of(SectionPart.of(
                        PartName.BRAKE,
                        true,
                        Outline.of(
                                Look.THIN,
                                at(plate - 6 * s, inner),
                                at(plate, inner),
                                at(plate, inner + 9 * s),
                                at(plate + 48 * s, inner + 9 * s),
                                at(plate + 48 * s, inner + 15 * s),
                                at(plate - 6 * s, inner + 15 * s))));
            case DISC ->
                List.of(SectionPart.of(
                        PartName.BRAKE,
                        true,
                        Outline.of(
                                Look.THIN,
                                at(plate - 5 * s, inner),
                                at(plate, inner),
                                at(plate, inner + 3 * s),
                                at(plate + 22 * s, inner + 3 * s),
                                at(plate + 22 * s, inner + 30 * s),
                                at(plate + 10 * s, inner + 30 * s),
                                at(plate + 10 * s, inner + 8 * s),
                                at(plate - 5 * s, inner + 8 * s))));
        };
    }
}
