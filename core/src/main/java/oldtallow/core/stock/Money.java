package oldtallow.core.stock;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * An amount in the workshop's own currency.
 *
 * @param cents hundredths, 0 to 10^15: a price is 1,000,000 at most, many of it are more
 */
public record Money(long cents) implements Comparable<Money> {

    public static final Money ZERO = new Money(0);

    private static final int DECIMALS = 2;
    private static final long MOST_CENTS = 100_000_000;
    private static final long MOST_TOTAL_CENTS = 1_000_000_000_000_000L;

    public Money {
        if (cents < 0 || cents > MOST_TOTAL_CENTS) {
            throw new OutOfRangeException(
                    EnteredQuantity.SUM,
                    BigDecimal.valueOf(cents, DECIMALS).toPlainString(),
                    "0 to 10,000,000,000,000");
        }
    }

    /** An amount as typed; at most two decimals. */
    public static Money of(BigDecimal amount) {
        if (amount.stripTrailingZeros().scale() > DECIMALS) {
            throw new OutOfRangeException(
                    EnteredQuantity.PRICE, amount.toPlainString(), "an amount with two decimals at most");
        }
        if (amount.signum() < 0 || amount.compareTo(BigDecimal.valueOf(MOST_CENTS, DECIMALS)) > 0) {
            throw new OutOfRangeException(EnteredQuantity.PRICE, amount.toPlainString(), "0 to 1,000,000");
        }
        return new Money(amount.movePointRight(DECIMALS).longValueExact());
    }

    public BigDecimal amount() {
        return BigDecimal.valueOf(cents, DECIMALS);
    }

    public Money plus(Money other) {
        return new Money(Math.addExact(cents, other.cents));
    }

    /** So many of it, 0 or more. */
    public Money times(int count) {
        return new Money(Math.multiplyExact(cents, count));
    }

    /** So much of it as {@code amount} is of {@code whole}, both above 0; to the nearest hundredth. */
    public Money share(double amount, double whole) {
        if (!(amount >= 0 && whole > 0)) {
            throw new OutOfRangeException(
                    EnteredQuantity.SHARE_OF_PRICE, amount + " of " + whole, "0 or more of more than 0");
        }
        return new Money(Math.round(cents * amount / whole));
    }

    /** This for an hour, over a time; to the nearest hundredth. */
    public Money forAnHourOver(Duration time) {
        return new Money(BigDecimal.valueOf(cents)
                .multiply(BigDecimal.valueOf(time.getSeconds()))
                .divide(BigDecimal.valueOf(3600), RoundingMode.HALF_EVEN)
                .setScale(0, RoundingMode.HALF_EVEN)
                .longValueExact());
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(cents, other.cents);
    }
}
