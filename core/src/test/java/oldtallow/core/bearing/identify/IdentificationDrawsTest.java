package oldtallow.core.bearing.identify;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.StandardCatalogue;
import oldtallow.core.bearing.identify.Identification.Verdict;
import oldtallow.core.quantity.Length;
import org.junit.jupiter.api.Test;

/** How often what is said is right, over seeded draws of bearings and readings. */
class IdentificationDrawsTest {

    private static final List<BearingSet> SETS =
            StandardCatalogue.entries().stream().map(CatalogueEntry::set).toList();
    private static final int DRAWS = 10_000;

    /**
     * Bore, cup diameter and cup width by calliper. The parts are drawn from their tolerances as the standards give them,
     * uniformly, and the reading from a normal distribution: neither is the model the identification itself assumes.
     */
    @Test
    void findsTheRightSetInNinetyNineOfAHundredDraws() {
        var random = new Random(20261125);
        int right = 0;
        for (int i = 0; i < DRAWS; i++) {
            BearingSet set = SETS.get(random.nextInt(SETS.size()));
            boolean inch = set.series() == Series.INCH;
            List<Measurement> readings = List.of(
                    read(random, Measurand.CONE_BORE, set.bore(), inch ? 0 : -12, inch ? 13 : 0),
                    read(random, Measurand.CUP_OUTSIDE, set.outsideDiameter(), inch ? 0 : -16, inch ? 25 : 0),
                    read(random, Measurand.CUP_WIDTH, set.cupWidth(), -120, 0));

            Identification found = Identification.of(SETS, readings);

            Candidate first = found.candidates().getFirst();
            boolean tiedWithAnHonestTwin = found.verdict() != Verdict.ONE
                    && found.candidates().stream().anyMatch(one -> one.set().equals(set))
                    && first.lookAlikes().stream().anyMatch(twin -> twin.set().equals(set));
            if (found.verdict() != Verdict.NOTHING_FITS && (first.set().equals(set) || tiedWithAnHonestTwin)) {
                right++;
            }
        }
        assertThat(right).isGreaterThanOrEqualTo(DRAWS * 99 / 100);
    }

    /**
     * Bearings on no file, made by drawing each size from another set: taken for "it is" one time in a hundred at most, from bore
     * and cup diameter by calliper. A third of all that are brought in are such ones.
     */
    @Test
    void takesABearingOnNoFileSeldomForOneThatIs() {
        var random = new Random(20261129);
        int named = 0;
        int wrong = 0;
        for (int i = 0; i < DRAWS; i++) {
            boolean onFile = random.nextInt(3) > 0;
            BearingSet bore = SETS.get(random.nextInt(SETS.size()));
            BearingSet outside = onFile ? bore : SETS.get(random.nextInt(SETS.size()));
            if (outside.outsideDiameter().millimetres() < 1.4 * bore.bore().millimetres()) {
                continue;
            }
            Identification found = Identification.of(
                    SETS,
                    List.of(
                            read(random, Measurand.CONE_BORE, bore.bore(), 0, 0),
                            read(random, Measurand.CUP_OUTSIDE, outside.outsideDiameter(), 0, 0)));
            if (found.verdict() == Verdict.ONE) {
                named++;
                BearingSet first = found.candidates().getFirst().set();
                wrong += first.equals(bore) && (onFile || first.equals(outside)) ? 0 : 1;
            }
        }
        assertThat(named).isGreaterThan(1000);
        assertThat(wrong / (double) named).isLessThan(0.02);
    }

    private static Measurement read(
            Random random, Measurand measurand, Length nominal, double leastMicrometres, double mostMicrometres) {
        double made = leastMicrometres + (mostMicrometres - leastMicrometres) * random.nextDouble();
        double off = random.nextGaussian() * 30;
        return new Measurement(
                measurand, Length.ofMillimetres(nominal.millimetres() + (made + off) / 1000), SizeGauge.CALLIPER);
    }
}
