package oldtallow.app.outlet.model;

import static oldtallow.app.outlet.model.Paper.escaped;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import oldtallow.app.outlet.model.PlanSheet.Stage;
import oldtallow.app.outlet.model.PlanSheet.Tick;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.platform.QrCode;

/** A job before it begins as one page of A4, to be ticked by hand: XHTML, which a browser prints and from which the PDF is made. */
public final class PlanSheetPage {

    private static final int DRAWING_MM = 60;
    private static final int CODE_MM = 30;
    /** Heights in lines, as they come out at any size. */
    private static final double HEADING_LINES = 2.2;

    private static final double LINE_AND_RULE = 1.3;
    private static final int LETTERS = 72;
    private static final double SMALLER = 0.92;
    /** Fewer steps of a stage are not torn off the rest. */
    private static final int LEAST_TOGETHER = 2;
    /** In points; what is set in a smaller one cannot be read in bad light. */
    private static final double[] SIZES = {8.6, 8, 7.4, 6.9, 6.5, 6.1, 5.7};

    /** Below this size lines stand close. */
    private static final double TIGHT = 6.6;

    private static final String STYLE = """
            @page { size: A4; margin: 8mm 10mm }
            body { margin: 0; font-family: Helvetica, Arial, sans-serif; line-height: 1.15; color: #000; background: #fff }
            h1 { font-size: 18pt; line-height: 1.05; margin: 0 }
            h2 { font-size: 120%; margin: 0.5em 0 0; border-bottom: 0.4mm solid #000; padding-bottom: 0.15em }
            p { margin: 0.4mm 0 }
            table { width: 100%; border-collapse: collapse }
            td { vertical-align: top; padding: 0.13em 0.5em 0.13em 0; border-bottom: 0.15mm solid #999 }
            td.term { width: 27mm; color: #333 }
            td.plain { border: 0; padding: 0 }
            td.half { width: 50%; border: 0; padding: 0 2.5mm 0 0 }
            td.ticks { white-space: nowrap }
            .box { display: inline-block; width: 0.95em; height: 0.95em; border: 0.28mm solid #000; margin-right: 0.25em }
            .hubs { white-space: nowrap; margin-top: 0.6em; font-weight: bold }
            .none { border-color: #fff }
            .more { color: #333; font-size: 92% }
            .foot { margin-top: 0.4em; font-size: 90%; color: #222 }
            @media screen { body { max-width: 190mm; margin: 8mm auto; padding: 0 4mm } }
            """;

    private final PlanSheet sheet;

    public PlanSheetPage(PlanSheet sheet) {
        this.sheet = sheet;
    }

    /** As large as one page allows. */
    public byte[] pdf() {
        byte[] pdf = {};
        for (double size : SIZES) {
            pdf = Paper.pdf(xhtml(size));
            if (Paper.pages(pdf) == 1) {
                break;
            }
        }
        return pdf;
    }

    /** To look at; a browser breaks the pages. */
    public String xhtml() {
        return xhtml(SIZES[0]);
    }

    private String xhtml(double size) {
        return """
                <html xmlns="http://www.w3.org/1999/xhtml" lang="en"><head><title>%s</title><style>%s
                body { font-size: %spt } %s</style></head><body>
                <table><tr><td class="plain"><p>%s, plan of a job</p><h1>%s</h1><p>%s</p>%s</td>
                <td class="plain" style="width: 64mm">%s</td>
                <td class="plain" style="width: 32mm; text-align: right">%s</td></tr></table>
                <h2>What governs</h2>%s
                <table><tr>%s</tr></table>
                <h2>Where it can hurt</h2><p class="more">%s</p>
                <p class="foot">The maker's figures and local rules govern over everything on this sheet. Brakes, heavy vehicles
                and road-worthiness are licensed work in many places. The code opens this plan.</p></body></html>
                """.formatted(
                        escaped(sheet.heading()),
                        STYLE,
                        size,
                        size < TIGHT ? "@page { margin: 6mm 10mm } td { padding-top: 0; padding-bottom: 0.05em }" : "",
                        escaped(sheet.workshop()),
                        escaped(sheet.heading()),
                        escaped(sheet.subheading()),
                        lines(sheet.facts()),
                        SectionPicture.svg(sheet.section(), DRAWING_MM),
                        new QrCode(sheet.address()).svg(CODE_MM),
                        lines(sheet.figures()),
                        columns().stream()
                                .map(stages -> "<td class=\"half\">" + hubs()
                                        + stages.stream().map(this::stage).collect(Collectors.joining()) + "</td>")
                                .collect(Collectors.joining()),
                        sheet.cautions().stream()
                                .map(one -> "<b>" + escaped(one.term()) + ".</b> " + escaped(one.said()))
                                .collect(Collectors.joining(" ")));
    }

