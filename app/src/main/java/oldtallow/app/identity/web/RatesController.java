package oldtallow.app.identity.web;

import java.math.BigDecimal;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.identity.model.Rates;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.stock.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/workshop/rates")
class RatesController {

    private final Workshops workshops;

    RatesController(Workshops workshops) {
        this.workshops = workshops;
    }

    /** What the workshop's time costs; version 0 and no amounts where nobody has said. */
    @GetMapping
    RatesView rates() {
        return workshops.rates().map(RatesView::of).orElse(new RatesView(null, null, null, 0));
    }

    /** Sets the hourly rate and what waiting costs. */
    @PutMapping
    RatesView set(@RequestBody RatesForm form) {
        var errors = new FieldErrors();
        @Nullable Money hour = errors.at("hour", () -> Money.of(form.hour()));
        @Nullable Money sundries = errors.at("sundries", () -> Money.of(form.sundries()));
        @Nullable Money day = errors.at("standingDay", () -> Money.of(form.standingDay()));
        workshops.set(new Rates(errors.require(hour), errors.require(sundries), errors.require(day), form.version()));
        return rates();
    }

    /**
     * Amounts in the workshop's own currency.
     *
     * @param version as it was read
     */
    record RatesForm(BigDecimal hour, BigDecimal sundries, BigDecimal standingDay, int version) {}

    record RatesView(
            @Nullable BigDecimal hour,
            @Nullable BigDecimal sundries,
            @Nullable BigDecimal standingDay,
            int version) {

        static RatesView of(Rates rates) {
            return new RatesView(
                    rates.hour().amount(),
                    rates.sundries().amount(),
                    rates.standingDay().amount(),
                    rates.version());
        }
    }
}
