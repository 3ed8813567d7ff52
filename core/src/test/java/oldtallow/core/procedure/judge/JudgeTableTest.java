package oldtallow.core.procedure.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import oldtallow.core.procedure.judge.Finding.Extent;
import oldtallow.core.procedure.judge.Finding.Sense;
import oldtallow.core.procedure.judge.Spot.Item;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every finding there can be, with the verdict of the trade written down by hand: common practice, and the verdict column of the
 * reference sheet, §13 (common practice). A trace first, then clear damage.
 */
class JudgeTableTest {

    private static final Looked WELL = new Looked(true, EnumSet.allOf(Sense.class), false);

    /** Where rollers run everything but the even grey path ends it; see the exceptions. */
    private static final String BEARING = """
            SUBSURFACE_FATIGUE CUP_RACE,CONE_RACE,ROLLERS                 renew renew
            SURFACE_FATIGUE    CUP_RACE,CONE_RACE,ROLLERS                 renew renew
            ABRASIVE_WEAR      CUP_RACE,CONE_RACE,ROLLERS,RIB             renew renew
            ADHESIVE_WEAR      CUP_RACE,CONE_RACE,ROLLERS,RIB             renew renew
            MOISTURE_CORROSION CUP_RACE,CONE_RACE,ROLLERS,RIB             renew renew
            MOISTURE_CORROSION CONE_BORE,CUP_OUTSIDE                      reuse renew
            FRETTING_CORROSION CONE_BORE,CUP_OUTSIDE                      reuse renew
            FALSE_BRINELLING   CUP_RACE,CONE_RACE                         renew renew
            CURRENT_EROSION    CUP_RACE,CONE_RACE,ROLLERS                 renew renew
            CURRENT_LEAKAGE    CUP_RACE,CONE_RACE                         renew renew
            TRUE_BRINELLING    CUP_RACE,CONE_RACE                         renew renew
            PARTICLE_DENTS     CUP_RACE,CONE_RACE,ROLLERS                 reuse renew
            FORCED_FRACTURE    CUP_RACE,CONE_RACE,RIB,CAGE,ROLLERS        renew renew
            FATIGUE_FRACTURE   CUP_RACE,CONE_RACE,CAGE                    renew renew
            THERMAL_CRACKING   CUP_RACE,CONE_RACE,CONE_BORE               renew renew
            STRAW_TINT         CUP_RACE,CONE_RACE,ROLLERS,RIB,CONE_BORE   renew renew
            BLUE_TINT          CUP_RACE,CONE_RACE,ROLLERS,RIB,CONE_BORE   renew renew
            CAGE_WORN          CAGE                                       renew renew
            UNEVEN_TRACK       CUP_RACE,CONE_RACE                         renew renew
            CREEP              CONE_BORE,CUP_OUTSIDE                      renew renew
            NORMAL_PATH        CUP_RACE,CONE_RACE,ROLLERS                 reuse reuse
            """;

    /** A crack, heat colour, a grooved or spun seat and a pulled thread end a spindle; a land can be sleeved, light rust dressed. */
    private static final String SEATS = """
            MOISTURE_CORROSION SPINDLE_SEAT            repair renew
            MOISTURE_CORROSION SEAL_LAND,THREAD        repair repair
            MOISTURE_CORROSION TONE_RING               repair renew
            FRETTING_CORROSION SPINDLE_SEAT,HUB_BORE   repair renew
            FATIGUE_FRACTURE   SPINDLE_SEAT,HUB_BORE   renew  renew
            THERMAL_CRACKING   SPINDLE_SEAT            renew  renew
            STRAW_TINT         SPINDLE_SEAT            renew  renew
            BLUE_TINT          SPINDLE_SEAT            renew  renew
            CREEP              SPINDLE_SEAT            repair renew
            CREEP              HUB_BORE                renew  renew
            GROOVE             SPINDLE_SEAT            renew  renew
            GROOVE             SEAL_LAND               repair repair
            THREAD_DAMAGE      THREAD                  renew  renew
            BURR               HUB_BORE                repair repair
            TEETH_DAMAGED      TONE_RING               renew  renew
            """;

