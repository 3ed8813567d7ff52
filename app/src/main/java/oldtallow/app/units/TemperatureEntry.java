package oldtallow.app.units;

import oldtallow.core.quantity.Temperature;

/** A temperature as somebody entered it: the number and its unit. */
public record TemperatureEntry(Double number, TemperatureUnit unit) {

    /** Units a temperature is entered in. */
    public enum TemperatureUnit {
        CELSIUS,
        FAHRENHEIT
    }

    public Temperature toTemperature() {
        return switch (unit) {
            case CELSIUS -> Temperature.ofCelsius(number);
            case FAHRENHEIT -> Temperature.ofFahrenheit(number);
        };
    }
}
