package oldtallow.core.quantity;

/**
 * A temperature, not a difference of two.
 *
 * <p>t(°C) = (t(°F) − 32)·5/9 exactly (NIST SP 811, appendix B). From memory.
 *
 * @param celsius −273.15 or more
 */
public record Temperature(double celsius) implements Comparable<Temperature> {

    private static final double ABSOLUTE_ZERO = -273.15;

    public Temperature {
        if (!(celsius >= ABSOLUTE_ZERO && celsius < Double.POSITIVE_INFINITY)) {
            throw new OutOfRangeException(
                    EnteredQuantity.TEMPERATURE, celsius + " °C", "-273.15 °C (-459.67 °F) or more");
        }
    }

    public static Temperature ofCelsius(double celsius) {
        return new Temperature(celsius);
    }

    public static Temperature ofFahrenheit(double fahrenheit) {
        return new Temperature((fahrenheit - 32) * 5 / 9);
    }

    public double fahrenheit() {
        return celsius * 9 / 5 + 32;
    }

    @Override
    public int compareTo(Temperature other) {
        return Double.compare(celsius, other.celsius);
    }
}
