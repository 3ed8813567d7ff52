package oldtallow.app.units.form;

/** A difference of temperatures, in both scales. */
public record WarmingView(double celsius, double fahrenheit) {

    private static final double FAHRENHEIT_PER_KELVIN = 1.8;

    public static WarmingView ofKelvin(double kelvin) {
        return new WarmingView(kelvin, kelvin * FAHRENHEIT_PER_KELVIN);
    }
}
