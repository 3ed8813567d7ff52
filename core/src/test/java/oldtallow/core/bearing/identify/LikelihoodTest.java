package oldtallow.core.bearing.identify;

import static oldtallow.core.bearing.Sets.set;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.bearing.RingTolerance;
import oldtallow.core.bearing.SetDimension;
import oldtallow.core.bearing.Sets;
import oldtallow.core.bearing.identify.Identification.Verdict;
import oldtallow.core.quantity.Length;
import org.apache.commons.math3.analysis.integration.SimpsonIntegrator;
import org.apache.commons.math3.distribution.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How likely a reading is of a set, against Apache Commons Math and the standards' tolerances (from memory). */
class LikelihoodTest {

    private static final NormalDistribution NORMAL = new NormalDistribution();
    private static final BearingSet METRIC = set("30206");
    private static final BearingSet INCH = set("L44649/L44610");

    /** ISO 492, normal class of tapered rings, and ABMA 19.2, class 4: the sign of inch rings is the other one. */
    @ParameterizedTest
    @CsvSource({
        "BORE, METRIC, 50, -12, 0",
        "BORE, METRIC, 50.001, -15, 0",
        "BORE, METRIC, 80, -15, 0",
        "BORE, METRIC, 80.001, -20, 0",
        "BORE, METRIC, 120, -20, 0",
        "BORE, METRIC, 180, -25, 0",
        "BORE, INCH, 76.2, 0, 13",
        "BORE, INCH, 76.201, 0, 25",
        "OUTSIDE, METRIC, 30, -12, 0",
        "OUTSIDE, METRIC, 50, -14, 0",
        "OUTSIDE, METRIC, 50.001, -16, 0",
        "OUTSIDE, METRIC, 80, -16, 0",
        "OUTSIDE, METRIC, 120, -18, 0",
        "OUTSIDE, METRIC, 150, -20, 0",
        "OUTSIDE, METRIC, 180, -25, 0",
        "OUTSIDE, METRIC, 250, -30, 0",
        "OUTSIDE, METRIC, 300, -30, 0",
        "OUTSIDE, INCH, 60, 0, 25"
    })
    void ringsKeepTheStandards(String where, Series series, double nominal, double least, double most) {
        Length size = Length.ofMillimetres(nominal);
        RingTolerance ring =
                where.equals("BORE") ? RingTolerance.ofBore(size, series) : RingTolerance.ofOutside(size, series);

        assertThat(ring.least().micrometres()).isCloseTo(least, within(1e-9));
        assertThat(ring.most().micrometres()).isCloseTo(most, within(1e-9));
    }

    /** The middle of a tolerance and a sixth of its width, µm: a seat lies below the bore, inch rings above their number. */
    @ParameterizedTest
    @CsvSource({
        "CONE_BORE, METRIC, -6, 2",
        "CONE_BORE, INCH, 6.5, 2.1666666667",
        "CUP_OUTSIDE, METRIC, -8, 2.6666666667",
        "CUP_OUTSIDE, INCH, 12.5, 4.1666666667",
        "CUP_WIDTH, METRIC, -60, 20",
        "CONE_WIDTH, INCH, -60, 20",
        "SET_WIDTH, METRIC, 100, 33.3333333333",
        "SPINDLE_SEAT, METRIC, -14, 3.6666666667",
        "SEAL_INSIDE, INCH, 0, 100",
        "SEAL_OUTSIDE, METRIC, 0, 100"
    })
    void partsLieInTheMiddleOfTheirTolerance(Measurand measurand, Series series, double offset, double sigma) {
        MakingTolerance making = MakingTolerance.of(measurand, series == Series.INCH ? INCH : METRIC);

        assertThat(making.offset().micrometres()).isCloseTo(offset, within(1e-9));
        assertThat(making.sigma().micrometres()).isCloseTo(sigma, within(1e-9));
    }