    record Row(Finding finding, Outcome outcome) {}

    private static Stream<Row> rows(String table) {
        return table.lines().flatMap(line -> {
            String[] cells = line.strip().split(" +", -1);
            return Arrays.stream(cells[1].split(",", -1))
                    .flatMap(spot -> Stream.of(
                            row(cells[0], spot, Extent.TRACE, cells[2]), row(cells[0], spot, Extent.CLEAR, cells[3])));
        });
    }

    private static Row row(String mode, String spot, Extent extent, String outcome) {
        return new Row(
                new Finding(DamageMode.valueOf(mode), Spot.valueOf(spot), extent, Sense.LOOKING),
                Outcome.valueOf(outcome.toUpperCase(Locale.ROOT)));
    }

    static Stream<Row> bearings() {
        return rows(BEARING);
    }

    static Stream<Row> seats() {
        return rows(SEATS);
    }

    @ParameterizedTest
    @MethodSource("bearings")
    void judgesABearingAsTheTradeDoes(Row row) {
        assertThat(BearingJudge.judge(List.of(row.finding()), WELL, false).outcome())
                .isEqualTo(row.outcome());
    }

    @ParameterizedTest
    @MethodSource("seats")
    void judgesASeatAsTheTradeDoes(Row row) {
        assertThat(SeatJudge.judge(row.finding().spot().item(), List.of(row.finding()))
                        .outcome())
                .isEqualTo(row.outcome());
    }

    /** The table has every mode at every place it is found. */
    @Test
    void leavesNothingOut() {
        Set<String> written = new TreeSet<>();
        Stream.concat(bearings(), seats())
                .forEach(row ->
                        written.add(row.finding().mode() + " " + row.finding().spot()));
        Set<String> possible = new TreeSet<>();
        for (DamageMode mode : DamageMode.values()) {
            mode.spots().forEach(spot -> possible.add(mode + " " + spot));
        }

        assertThat(written).isEqualTo(possible);
    }

    /** Two findings: the worse one decides, whichever was written down first. A cracked spindle with light rust is cracked. */
    @Test
    void theWorseOfTwoDecides() {
        for (List<Row> rows : List.of(bearings().toList(), seats().toList())) {
            for (Row one : rows) {
                for (Row other : rows) {
                    Item item = one.finding().spot().item();
                    if (other.finding().spot().item() != item) {
                        continue;
                    }
                    Outcome worse = List.of(one.outcome(), other.outcome()).contains(Outcome.RENEW)
                            ? Outcome.RENEW
                            : List.of(one.outcome(), other.outcome()).contains(Outcome.REPAIR)
                                    ? Outcome.REPAIR
                                    : Outcome.REUSE;
                    List<Finding> both = new ArrayList<>(List.of(one.finding(), other.finding()));
                    Verdict verdict =
                            item == Item.BEARING ? BearingJudge.judge(both, WELL, false) : SeatJudge.judge(item, both);

                    assertThat(verdict.outcome()).as("%s", both).isEqualTo(worse);
                    if (worse == Outcome.RENEW && item != Item.BEARING) {
                        assertThat(verdict.reason()).doesNotContain("clean it").contains("would not last");
                    }
                }
            }
        }
    }

    /** A finding of another item decides nothing here: rust in the cup condemns no spindle. */
    @Test
    void judgesEachItemByItsOwnFindings() {
        for (Row row : bearings().toList()) {
            assertThat(SeatJudge.judge(Item.SPINDLE, List.of(row.finding())).outcome())
                    .isEqualTo(Outcome.REUSE);
        }
        for (Row row : seats().toList()) {
            assertThat(BearingJudge.judge(List.of(row.finding()), WELL, false).outcome())
                    .isEqualTo(Outcome.REUSE);
        }
    }
}
