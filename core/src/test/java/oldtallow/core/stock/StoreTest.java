package oldtallow.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Briefs;
import oldtallow.core.procedure.job.Planner;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.stock.JobCost.For;
import oldtallow.core.stock.Kit.Line;
import oldtallow.core.stock.Kit.Need;
import oldtallow.core.stock.Kit.Why;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class StoreTest {

    @Test
    void aRepackNeedsWhatIsAlwaysNewAndKeepsTheWasher() {
        Kit kit = Kit.of(Planner.plan(Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK)));

        assertThat(kit.lines())
                .contains(new Line(Part.SEAL, Why.ALWAYS_NEW), new Line(Part.COTTER, Why.ALWAYS_NEW))
                .contains(new Line(Part.WASHER, Why.SAVED))
                .noneMatch(line -> line.part() == Part.INBOARD_CONE);
        assertThat(kit.lines().getFirst().why()).isEqualTo(Why.ALWAYS_NEW);
    }

    @Test
    void aRenewalNeedsBothSets() {
        Kit kit = Kit.of(Planner.plan(Briefs.of(Construction.STEPPED_BRAKED, Scope.RENEW)));

        assertThat(kit.lines())
                .filteredOn(line -> line.why() == Why.RENEWED)
                .extracting(Line::part)
                .contains(Part.INBOARD_CONE, Part.INBOARD_CUP, Part.OUTBOARD_CONE, Part.OUTBOARD_CUP);
    }

    /** Cup and cone share one fate, so they are one thing to order. */
    @Test
    void coneAndCupAreOneSetToOrder() {
        Kit kit = Kit.of(Planner.plan(Briefs.of(Construction.STEPPED_BRAKED, Scope.RENEW)));

        assertThat(kit.needs())
                .containsOnlyOnce(
                        new Need(StockKind.BEARING, Part.INBOARD_CONE),
                        new Need(StockKind.BEARING, Part.OUTBOARD_CONE),
                        new Need(StockKind.SEAL, Part.SEAL),
                        new Need(StockKind.LOCK, Part.COTTER))
                .noneMatch(need -> need.part() == Part.WASHER || need.part() == Part.INBOARD_CUP);
    }

    /** A hub exchange is one thing to order, bearings in it. */
    @Test
    void aCompleteHubComesWithItsBearings() {
        Kit kit = Kit.of(Planner.plan(Briefs.of(Construction.STEPPED_BRAKED, Scope.EXCHANGE)));

        assertThat(kit.needs())
                .contains(new Need(StockKind.HUB, Part.HUB), new Need(StockKind.SEAL, Part.SEAL))
                .noneMatch(need -> need.kind() == StockKind.BEARING);
    }

    /** A kit holds exactly what the plan puts on new, each once. */
    @ParameterizedTest
    @MethodSource("oldtallow.core.procedure.job.Briefs#presets")
    void aKitIsWhatThePlanPutsOnNew(oldtallow.core.procedure.brief.JobBrief brief) {
        var plan = Planner.plan(brief);

        assertThat(Kit.of(plan).lines().stream()
                        .filter(line -> line.why().isBought())
                        .map(Line::part))
                .containsExactlyInAnyOrderElementsOf(plan.newParts());
    }

    @Test
    void anAmountHasTwoDecimals() {
        assertThat(Money.of(new BigDecimal("12.50")).cents()).isEqualTo(1250);
        assertThat(Money.of(new BigDecimal("12.500")).cents()).isEqualTo(1250);
        assertThatThrownBy(() -> Money.of(new BigDecimal("12.505")))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("two decimals");
    }

    @ParameterizedTest
    @ValueSource(strings = {"-0.01", "1000000.01"})
    void refusesAmountsThatAreNoPrices(String amount) {
        assertThatThrownBy(() -> Money.of(new BigDecimal(amount))).hasMessageContaining("0 to 1,000,000");
    }

    @Test
    void manyOfAPriceMayBeMoreThanAPriceMayBe() {
        assertThat(Money.of(new BigDecimal("1000000")).times(4).amount()).isEqualByComparingTo("4000000");
    }

    @Test
    void anHourlyRateOverATimeIsRoundedToTheNearestHundredth() {
        assertThat(Money.of(new BigDecimal("68"))
                        .forAnHourOver(Duration.ofMinutes(35))
                        .amount())
                .isEqualByComparingTo("39.67");
        assertThat(Money.of(new BigDecimal("0.01")).times(3).plus(Money.ZERO).cents())
                .isEqualTo(3);
    }

    /** ISO 2230, group B: nitrile rubber, 7 years packed (from memory). */
    @Test
    void sealsAgeBySevenYears() {
        assertThat(ShelfLife.NITRILE_SEAL.until(LocalDate.of(2024, 2, 29))).isEqualTo(LocalDate.of(2031, 2, 28));
    }

    @Test
    void aShareOfAPriceIsRoundedToTheNearestHundredth() {
        Money cartridge = Money.of(new BigDecimal("9.80"));

        assertThat(cartridge.share(90, 400).amount()).isEqualByComparingTo("2.21"); // 2.205
        assertThat(cartridge.share(0, 400)).isEqualTo(Money.ZERO);
        assertThatThrownBy(() -> cartridge.share(90, 0)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> cartridge.share(Double.NaN, 400)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void aJobCostsItsPartsConsumablesAndTime() {
        var cost = new JobCost(
                Scope.REPACK,
                List.of(
                        new JobCost.Line(For.PART, "seal", Optional.of(Money.of(new BigDecimal("6.40")))),
                        new JobCost.Line(For.PART, "cap", Optional.empty()),
                        new JobCost.Line(For.CONSUMABLE, "grease", Optional.of(Money.of(new BigDecimal("1.90"))))),
                Duration.ofMinutes(45),
                Optional.of(Money.of(new BigDecimal("60"))));

        assertThat(cost.of(For.PART).amount()).isEqualByComparingTo("6.40");
        assertThat(cost.labour().orElseThrow().amount()).isEqualByComparingTo("45.00");
        assertThat(cost.total().amount()).isEqualByComparingTo("53.30");
        assertThat(cost.unpriced()).containsExactly("cap");
        assertThat(cost.isWhole()).isFalse();
    }

    @Test
    void withoutAnHourlyRateThereIsNoLabourAndTheCostIsNotWhole() {
        var cost = new JobCost(Scope.ADJUST, List.of(), Duration.ofMinutes(20), Optional.empty());

        assertThat(cost.labour()).isEmpty();
        assertThat(cost.total()).isEqualTo(Money.ZERO);
        assertThat(cost.isWhole()).isFalse();
    }

    /** Put off again and again a job ends at the roadside; it never turns into a lesser one. */
    @ParameterizedTest
    @EnumSource(Construction.class)
    void whatIsPutOffGrowsUntilItEndsAtTheRoadside(Construction construction) {
        List<Scope> growing = List.of(Scope.ADJUST, Scope.REPACK, Scope.RENEW, Scope.EXCHANGE, Scope.ROADSIDE);
        for (Scope scope : growing.subList(0, 4)) {
            if (!scope.isPossibleOn(construction)
                    || PutOff.of(scope, construction).isEmpty()) {
                // an upright is renewed at the bench, and that is the greatest job there is
                assertThat(construction).isEqualTo(Construction.SPACER_SET);
                continue;
            }
            Scope then = PutOff.of(scope, construction).orElseThrow().then();
            assertThat(growing.indexOf(then)).isGreaterThan(growing.indexOf(scope));
            assertThat(then.isPossibleOn(construction)).isTrue();
        }
        assertThat(PutOff.of(Scope.ROADSIDE, construction)).isEmpty();
    }
}