    /** Two columns of about the same height; a stage that does not end in the first goes on in the second. */
    private List<List<Stage>> columns() {
        double half = sheet.stages().stream().mapToDouble(PlanSheetPage::height).sum() / 2;
        List<Stage> left = new ArrayList<>();
        List<Stage> right = new ArrayList<>();
        double high = 0;
        for (Stage stage : sheet.stages()) {
            double room = half - high - HEADING_LINES;
            int fit = fitting(stage.ticks(), room);
            high += height(stage);
            if (fit == stage.ticks().size()) {
                left.add(stage);
            } else if (fit < LEAST_TOGETHER) {
                right.add(stage);
            } else {
                left.add(new Stage(stage.title(), stage.ticks().subList(0, fit)));
                right.add(new Stage(
                        stage.title() + ", further",
                        stage.ticks().subList(fit, stage.ticks().size())));
            }
        }
        return List.of(left, right);
    }

    private static int fitting(List<Tick> ticks, double lines) {
        double high = 0;
        for (int i = 0; i < ticks.size(); i++) {
            high += height(ticks.get(i));
            if (high > lines) {
                return i;
            }
        }
        return ticks.size();
    }

    private static double height(Stage stage) {
        return HEADING_LINES
                + stage.ticks().stream().mapToDouble(PlanSheetPage::height).sum();
    }

    private static double height(Tick tick) {
        double letters = tick.what().length() + SMALLER * tick.more().length();
        return LINE_AND_RULE + Math.floor(letters / LETTERS);
    }

    /** Over each column whose box is whose. */
    private String hubs() {
        return sheet.hubs().size() == 1
                ? ""
                : "<p class=\"hubs\">"
                        + sheet.hubs().stream()
                                .map(hub -> "<span class=\"box none\">" + escaped(hub) + "</span>")
                                .collect(Collectors.joining())
                        + "</p>";
    }

    private String stage(Stage stage) {
        return "<h2>" + escaped(stage.title()) + "</h2><table>"
                + stage.ticks().stream().map(this::tick).collect(Collectors.joining()) + "</table>";
    }

    private String tick(Tick tick) {
        String boxes = IntStream.range(0, sheet.hubs().size())
                .mapToObj(hub -> "<span class=\"box" + (tick.hubs().contains(hub) ? "" : " none") + "\">&#160;</span>")
                .collect(Collectors.joining());
        return "<tr><td class=\"ticks\" style=\"width: "
                + String.format(Locale.ROOT, "%.2f", sheet.hubs().size() * 1.62 + 0.4)
                + "em\">" + boxes + "</td><td>" + escaped(tick.what())
                + (tick.more().isEmpty() ? "" : " <span class=\"more\">" + escaped(tick.more()) + "</span>")
                + "</td></tr>";
    }

    private static String lines(List<Line> lines) {
        return lines.stream()
                .map(line -> "<tr><td class=\"term\">" + escaped(line.term()) + "</td><td>" + escaped(line.said())
                        + "</td></tr>")
                .collect(Collectors.joining("", "<table>", "</table>"));
    }
}
