package oldtallow.core.procedure.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.part.Fate;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Ledger.End;
import oldtallow.core.procedure.job.Ledger.Entry;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import org.junit.jupiter.api.Test;

class LedgerTest {

    private static final JobBrief REPACK = Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK);

    @Test
    void laysPartsOutInTheOrderTheyCameOff() {
        assertThat(after(Stage.STRIP).onTray())
                .containsExactly(
                        Part.WHEEL,
                        Part.CAP,
                        Part.COTTER,
                        Part.NUT,
                        Part.WASHER,
                        Part.OUTBOARD_CONE,
                        Part.HUB,
                        Part.SEAL,
                        Part.INBOARD_CONE);
    }

    @Test
    void saysWhatIsToBecomeOfEach() {
        assertThat(after(Stage.STRIP).entries())
                .filteredOn(entry ->
                        List.of(Part.COTTER, Part.NUT, Part.INBOARD_CONE).contains(entry.part()))
                .extracting(Entry::fate)
                .containsExactly(Fate.ALWAYS_NEW, Fate.REFIT, Fate.JUDGE);
    }

    @Test
    void whatWasJudgedGoodIsToGoBack() {
        assertThat(entry(after(Stage.JUDGE), Part.INBOARD_CONE).fate()).isEqualTo(Fate.REFIT);
        assertThat(entry(after(Stage.JUDGE), Part.COTTER).fate()).isEqualTo(Fate.ALWAYS_NEW);
    }

    @Test
    void aCondemnedBearingIsToBeRenewed() {
        Ledger ledger = Ledger.after(steps(Stage.STRIP), REPACK.condemning(Part.INBOARD_CONE));

        assertThat(entry(ledger, Part.INBOARD_CONE).fate()).isEqualTo(Fate.ALWAYS_NEW);
        assertThat(entry(ledger, Part.OUTBOARD_CONE).fate()).isEqualTo(Fate.JUDGE);
    }

    @Test
    void partsLeaveTheTrayTheWayTheyGo() {
        Ledger ledger = after(Stage.REMEMBER);

        assertThat(ledger.isEmpty()).isTrue();
        assertThat(entry(ledger, Part.NUT).end()).contains(End.REFITTED);
        assertThat(entry(ledger, Part.SEAL).end()).contains(End.RENEWED);
    }

    @Test
    void isNotEmptyWhileAnythingLiesThere() {
        Ledger ledger = after(Stage.SET_NUT);

        assertThat(ledger.isEmpty()).isFalse();
        assertThat(ledger.onTray()).containsExactly(Part.WHEEL, Part.CAP, Part.COTTER);
    }

    @Test
    void aPartThatComesOffAgainLiesThereOnce() {
        List<Step> twice = new ArrayList<>(steps(Stage.REMEMBER));
        twice.addAll(steps(Stage.STRIP));

        assertThat(Ledger.after(twice, REPACK).entries())
                .extracting(Entry::part)
                .doesNotHaveDuplicates();
    }

    private static Ledger after(Stage last) {
        return Ledger.after(steps(last), REPACK);
    }

    private static List<Step> steps(Stage last) {
        return Planner.plan(REPACK).steps().stream()
                .takeWhile(step -> step.stage().compareTo(last) <= 0)
                .toList();
    }

    private static Entry entry(Ledger ledger, Part part) {
        return ledger.entries().stream()
                .filter(entry -> entry.part() == part)
                .findFirst()
                .orElseThrow();
    }
}
