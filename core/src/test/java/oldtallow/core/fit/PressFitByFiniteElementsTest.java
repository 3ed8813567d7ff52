package oldtallow.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import oldtallow.core.quantity.Length;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The press fit anew by CalculiX, a general finite-element package of Debian's: two rings of quadratic axisymmetric elements,
 * tied so that they overlap by the interference. It knows nothing of Lamé's closed form.
 */
class PressFitByFiniteElementsTest {

    private static final int ACROSS = 24;
    private static final double HIGH = 12;
    /** Where the integration points lie in an element, of its width. */
    private static final double GAUSS = (1 - 1 / Math.sqrt(3)) / 2;

    @TempDir
    private Path folder;

    @ParameterizedTest
    @CsvSource({
        "GREY_IRON,60,50,90,0.05",
        "DUCTILE_IRON,59.975,49.5,90,0.05",
        "ALUMINIUM,60,50,90,0.05",
        "STEEL,45.237,38,58,0.03",
        "ALUMINIUM,82.931,70,100,0.08"
    })
    void agreesWithCalculix(HubMaterial hub, double joint, double inside, double outside, double over)
            throws IOException, InterruptedException {
        var fit = new PressFit(hub, mm(joint), mm(inside), mm(outside), mm(HIGH), mm(over));

        var solved = solve(hub, joint, inside, outside, over);

        assertThat(solved.pressure()).isCloseTo(fit.pressure(), within(2e-3 * fit.pressure()));
        assertThat(solved.hoop()).isCloseTo(fit.hoopStress(), within(2e-3 * fit.hoopStress()));
        assertThat(solved.raceShrinks()).isCloseTo(fit.raceShrinks().millimetres(), within(1e-3 * over));
    }

    private record Solved(double pressure, double hoop, double raceShrinks) {}

    private Solved solve(HubMaterial hub, double joint, double inside, double outside, double over)
            throws IOException, InterruptedException {
        var deck = new Deck();
        deck.add("*NODE");
        Ring cup = deck.ring(inside / 2, joint / 2);
        Ring bore = deck.ring(joint / 2, outside / 2);
        int overlap = deck.node(0, 0);
        deck.elements("CUP", cup);
        deck.elements("HUB", bore);
        deck.material("CUP", BearingSteel.YOUNGS_MODULUS, BearingSteel.POISSONS_RATIO);
        deck.material("HUB", hub.youngsModulus(), hub.poissonsRatio());
        for (int row = 0; row < 3; row++) {
            deck.add(
                    "*EQUATION",
                    "3",
                    "%d,1,1.,%d,1,-1.,%d,1,-1.".formatted(bore.at(0, row), cup.at(2 * ACROSS, row), overlap));
        }
        deck.add("*NSET,NSET=INSIDE", "%d".formatted(cup.at(0, 1)));
        deck.add("*STEP", "*STATIC", "*BOUNDARY", cup.at(0, 0) + ",2,2", bore.at(0, 0) + ",2,2");
        deck.add("%d,1,1,%.9f".formatted(overlap, over / 2));
        deck.add("*NODE PRINT,NSET=INSIDE", "U", "*EL PRINT,ELSET=HUB", "S", "*END STEP");
        Files.write(folder.resolve("rings.inp"), deck.lines);
        Process ccx = new ProcessBuilder("ccx", "rings")
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("rings.log").toFile())
                .start();
        assertThat(ccx.waitFor()).as("ccx; Debian package calculix-ccx").isZero();
        List<double[]> rows = numbers(Files.readAllLines(folder.resolve("rings.dat"), StandardCharsets.UTF_8));
        double moved = rows.getFirst()[1];
        double[] first = rows.get(1);
        double[] second = rows.get(2);
        return new Solved(-atTheBore(first[2], second[2]), atTheBore(first[4], second[4]), -2 * moved);
    }

    /** From the first two integration points out to the bore. */
    private static double atTheBore(double first, double second) {
        return first + (first - second) * GAUSS / (1 - 2 * GAUSS);
    }

    private static List<double[]> numbers(List<String> lines) {
        List<double[]> rows = new ArrayList<>();
        for (String line : lines) {
            if (line.matches("\\s+[-\\d].*")) {
                rows.add(List.of(line.strip().split("\\s+", -1)).stream()
                        .mapToDouble(Double::parseDouble)
                        .toArray());
            }
        }
        return rows;
    }

    private static Length mm(double value) {
        return Length.ofMillimetres(value);
    }

    /** Nodes of a ring, one element high; columns count corner and middle nodes. */
    private record Ring(List<List<Integer>> nodes) {

        int at(int column, int row) {
            return nodes.get(column).get(row);
        }
    }

    /** An input deck as it grows. */
    private static final class Deck {

        private final List<String> lines = new ArrayList<>();
        private int nodes;
        private int elements;

        void add(String... added) {
            lines.addAll(List.of(added));
        }

        int node(double r, double z) {
            nodes++;
            add(String.format(Locale.ROOT, "%d,%.9f,%.9f", nodes, r, z));
            return nodes;
        }

        Ring ring(double inside, double outside) {
            List<List<Integer>> nodes = new ArrayList<>();
            for (int column = 0; column <= 2 * ACROSS; column++) {
                double r = inside + (outside - inside) * column / (2 * ACROSS);
                int bottom = node(r, 0);
                // between two corners an element has no node in its middle
                int middle = column % 2 == 0 ? node(r, HIGH / 2) : 0;
                nodes.add(List.of(bottom, middle, node(r, HIGH)));
            }
            return new Ring(nodes);
        }

        void elements(String set, Ring ring) {
            add("*ELEMENT,TYPE=CAX8R,ELSET=" + set);
            for (int c = 0; c < 2 * ACROSS; c += 2) {
                elements++;
                add("%d,%d,%d,%d,%d,%d,%d,%d,%d"
                        .formatted(
                                elements,
                                ring.at(c, 0),
                                ring.at(c + 2, 0),
                                ring.at(c + 2, 2),
                                ring.at(c, 2),
                                ring.at(c + 1, 0),
                                ring.at(c + 2, 1),
                                ring.at(c + 1, 2),
                                ring.at(c, 1)));
            }
        }

        void material(String set, double youngs, double poisson) {
            add("*MATERIAL,NAME=" + set, "*ELASTIC", youngs + "," + poisson);
            add("*SOLID SECTION,ELSET=" + set + ",MATERIAL=" + set);
        }
    }
}
