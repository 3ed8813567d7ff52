package oldtallow.app.units;

import oldtallow.core.quantity.Temperature;

/** A temperature to be shown, in both units. */
public record TemperatureView(double celsius, double fahrenheit) {

    public static TemperatureView of(Temperature temperature) {
        return new TemperatureView(temperature.celsius(), temperature.fahrenheit());
    }

    public static TemperatureView ofCelsius(double celsius) {
        return of(Temperature.ofCelsius(celsius));
    }
}
