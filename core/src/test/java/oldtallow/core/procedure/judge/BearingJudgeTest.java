package oldtallow.core.procedure.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.core.procedure.judge.Comparison.OtherSide;
import oldtallow.core.procedure.judge.Finding.Extent;
import oldtallow.core.procedure.judge.Finding.Sense;
import oldtallow.core.procedure.judge.Spot.Item;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.judge.Verdict.Rule;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Verdicts of the trade: common practice, and the verdict column of reference sheet, §13 (ISO 15243:2017, from memory). */
class BearingJudgeTest {

    private static final Looked WELL = new Looked(true, EnumSet.allOf(Sense.class), false);

    /** The fourteen modes of ISO 15243:2017 that are not "general" clauses, by clause and term (reference sheet, §13). */
    @ParameterizedTest
    @CsvSource({
        "SUBSURFACE_FATIGUE, 5.1.2, subsurface-initiated fatigue",
        "SURFACE_FATIGUE, 5.1.3, surface-initiated fatigue",
        "ABRASIVE_WEAR, 5.2.2, abrasive wear",
        "ADHESIVE_WEAR, 5.2.3, adhesive wear",
        "MOISTURE_CORROSION, 5.3.2, moisture corrosion",
        "FRETTING_CORROSION, 5.3.3.2, fretting corrosion",
        "FALSE_BRINELLING, 5.3.3.3, false brinelling",
        "CURRENT_EROSION, 5.4.2, excessive current erosion",
        "CURRENT_LEAKAGE, 5.4.3, current leakage erosion",
        "TRUE_BRINELLING, 5.5.2, overload deformation",
        "PARTICLE_DENTS, 5.5.3, indentations from particles",
        "FORCED_FRACTURE, 5.6.2, forced fracture",
        "FATIGUE_FRACTURE, 5.6.3, fatigue fracture",
        "THERMAL_CRACKING, 5.6.4, thermal cracking"
    })
    void matchesTheStandardsTree(DamageMode mode, String clause, String term) {
        assertThat(mode.clause()).contains(clause);
        assertThat(mode.term()).isEqualTo(term);
    }

    @Test
    void hasNoOtherClauses() {
        assertThat(Arrays.stream(DamageMode.values())
                        .filter(mode -> mode.clause().isPresent()))
                .hasSize(14);
    }

    @ParameterizedTest
    @EnumSource(DamageMode.class)
    void damageOnARaceEndsABearingWhateverThePractice(DamageMode mode) {
        mode.spots().stream().filter(Spot::isRunning).forEach(spot -> {
            Verdict verdict = BearingJudge.judge(List.of(clear(mode, spot)), WELL, false);
            assertThat(verdict.outcome())
                    .as("%s on %s", mode, spot)
                    .isEqualTo(mode == DamageMode.NORMAL_PATH ? Outcome.REUSE : Outcome.RENEW);
        });
    }

    @Test
    void theFirstRustOnARaceEndsItALightStainElsewhereDoesNot() {
        assertThat(judge(trace(DamageMode.MOISTURE_CORROSION, Spot.CUP_RACE)).rule())
                .isEqualTo(Rule.FIRST_RUST);
        assertThat(judge(trace(DamageMode.MOISTURE_CORROSION, Spot.CUP_OUTSIDE)).outcome())
                .isEqualTo(Outcome.REUSE);
        assertThat(judge(clear(DamageMode.MOISTURE_CORROSION, Spot.CUP_OUTSIDE)).outcome())
                .isEqualTo(Outcome.RENEW);
    }

    @Test
    void aFewFineDentsPassUnlessTheNailCatches() {
        assertThat(judge(trace(DamageMode.PARTICLE_DENTS, Spot.CUP_RACE)).outcome())
                .isEqualTo(Outcome.REUSE);
        assertThat(judge(new Finding(DamageMode.PARTICLE_DENTS, Spot.CUP_RACE, Extent.TRACE, Sense.FINGERNAIL))
                        .outcome())
                .isEqualTo(Outcome.RENEW);
    }

