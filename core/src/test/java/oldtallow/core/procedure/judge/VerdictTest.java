package oldtallow.core.procedure.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import oldtallow.core.procedure.judge.Finding.Extent;
import oldtallow.core.procedure.judge.Finding.Sense;
import oldtallow.core.procedure.judge.Spot.Item;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.judge.Verdict.Rule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a verdict says of itself, and what it holds to be the cause. */
class VerdictTest {

    private static final Looked WELL = new Looked(true, EnumSet.allOf(Sense.class), false);

    /** The rule named is the one that decided, and the reason names what was found where. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "MOISTURE_CORROSION CUP_RACE TRACE | FIRST_RUST | Rust, water stain on cup, raceway: it does not heal.",
                "SUBSURFACE_FATIGUE ROLLERS TRACE | DAMAGE_ENDS_IT | Flaking, spalling on rollers: it only gets worse from here.",
                "CAGE_WORN CAGE CLEAR | DAMAGE_ENDS_IT | Bent cage, loose rollers on cage: it only gets worse from here.",
                "FRETTING_CORROSION CONE_BORE TRACE | LIGHT_MARKS | Light marks only, none where it runs.",
                "NORMAL_PATH CUP_RACE CLEAR | NOTHING_FOUND | Clean, even path, nothing to feel.",
            })
    void saysWhyABearingIsJudgedSo(String found, Rule rule, String reason) {
        Verdict verdict = BearingJudge.judge(List.of(finding(found)), WELL, false);

        assertThat(verdict.rule()).isEqualTo(rule);
        assertThat(verdict.reason()).isEqualTo(reason);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GROOVE SEAL_LAND CLEAR | LIGHT_MARKS | Groove on spindle, seal land: a sleeve, or the new seal set back to fresh metal.",
                "MOISTURE_CORROSION SPINDLE_SEAT TRACE | LIGHT_MARKS | Rust, water stain on spindle, bearing seat: clean it, dress it, and look again.",
                "MOISTURE_CORROSION SPINDLE_SEAT CLEAR | NEIGHBOUR_WORN | Rust, water stain on spindle, bearing seat: the next bearing would not last on it.",
                "BLUE_TINT SPINDLE_SEAT TRACE | NEIGHBOUR_WORN | Blue colour on spindle, bearing seat: the next bearing would not last on it.",
                "THERMAL_CRACKING SPINDLE_SEAT TRACE | NEIGHBOUR_WORN | Heat cracks on spindle, bearing seat: the next bearing would not last on it.",
                "CREEP HUB_BORE TRACE | NEIGHBOUR_WORN | Spun ring on hub, cup bore: the next bearing would not last on it.",
            })
    void saysWhyASeatIsJudgedSo(String found, Rule rule, String reason) {
        Finding finding = finding(found);
        Verdict verdict = SeatJudge.judge(finding.spot().item(), List.of(finding));

        assertThat(verdict.rule()).isEqualTo(rule);
        assertThat(verdict.reason()).isEqualTo(reason);
    }

    @Test
    void saysWhatWasLeftUndone() {
        Set<Sense> all = EnumSet.allOf(Sense.class);

        assertThat(BearingJudge.judge(List.of(), new Looked(false, all, false), false)
                        .reason())
                .isEqualTo("Old grease hides what there is to see.");
        assertThat(BearingJudge.judge(List.of(), new Looked(true, Set.of(Sense.LOOKING), false), false)
                        .reason())
                .isEqualTo("It was not looked at, felt and turned.");
    }

    @ParameterizedTest
    @EnumSource(Outcome.class)
    void whatNobodyCanTellIsRenewed(Outcome outcome) {
        assertThat(outcome.isRenewal())
                .isEqualTo(Set.of(Outcome.RENEW, Outcome.CANNOT_TELL).contains(outcome));
    }

    /**
     * Weights, worked by hand: the first cause named of a mode 1, the next half of it, and so on; a trace counts half of what is
     * clear. Equal ones in the order in which causes are listed.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // standing 1/2, loose 1/4; current 1
                "FALSE_BRINELLING CUP_RACE TRACE; CURRENT_LEAKAGE CUP_RACE CLEAR | CURRENT STANDING TOO_LOOSE",
                // standing 1, loose 1/2; current 1: the earlier listed first
                "FALSE_BRINELLING CUP_RACE CLEAR; CURRENT_LEAKAGE CUP_RACE CLEAR | STANDING CURRENT TOO_LOOSE",
                // tight 1/2, grease 1/4 + 1 = 5/4, water 1/2, dirt 1/4
                "ADHESIVE_WEAR RIB TRACE; SURFACE_FATIGUE CUP_RACE CLEAR | POOR_GREASE TOO_TIGHT WATER DIRT",
                // shock 1/2, tight 1/4 + 1 = 5/4, mishandled 1/8, grease 1/2: the earlier listed first
                "TRUE_BRINELLING CUP_RACE TRACE; ADHESIVE_WEAR RIB CLEAR | TOO_TIGHT POOR_GREASE SHOCK MISHANDLED",
                // mishandled 1 + 1/4 = 5/4, shock 1/2 + 1 = 3/2, tight 1/2
                "FORCED_FRACTURE CAGE CLEAR; TRUE_BRINELLING CUP_RACE CLEAR | SHOCK MISHANDLED TOO_TIGHT",
                "NORMAL_PATH CUP_RACE CLEAR | ",
            })
    void weighsCausesByWhatSpeaksForThem(String found, String causes) {
        List<Finding> findings = findings(found);
        List<Cause> expected = causes == null
                ? List.of()
                : Arrays.stream(causes.split(" ", -1)).map(Cause::valueOf).toList();

        assertThat(BearingJudge.judge(findings, WELL, false).causes()).isEqualTo(expected);
    }

    /** Where the damage of a bearing reaches to: each neighbour once. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ADHESIVE_WEAR RIB CLEAR; BLUE_TINT RIB CLEAR; STRAW_TINT RIB CLEAR | spindle, for heat colour",
                "TRUE_BRINELLING CUP_RACE CLEAR | spindle, for a bend",
                "THERMAL_CRACKING CONE_RACE CLEAR | spindle, for cracks (crack test)",
                "FATIGUE_FRACTURE CAGE CLEAR; CREEP CONE_BORE CLEAR | spindle and hub seats, for wear",
                "FRETTING_CORROSION CONE_BORE CLEAR | spindle and hub seats, for wear",
                "FORCED_FRACTURE CAGE CLEAR | hub, for cracks",
                "ABRASIVE_WEAR RIB CLEAR; PARTICLE_DENTS ROLLERS CLEAR | seal and hub, for where the dirt came in",
                "MOISTURE_CORROSION CUP_RACE CLEAR | seal and cap, for where the water came in",
                "UNEVEN_TRACK CUP_RACE CLEAR | 'hub shoulder, for a burr or chip'",
            })
    void sendsToTheNeighboursTheDamageReaches(String found, String also) {
        List<Finding> findings = findings(found);

        assertThat(BearingJudge.judge(findings, WELL, false).alsoLookAt()).containsExactly(also);
    }

    /** The causes of a spindle are those of its own findings. */
    @Test
    void blamesASpindleForItsOwn() {
        Verdict verdict = SeatJudge.judge(
                Item.SPINDLE,
                List.of(finding("CURRENT_EROSION CUP_RACE CLEAR"), finding("THREAD_DAMAGE THREAD CLEAR")));

        assertThat(verdict.causes()).containsExactly(Cause.MISHANDLED);
    }

    private static List<Finding> findings(String written) {
        return Arrays.stream(written.split(";", -1)).map(VerdictTest::finding).toList();
    }

    private static Finding finding(String written) {
        String[] cells = written.strip().split(" ", -1);
        return new Finding(
                DamageMode.valueOf(cells[0]), Spot.valueOf(cells[1]), Extent.valueOf(cells[2]), Sense.LOOKING);
    }
}
