package oldtallow.benchmark;

import java.io.IOException;

/**
 * Nut calculations at a steady 200 a second against a running application with the demo data.
 *
 * <p>Argument: the application's address, on loopback.
 */
public final class NutCalculationLoad {

    private static final String BODY = """
            {"thread": {"threadsPerInch": 14, "nominalDiameterMillimetres": 25.4, "hand": "RIGHT"},
             "lock": {"kind": "CASTLE_NUT", "slots": 6, "marksDegrees": [0, 90]},
             "reading": {"mark": 2, "looserDegrees": 17}, "procedure": "SEAT_AND_FINGER_TIGHT",
             "finalTorque": {"number": 20, "unit": "POUND_FORCE_FOOT"}}
            """;

    private NutCalculationLoad() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        try (Device device = Device.signedIn(arguments[0], "tobe")) {
            new SteadyLoad("nut calculation", device, 200, i -> device.post("/api/v1/nut-calculations", BODY))
                    .measure();
        }
    }
}