    @Test
    void thePracticesDifferOnlyWhereNothingIsWrong() {
        Verdict reuse = BearingJudge.judge(List.of(), WELL, false);
        Verdict renew = BearingJudge.judge(List.of(), WELL, true);

        assertThat(reuse.outcome()).isEqualTo(Outcome.REUSE);
        assertThat(reuse.rule()).isEqualTo(Rule.NOTHING_FOUND);
        assertThat(renew.outcome()).isEqualTo(Outcome.RENEW);
        assertThat(renew.rule()).isEqualTo(Rule.RENEW_ONCE_APART);
    }

    @Test
    void aNoisyBearingIsRenewedEvenWhenNothingIsSeen() {
        assertThat(BearingJudge.judge(List.of(), new Looked(true, WELL.by(), true), false)
                        .rule())
                .isEqualTo(Rule.NOISY);
    }

    @ParameterizedTest
    @MethodSource("hasty")
    void whatWasNotSeenCleanFeltAndTurnedCannotBePassed(Looked looked) {
        Verdict verdict = BearingJudge.judge(List.of(), looked, false);

        assertThat(verdict.outcome()).isEqualTo(Outcome.CANNOT_TELL);
        assertThat(verdict.outcome().isRenewal()).isTrue();
    }

    static Stream<Looked> hasty() {
        return Stream.of(
                new Looked(false, EnumSet.allOf(Sense.class), false),
                new Looked(true, Set.of(Sense.LOOKING, Sense.TURNING), false),
                new Looked(true, Set.of(), false));
    }

    /** Reference sheet, §13: wheel-end cause column. */
    @ParameterizedTest
    @MethodSource("causes")
    void hintsAtTheCause(DamageMode mode, Spot spot, Cause cause) {
        assertThat(judge(clear(mode, spot)).causes().getFirst()).isEqualTo(cause);
        assertThat(cause.remedy()).isNotBlank();
    }

    static Stream<Arguments> causes() {
        return Stream.of(
                Arguments.of(DamageMode.MOISTURE_CORROSION, Spot.CUP_RACE, Cause.WATER),
                Arguments.of(DamageMode.BLUE_TINT, Spot.CONE_RACE, Cause.TOO_TIGHT),
                Arguments.of(DamageMode.FALSE_BRINELLING, Spot.CUP_RACE, Cause.STANDING),
                Arguments.of(DamageMode.TRUE_BRINELLING, Spot.CUP_RACE, Cause.SHOCK),
                Arguments.of(DamageMode.ABRASIVE_WEAR, Spot.RIB, Cause.DIRT),
                Arguments.of(DamageMode.UNEVEN_TRACK, Spot.CUP_RACE, Cause.COCKED),
                Arguments.of(DamageMode.FRETTING_CORROSION, Spot.CONE_BORE, Cause.LOOSE_FIT),
                Arguments.of(DamageMode.CURRENT_LEAKAGE, Spot.CUP_RACE, Cause.CURRENT));
    }

    @Test
    void severalFindingsTogetherPointToTheCauseTheyShare() {
        Verdict verdict = judge(
                clear(DamageMode.ADHESIVE_WEAR, Spot.RIB),
                clear(DamageMode.SURFACE_FATIGUE, Spot.CUP_RACE),
                clear(DamageMode.STRAW_TINT, Spot.ROLLERS));

        assertThat(verdict.causes()).startsWith(Cause.TOO_TIGHT, Cause.POOR_GREASE);
        assertThat(verdict.alsoLookAt()).contains("spindle, for heat colour");
    }

    @Test
    void refusesDamageWhereItCannotBe() {
        assertThatThrownBy(() -> clear(DamageMode.CAGE_WORN, Spot.CUP_RACE))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("cage");
    }

    @Test
    void aGroovedSealLandIsSleevedAGroovedSeatIsNot() {
        assertThat(SeatJudge.judge(Item.SPINDLE, List.of(clear(DamageMode.GROOVE, Spot.SEAL_LAND)))
                        .outcome())
                .isEqualTo(Outcome.REPAIR);
        assertThat(SeatJudge.judge(Item.SPINDLE, List.of(clear(DamageMode.GROOVE, Spot.SPINDLE_SEAT)))
                        .outcome())
                .isEqualTo(Outcome.RENEW);
    }

