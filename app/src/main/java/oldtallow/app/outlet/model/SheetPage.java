package oldtallow.app.outlet.model;

import static oldtallow.app.outlet.model.Paper.escaped;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import oldtallow.app.outlet.model.ServiceSheet.AtHub;
import oldtallow.app.outlet.model.ServiceSheet.Block;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.outlet.model.ServiceSheet.Picture;
import oldtallow.app.platform.QrCode;
import oldtallow.app.register.model.Side;

/** A service sheet as one page of A4: XHTML, which a browser prints and from which the PDF is made. */
public final class SheetPage {

    private static final int DRAWING_MM = 112;
    private static final int CODE_MM = 24;
    private static final int IN_A_ROW = 4;

    private static final String STYLE = """
            @page { size: A4; margin: 12mm 14mm }
            body { margin: 0; font-family: Helvetica, Arial, sans-serif; font-size: 8.8pt; line-height: 1.28; color: #000;
              background: #fff }
            h1 { font-size: 19pt; line-height: 1.05; margin: 0 }
            h2 { font-size: 10.5pt; margin: 3mm 0 0.6mm; border-bottom: 0.5mm solid #000; padding-bottom: 0.5mm }
            p { margin: 0.6mm 0 }
            table { width: 100%; border-collapse: collapse }
            td { vertical-align: top; padding: 0.5mm 2mm 0.5mm 0; border-bottom: 0.15mm solid #999 }
            td.term { width: 36mm; color: #333 }
            td.plain, td.half, td.photo { border: 0; padding: 0 }
            td.half { width: 50%; padding-right: 5mm }
            td.half td.term { width: 27mm }
            table.axle { page-break-inside: avoid }
            td.photo { width: 44mm; padding: 1mm 2mm 1mm 0 }
            td.photo img { width: 42mm }
            .open { border: 0.6mm solid #000; padding: 1mm 2mm; margin: 2mm 0; font-weight: bold }
            .foot { margin-top: 3mm; font-size: 7.6pt; color: #222 }
            @media screen { body { max-width: 182mm; margin: 8mm auto; padding: 0 4mm } }
            """;

    private final ServiceSheet sheet;

    public SheetPage(ServiceSheet sheet) {
        this.sheet = sheet;
    }

    public byte[] pdf() {
        return Paper.pdf(xhtml());
    }

    public String xhtml() {
        return """
                <html xmlns="http://www.w3.org/1999/xhtml" lang="en"><head><title>%s</title><style>%s</style></head><body>
                <table><tr><td class="plain"><p>%s, service sheet</p><h1>%s</h1><p>%s</p></td>
                <td class="plain" style="width: 26mm; text-align: right">%s</td></tr></table>%s
                <table style="margin-top: 3mm"><tr><td class="plain" style="width: 114mm">%s</td>
                <td class="plain">%s</td></tr></table>%s%s%s%s
                <p class="foot">The maker's figures and local rules govern over everything on this sheet. Brakes, heavy vehicles
                and road-worthiness are licensed work in many places. The code opens this rig.</p></body></html>
                """.formatted(
                        escaped(sheet.heading()),
                        STYLE,
                        escaped(sheet.workshop()),
                        escaped(sheet.heading()),
                        escaped(sheet.subheading()),
                        new QrCode(sheet.address()).svg(CODE_MM),
                        sheet.open() ? "<p class=\"open\">Not closed yet: this sheet may still change.</p>" : "",
                        SectionPicture.svg(sheet.section(), DRAWING_MM),
                        lines(sheet.facts()),
                        sheet.blocks().stream()
                                .filter(block -> !block.lines().isEmpty())
                                .map(SheetPage::block)
                                .collect(Collectors.joining()),
                        hubs(),
                        pictures(),
                        cautions());
    }

    /** As they stand on the rig: an axle a row, left and right beside each other. */
    private String hubs() {
        return sheet.hubs().stream()
                .map(AtHub::axlePosition)
                .distinct()
                .sorted()
                .map(axle ->
                        "<table class=\"axle\"><tr>" + hub(axle, Side.LEFT) + hub(axle, Side.RIGHT) + "</tr></table>")
                .collect(Collectors.joining());
    }

    private String hub(int axle, Side side) {
        return sheet.hubs().stream()
                .filter(hub -> hub.axlePosition() == axle && hub.side() == side)
                .map(hub -> "<h2>" + escaped(capital(hub.position())) + "</h2>" + lines(hub.lines()))
                .collect(Collectors.joining("", "<td class=\"half\">", "</td>"));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private String pictures() {
        if (sheet.pictures().isEmpty()) {
            return "";
        }
        var table = new StringBuilder("<h2>Not fit to go back</h2><table><tr>");
        int cells = 0;
        for (Picture picture : sheet.pictures()) {
            if (cells > 0 && cells % IN_A_ROW == 0) {
                table.append("</tr><tr>");
            }
            cells++;
            table.append("<td class=\"photo\"><img src=\"")
                    .append(picture.address())
                    .append("\" alt=\"\" /><p>")
                    .append(escaped(picture.shows()))
                    .append("</p></td>");
        }
        return table.append("</tr></table>").toString();
    }

    private String cautions() {
        if (sheet.cautions().isEmpty()) {
            return "";
        }
        return "<h2>For whoever drives it</h2>"
                + sheet.cautions().stream()
                        .map(caution -> "<p>" + escaped(caution) + "</p>")
                        .collect(Collectors.joining());
    }

    private static String block(Block block) {
        return "<h2>" + escaped(block.title()) + "</h2>" + lines(block.lines());
    }

    private static String lines(List<Line> lines) {
        return lines.stream()
                .map(line -> "<tr><td class=\"term\">" + escaped(line.term()) + "</td><td>" + escaped(line.said())
                        + "</td></tr>")
                .collect(Collectors.joining("", "<table>", "</table>"));
    }
}