    /** A bore of 30 mm, −6 ± 2 µm, by calliper of 30 µm: σ = √904 = 30.067 µm; 30.054 mm reads 60/30.067 = 1.996 σ over. */
    @ParameterizedTest
    @CsvSource({"29.994, 0", "30.0540, 1.99557", "29.934, 1.99557", "30.12, 4.19064"})
    void aReadingIsOffBySoMany(double read, double deviations) {
        Likelihood likelihood = Likelihood.of(measured(Measurand.CONE_BORE, read, SizeGauge.CALLIPER), 30, METRIC);
        double sigma = Math.sqrt(904) / 1000;

        assertThat(likelihood.deviations()).isCloseTo(deviations, within(1e-4));
        // the normal density without its 1/√2π, and a tail of a millionth
        double density = NORMAL.density(deviations) * Math.sqrt(2 * Math.PI);
        assertThat(likelihood.log()).isCloseTo(Math.log(1e-6 + density) - Math.log(sigma), within(1e-3));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-4, -2, -1, -0.3, 0, 0.3, 1, 2, 4})
    void theNormalDistributionIsNearEnough(double z) {
        assertThat(Likelihood.phi(z)).isCloseTo(NORMAL.cumulativeProbability(z), within(0.01));
    }

    /** A bar of 30.1 mm goes into no bore of 30 mm, one of 29.9 mm does; the other gauge the other way round. */
    @ParameterizedTest
    @CsvSource({
        "GO_GAUGE, 29.8, 0, 3.23",
        "GO_GAUGE, 30.2, 3.4314, -3.43",
        "NO_GO_GAUGE, 29.8, 3.2316, -3.23",
        "NO_GO_GAUGE, 30.2, 0, 3.43"
    })
    void aGaugeBounds(SizeGauge gauge, double size, double deviations, double z) {
        Likelihood likelihood = Likelihood.of(measured(Measurand.CONE_BORE, size, gauge), 30, METRIC);

        assertThat(likelihood.deviations()).isCloseTo(deviations, within(1e-3));
        assertThat(Math.exp(likelihood.log())).isCloseTo(NORMAL.cumulativeProbability(z), within(0.005));
    }

    /** Three seats in four are sound, one worn evenly down to 0.1 mm: the mixture, integrated by Simpson's rule. */
    @ParameterizedTest
    @ValueSource(doubles = {29.9, 29.93, 29.96, 29.986, 30.0})
    void aSeatMayBeWorn(double read) {
        double sigma = Math.hypot(6, 22.0 / 6) / 1000;
        double z = (read - 30 + 0.014) / sigma;
        double worn = new SimpsonIntegrator()
                .integrate(100_000, down -> NORMAL.density(z + down / sigma) * Math.sqrt(2 * Math.PI) / 0.1, 0, 0.1);
        double sound = NORMAL.density(z) * Math.sqrt(2 * Math.PI);
        Likelihood likelihood = Likelihood.of(measured(Measurand.SPINDLE_SEAT, read, SizeGauge.MICROMETER), 30, METRIC);

        // the mean over the wear takes the approximate distribution: to 0.01 of it
        double density = Math.exp(likelihood.log()) * sigma;
        assertThat(density).isCloseTo(0.75 * sound + 0.25 * worn, within(0.25 * 0.02 * 2.51 * sigma / 0.1 + 2e-6));
        assertThat(likelihood.deviations()).isCloseTo(Math.max(0, z), within(1e-9));
    }

    /** Half a millimetre down it is no worn seat: counted from the worst that may be. */
    @Test
    void aSeatFarDownIsAnothers() {
        double sigma = Math.hypot(6, 22.0 / 6) / 1000;
        Likelihood likelihood = Likelihood.of(measured(Measurand.SPINDLE_SEAT, 29.5, SizeGauge.MICROMETER), 30, METRIC);

        assertThat(likelihood.deviations()).isCloseTo((0.5 - 0.014 - 0.1) / sigma, within(1e-6));
    }

    /** Worn from two standard deviations below the middle of a sound one, 14 + 14.06 µm, to 0.1 mm more. */
    @ParameterizedTest
    @CsvSource({
        "29.9725, MICROMETER, false",
        "29.9715, MICROMETER, true",
        "29.8725, MICROMETER, true",
        "29.8715, MICROMETER, false",
        "29.9, GO_GAUGE, false"
    })
    void saysHowFarASeatIsWorn(double read, SizeGauge instrument, boolean worn) {
        assertThat(Likelihood.seatWorn(METRIC, List.of(measured(Measurand.SPINDLE_SEAT, read, instrument))))
                .isEqualTo(worn ? Optional.of(METRIC.bore().minus(Length.ofMillimetres(read))) : Optional.empty());
        assertThat(Likelihood.seatWorn(METRIC, List.of(measured(Measurand.CONE_BORE, read, instrument))))
                .isEmpty();
    }

    /**
     * "It is" is said from 98 in a hundred on, with a reading on both rings; one that stands out from 60 on. The cup of a
     * look-alike is walked past in steps of a hundredth of a millimetre, over all sets: what is said agrees with the chance.
     */
    @Test
    void saysItIsOnlyFromNinetyEightInAHundredOn() {
        int one = 0;
        int nearly = 0;
        int likely = 0;
        int several = 0;
        for (BearingSet set : Sets.ALL) {
            for (double off = -0.12; off < 0.13; off += 0.02) {
                Identification found = Identification.of(
                        Sets.ALL,
                        List.of(
                                measured(Measurand.CONE_BORE, set.bore().millimetres(), SizeGauge.CALLIPER),
                                measured(
                                        Measurand.CUP_OUTSIDE,
                                        set.outsideDiameter().millimetres() + off,
                                        SizeGauge.CALLIPER)));
                if (found.verdict() == Verdict.NOTHING_FITS || found.verdict() == Verdict.LIKELY_NONE) {
                    continue;
                }
                double chance = found.candidates().getFirst().probability();
                Verdict expected = chance >= 0.98 ? Verdict.ONE : chance >= 0.6 ? Verdict.LIKELY : Verdict.SEVERAL;
                assertThat(found.verdict()).as("%s at %s", set, chance).isEqualTo(expected);
                one += chance >= 0.98 ? 1 : 0;
                nearly += chance >= 0.96 && chance < 0.98 ? 1 : 0;
                likely += chance >= 0.6 && chance < 0.96 ? 1 : 0;
                several += chance < 0.6 ? 1 : 0;
            }
        }
        assertThat(List.of(one, nearly, likely, several))
                .allSatisfy(count -> assertThat(count).isPositive());
    }

    /** Once none of the file is likelier than not, that is what is said; and the chances of all make one. */
    @Test
    void chancesMakeOne() {
        for (double bore = 20; bore < 50; bore += 0.37) {
            Identification found = Identification.of(
                    Sets.ALL,
                    List.of(
                            measured(Measurand.CONE_BORE, bore, SizeGauge.TAPE),
                            measured(Measurand.CUP_OUTSIDE, bore * 1.9, SizeGauge.TAPE)));
            double listed = found.candidates().stream()
                    .mapToDouble(Candidate::probability)
                    .sum();

            assertThat(found.noneOnFile()).isBetween(0.0, 1.0);
            assertThat(listed + found.noneOnFile()).isLessThan(1 + 1e-9);
            assertThat(found.verdict() == Verdict.LIKELY_NONE || found.verdict() == Verdict.NOTHING_FITS)
                    .isEqualTo(found.noneOnFile() > 0.5);
            assertThat(found.candidates()).hasSizeBetween(1, 8);
        }
    }

    /** A file of one set: Bayes by hand. A third beforehand that it is none; the reading agrees with half the file's sizes. */
    @Test
    void weighsNoneOfTheFileAsBayesDoes() {
        Measurement bore = measured(Measurand.CONE_BORE, 29.994, SizeGauge.CALLIPER);
        double ofSet = (1 + 1e-6) / (Math.sqrt(904) / 1000);
        double z = 0.006 / 3;
        double ofNone = 0.5 * ofSet + 0.5 * Math.exp(-z * z / 2) / 3;
        double none = ofNone / 3 / (ofNone / 3 + ofSet * 2 / 3);

        Identification found = Identification.of(List.of(METRIC), List.of(bore));

        assertThat(found.noneOnFile()).isCloseTo(none, within(1e-9));
        assertThat(NoneOnFile.beforehand(999)).isCloseTo(1.0 / 3, within(1e-12));
        assertThat(NoneOnFile.beforehand(1000)).isCloseTo(0.1, within(1e-12));
    }

    /** Bhattacharyya's coefficient of two equal normal distributions, exp(−Δ²/8σ²), against the integral of √(p·q). */
    @Test
    void theDoubtLeftIsTheOverlap() {
        BearingSet other = set("30207");
        double doubt = Identification.of(
                        List.of(METRIC, other), List.of(measured(Measurand.CUP_WIDTH, 14.5, SizeGauge.TAPE)))
                .next()
                .stream()
                .filter(next -> next.measurand() == Measurand.CONE_WIDTH)
                .findFirst()
                .orElseThrow()
                .doubtLeft();
        double sigma = Math.hypot(0.03, 0.02);
        double apart = METRIC.of(SetDimension.CONE_WIDTH)
                .minus(other.of(SetDimension.CONE_WIDTH))
                .millimetres();
        double overlap = new SimpsonIntegrator()
                .integrate(
                        100_000,
                        x -> Math.sqrt(new NormalDistribution(0, sigma).density(x)
                                * new NormalDistribution(apart, sigma).density(x)),
                        Math.min(0, apart) - 1,
                        Math.max(0, apart) + 1);
        Identification now =
                Identification.of(List.of(METRIC, other), List.of(measured(Measurand.CUP_WIDTH, 14.5, SizeGauge.TAPE)));
        double first = now.candidates().getFirst().probability();
        double second = now.candidates().getLast().probability();
        // either set taken for the other; or for none, which shares half of the file's sizes
        double expected =
                2 * first * second * overlap + 2 * (first + second) * now.noneOnFile() * 0.5 * (1 + overlap) / 2;

        assertThat(doubt).isCloseTo(expected, within(1e-6));
    }

    /** A cone and a cup, each by what is read on it; neither a set's width nor a seal tells which ring it is. */
    @ParameterizedTest
    @CsvSource({
        "CONE_BORE, true, false",
        "CONE_WIDTH, true, false",
        "SPINDLE_SEAT, true, false",
        "CUP_OUTSIDE, false, true",
        "CUP_WIDTH, false, true",
        "SET_WIDTH, false, false",
        "SEAL_INSIDE, false, false",
        "SEAL_OUTSIDE, false, false"
    })
    void isReadOnARing(Measurand measurand, boolean cone, boolean cup) {
        assertThat(measurand.isOfCone()).isEqualTo(cone);
        assertThat(measurand.isOfCup()).isEqualTo(cup);
    }

    /** Several readings of the cup, however good, are no "it is": the cone was never measured. */
    @Test
    void theCupAloneNamesNothing() {
        for (BearingSet set : Sets.ALL) {
            Identification cup = Identification.of(
                    Sets.ALL,
                    List.of(
                            measured(
                                    Measurand.CUP_OUTSIDE, set.outsideDiameter().millimetres(), SizeGauge.MICROMETER),
                            measured(Measurand.CUP_WIDTH, set.cupWidth().millimetres() - 0.06, SizeGauge.CALLIPER),
                            measured(Measurand.SET_WIDTH, set.width().millimetres() + 0.1, SizeGauge.CALLIPER)));

            assertThat(cup.verdict()).as("%s", set).isNotEqualTo(Verdict.ONE);
            assertThat(cup.next().stream().map(NextMeasurement::measurand))
                    .doesNotContain(Measurand.CUP_OUTSIDE, Measurand.SPINDLE_SEAT);
        }
    }

    @Test
    void boundsWhatIsMeasured() {
        for (double bore : new double[] {8, 130}) {
            assertThat(measured(Measurand.CONE_BORE, bore, SizeGauge.CALLIPER)
                            .length()
                            .millimetres())
                    .isEqualTo(bore);
        }
        assertThatThrownBy(() -> measured(Measurand.CONE_BORE, 7.99, SizeGauge.CALLIPER))
                .hasMessageContaining("8.0 to 130.0 mm");
        assertThatThrownBy(() -> measured(Measurand.CONE_BORE, 130.01, SizeGauge.CALLIPER))
                .hasMessageContaining("cone bore");
        assertThat(new StudCircle(3, Length.ofMillimetres(50)).studs()).isEqualTo(3);
        assertThat(new StudCircle(12, Length.ofMillimetres(500)).studs()).isEqualTo(12);
        assertThatThrownBy(() -> new StudCircle(2, Length.ofMillimetres(50))).hasMessageContaining("stud count");
        assertThatThrownBy(() -> new StudCircle(13, Length.ofMillimetres(50))).hasMessageContaining("stud count");
        assertThatThrownBy(() -> StudCircle.fromNeighbours(13, Length.ofMillimetres(50)))
                .hasMessageContaining("stud count");
        assertThat(StudCircle.fromNeighbours(12, Length.ofMillimetres(50)).studs())
                .isEqualTo(12);
        assertThatThrownBy(() -> new StudCircle(5, Length.ofMillimetres(49.9))).hasMessageContaining("stud circle");
        assertThatThrownBy(() -> new StudCircle(5, Length.ofMillimetres(500.1))).hasMessageContaining("stud circle");
    }

    /** A seal's outside tells of the hub as its inside does; of a set whose hub nobody knows nothing is said. */
    @Test
    void aSealTellsOfTheHub() {
        UsualHub hub = List.of(UsualHub.values()).stream()
                .filter(one -> one.sealOutside().isPresent())
                .findFirst()
                .orElseThrow();
        Length rim = hub.sealOutside().orElseThrow();
        Measurement cone = measured(
                Measurand.CONE_BORE, set(hub.inboard().toString()).bore().millimetres(), SizeGauge.TAPE);
        double without = chance(hub, List.of(cone));
        double with =
                chance(hub, List.of(cone, measured(Measurand.SEAL_OUTSIDE, rim.millimetres(), SizeGauge.CALLIPER)));

        assertThat(with).isGreaterThan(2 * without);
        assertThat(UsualHub.axleTubes())
                .isNotEmpty()
                .doesNotHaveDuplicates()
                .allSatisfy(tube -> assertThat(tube).isNotBlank());
        assertThat(hub.studCount()).isBetween(4, 8);
    }

    private static double chance(UsualHub hub, List<Measurement> measurements) {
        return Identification.of(Sets.ALL, measurements).candidates().stream()
                .filter(one -> one.set().designation().equals(hub.inboard()))
                .mapToDouble(Candidate::probability)
                .sum();
    }

    /** Of a set's look-alikes the one that is parted least comes first, and each is parted where it differs most. */
    @Test
    void lookAlikesAreSortedByWhatPartsThem() {
        int seen = 0;
        for (BearingSet set : Sets.ALL) {
            List<LookAlike> alikes = LookAlike.of(set, Sets.ALL);
            assertThat(alikes)
                    .isSortedAccordingTo(Comparator.comparingDouble(
                            one -> Math.abs(one.difference().millimetres())));
            for (LookAlike alike : alikes) {
                seen++;
                double most = List.of(SetDimension.values()).stream()
                        .mapToDouble(one ->
                                Math.abs(alike.set().of(one).minus(set.of(one)).millimetres()))
                        .max()
                        .orElseThrow();
                assertThat(Math.abs(alike.difference().millimetres())).isCloseTo(most, within(1e-9));
                assertThat(alike.set().designation()).isNotEqualTo(set.designation());
            }
        }
        assertThat(seen).isGreaterThan(50);
    }

    /** No set below one in five hundred gets a line, but the first always does. */
    @Test
    void unlikelySetsGetNoLine() {
        Identification found = Identification.of(
                Sets.ALL,
                List.of(
                        measured(Measurand.CONE_BORE, 31.74, SizeGauge.CALLIPER),
                        measured(Measurand.CUP_OUTSIDE, 59.2, SizeGauge.CALLIPER)));

        assertThat(found.candidates().stream().skip(1))
                .allSatisfy(one -> assertThat(one.probability()).isGreaterThanOrEqualTo(0.002));
    }

    private static Measurement measured(Measurand measurand, double millimetres, SizeGauge instrument) {
        return new Measurement(measurand, Length.ofMillimetres(millimetres), instrument);
    }
}
