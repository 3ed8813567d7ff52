package oldtallow.core.hub.section;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.core.fit.seal.SealDrawing;
import oldtallow.core.fit.seal.SealSize;
import oldtallow.core.fit.seal.SealType;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.quantity.Length;
import org.junit.jupiter.api.Test;

/**
 * Sections and seals as they were last looked at. What must hold of any drawing is in {@link SectionTest}; this one notices that
 * a line moved. After a change that is meant: {@code -Doldtallow.accept-drawings=true}, and look at the pictures.
 */
class DrawingsTest {

    private static final Path SEEN = Path.of("src/test/resources/oldtallow/core/hub/section/drawings.txt");

    @Test
    void areAsTheyWereSeen() throws IOException {
        List<String> drawn = drawings();
        if (Boolean.getBoolean("oldtallow.accept-drawings")) {
            Files.write(SEEN, drawn);
        }

        assertThat(drawn).isEqualTo(Files.readAllLines(SEEN));
    }

    /** Every construction; then a braked trailer's hub with each fitting changed, of which only the lines that differ. */
    private static List<String> drawings() {
        List<String> lines = new ArrayList<>();
        for (Construction construction : Construction.values()) {
            lines.add("# " + construction);
            lines.addAll(lines(Shapes.preset(construction)).values());
        }
        for (Construction construction : List.of(Construction.STEPPED_BRAKED, Construction.FULL_FLOATING_REAR)) {
            WheelEndShape usual = Shapes.preset(construction);
            Map<String, String> as = lines(usual);
            others(usual).forEach((name, shape) -> {
                lines.add("# " + construction + " with " + name);
                lines(shape).entrySet().stream()
                        .filter(one -> !one.getValue().equals(as.get(one.getKey())))
                        .forEach(one -> lines.add(one.getValue()));
            });
        }
        lines.add("# seals");
        lines.addAll(seals());
        return lines;
    }

    private static Map<String, WheelEndShape> others(WheelEndShape usual) {
        Map<String, WheelEndShape> others = new LinkedHashMap<>();
        Stream.of(Fastening.values()).forEach(one -> others.put(one.name(), with(usual, one, usual.fittings())));
        Stream.of(
                        SealKind.values(),
                        CapKind.values(),
                        BrakeKind.values(),
                        Spacing.values(),
                        SnapRing.values(),
                        WheelFixing.values())
                .flatMap(Stream::of)
                .forEach(one -> others.put(
                        one.toString(),
                        with(usual, usual.fastening(), usual.fittings().with(one))));
        return others;
    }

    private static WheelEndShape with(WheelEndShape usual, Fastening fastening, Fittings fittings) {
        return new WheelEndShape(
                usual.construction(),
                usual.inboard(),
                usual.outboard(),
                true,
                usual.threadDiameter(),
                fastening,
                fittings,
                usual.measured());
    }

    private static Map<String, String> lines(WheelEndShape shape) {
        Section section = Section.of(shape);
        Map<String, String> lines = new LinkedHashMap<>();
        for (SectionPart part : section.parts()) {
            lines.put(
                    part.name() + " " + lines.size(),
                    part.name()
                            + (part.assumed() ? " assumed" : "")
                            + part.outlines().stream().map(DrawingsTest::line).collect(joining()));
        }
        lines.put(
                "bounds",
                String.format(
                        Locale.ROOT, "bounds %.2f %.2f %.2f", section.leastX(), section.mostX(), section.mostY()));
        for (SectionMeasure measure : section.measures()) {
            lines.put(
                    measure.words(),
                    String.format(
                            Locale.ROOT,
                            "%s%s %.3f%s",
                            measure.words(),
                            measure.diameter() ? " diameter" : "",
                            measure.length().millimetres(),
                            line(measure.from(), measure.to())));
        }
        return lines;
    }

    private static List<String> seals() {
        List<String> lines = new ArrayList<>();
        SealSize size = new SealSize(mm(45), mm(62), Optional.of(mm(8)));
        SealSize shallow = new SealSize(mm(45), mm(51), Optional.empty());
        for (SealKind kind : SealKind.values()) {
            for (boolean rimmed : new boolean[] {false, true}) {
                for (SealSize one : List.of(size, shallow)) {
                    SealDrawing drawing = SealDrawing.of(one, new SealType(kind, rimmed, false));
                    lines.add(kind
                            + (rimmed ? " rimmed" : "")
                            + drawing.pieces().stream()
                                    .map(piece -> " " + piece.what() + line(piece.outline()))
                                    .collect(joining())
                            + line(drawing.drivenFrom(), drawing.drivenTo()));
                }
            }
        }
        return lines;
    }

    private static String line(Outline outline) {
        return " " + outline.look() + line(outline.points().toArray(Point[]::new));
    }

    private static String line(Point... points) {
        return Stream.of(points)
                .map(point -> String.format(Locale.ROOT, " %.2f,%.2f", point.x(), point.y()))
                .collect(joining("", "", ";"));
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
