package oldtallow.app.outlet.model;

import java.util.Locale;
import java.util.stream.Collectors;
import oldtallow.core.hub.section.Outline;
import oldtallow.core.hub.section.PartName;
import oldtallow.core.hub.section.Section;
import oldtallow.core.hub.section.SectionPart;

/** A section as an SVG picture in black on white, as wide as asked and as high as it needs. */
final class SectionPicture {

    private static final double WIDTH = 1000;
    private static final double MARGIN = 8;

    private SectionPicture() {}

    static String svg(Section section, int widthMillimetres) {
        double scale = (WIDTH - 2 * MARGIN) / (section.mostX() - section.leastX());
        double height = section.mostY() * scale + 2 * MARGIN;
        String parts = section.parts().stream()
                .map(part -> part(part, section, scale, height))
                .collect(Collectors.joining());
        return String.format(
                Locale.ROOT,
                """
                <svg xmlns="http://www.w3.org/2000/svg" width="%dmm" height="%.1fmm" viewBox="0 0 1000 %.1f">
                <defs>%s</defs>%s
                <path d="M0 %.1fH1000" stroke="#000" stroke-width="1.2" stroke-dasharray="26 6 5 6"/></svg>""",
                widthMillimetres,
                widthMillimetres * height / WIDTH,
                height,
                hatch("a", 45, 12) + hatch("b", -45, 10) + hatch("c", 45, 6) + hatch("d", -45, 6) + hatch("e", 45, 4),
                parts,
                height - MARGIN);
    }

    private static String part(SectionPart part, Section section, double scale, double height) {
        return part.outlines().stream()
                .filter(outline -> outline.look() != Outline.Look.SPACE)
                .map(outline -> path(outline, hatchOf(part.name()), section, scale, height))
                .collect(Collectors.joining());
    }

    private static String path(Outline outline, String hatch, Section section, double scale, double height) {
        String points = outline.points().stream()
                .map(point -> String.format(
                        Locale.ROOT,
                        "%.1f %.1f",
                        MARGIN + (point.x() - section.leastX()) * scale,
                        height - MARGIN - point.y() * scale))
                .collect(Collectors.joining("L", "M", "Z"));
        boolean cut = outline.look() == Outline.Look.CUT;
        // white beneath, since a later part covers an earlier one
        return "<path d=\"" + points + "\" fill=\"#fff\"/><path d=\"" + points + "\" fill=\""
                + (cut ? "url(#" + hatch + ")" : "none") + "\" stroke=\"#000\" stroke-width=\""
                + (outline.look() == Outline.Look.THIN ? "1" : "2.2") + "\"/>";
    }

    private static String hatchOf(PartName name) {
        return switch (name) {
            case SPINDLE, DRIVESHAFT, HALF_SHAFT -> "a";
            case HUB, NUT, OUTER_NUT, DRIVE_FLANGE, SPACER -> "b";
            case INBOARD_CUP, OUTBOARD_CUP -> "c";
            case INBOARD_CONE, OUTBOARD_CONE -> "d";
            default -> "e";
        };
    }

    private static String hatch(String id, int degrees, int apart) {
        return "<pattern id=\"" + id + "\" width=\"" + apart + "\" height=\"" + apart
                + "\" patternUnits=\"userSpaceOnUse\" patternTransform=\"rotate(" + degrees
                + ")\"><path d=\"M0 0V" + apart + "\" stroke=\"#000\" stroke-width=\"1\"/></pattern>";
    }
}