    /** Reference sheet, §13: a spun cup is the end of the hub, a spun cone of the spindle only where it is grooved. */
    @Test
    void aSpunCupEndsTheHub() {
        assertThat(SeatJudge.judge(Item.HUB, List.of(clear(DamageMode.CREEP, Spot.HUB_BORE)))
                        .outcome())
                .isEqualTo(Outcome.RENEW);
        assertThat(SeatJudge.judge(Item.SPINDLE, List.of(trace(DamageMode.CREEP, Spot.SPINDLE_SEAT)))
                        .outcome())
                .isEqualTo(Outcome.REPAIR);
        assertThat(SeatJudge.judge(Item.HUB, List.of()).outcome()).isEqualTo(Outcome.REUSE);
    }

    @Test
    void comparesWithTheOtherSideAndWithLastTime() {
        Finding rust = clear(DamageMode.MOISTURE_CORROSION, Spot.CUP_RACE);
        Finding normal = clear(DamageMode.NORMAL_PATH, Spot.CUP_RACE);
        Set<Item> all = EnumSet.allOf(Item.class);

        assertThat(Comparison.of(List.of(rust), new OtherSide(List.of(rust), all), List.of()))
                .singleElement()
                .asString()
                .startsWith("Both sides");
        assertThat(Comparison.of(List.of(rust), new OtherSide(List.of(normal), all), List.of(rust)))
                .anySatisfy(line -> assertThat(line).startsWith("Only this side"))
                .anySatisfy(line -> assertThat(line).startsWith("Again").contains(Cause.WATER.remedy()));
        assertThat(Comparison.of(List.of(rust), new OtherSide(List.of(), all), List.of()))
                .as("looked at, and nothing found there")
                .singleElement()
                .asString()
                .startsWith("Only this side");
        assertThat(Comparison.of(List.of(normal), new OtherSide(List.of(rust), all), List.of()))
                .isEmpty();
    }

    /** Rust can be on bearing, spindle and hub: a side whose bearings nobody opened has perhaps as much. */
    @ParameterizedTest
    @EnumSource(Item.class)
    void saysOnlyThisSideOfNothingNeverLookedAtThere(Item missed) {
        Finding rust = clear(DamageMode.MOISTURE_CORROSION, Spot.CUP_RACE);
        Set<Item> looked = EnumSet.complementOf(EnumSet.of(missed));

        assertThat(Comparison.of(List.of(rust), new OtherSide(List.of(), looked), List.of()))
                .isEmpty();
        assertThat(Comparison.of(List.of(rust), OtherSide.UNKNOWN, List.of())).isEmpty();
        // a bent cage is the bearing's own
        assertThat(Comparison.of(
                        List.of(clear(DamageMode.CAGE_WORN, Spot.CAGE)), new OtherSide(List.of(), looked), List.of()))
                .hasSize(missed == Item.BEARING ? 0 : 1);
    }

    @Test
    void everyModeCanBeFoundSomewhereAndHasItsWords() {
        assertThat(DamageMode.values()).allSatisfy(mode -> {
            assertThat(mode.spots()).isNotEmpty();
            assertThat(mode.words()).isNotBlank();
            assertThat(mode.looksLike()).isNotBlank();
            assertThat(mode.causes().isEmpty()).isEqualTo(mode.tolerance() == Tolerance.ALWAYS);
        });
    }

    private static Verdict judge(Finding... findings) {
        return BearingJudge.judge(List.of(findings), WELL, false);
    }

    private static Finding clear(DamageMode mode, Spot spot) {
        return new Finding(mode, spot, Extent.CLEAR, Sense.LOOKING);
    }

    private static Finding trace(DamageMode mode, Spot spot) {
        return new Finding(mode, spot, Extent.TRACE, Sense.LOOKING);
    }
}
