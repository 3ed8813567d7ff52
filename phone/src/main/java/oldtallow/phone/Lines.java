package oldtallow.phone;

import java.util.Arrays;
import java.util.function.Consumer;

/** Results, each on a line of its own: where it comes from, a tab, and the result. */
final class Lines {

    private final Consumer<String> told;

    Lines(Consumer<String> told) {
        this.told = told;
    }

    /** The same to the letter wherever it is run. */
    void tell(String of, String result) {
        told.accept(of + "\t" + result.replace('\n', ' '));
    }

    /** Worked out straight on: the last digits may differ. */
    void tell(String of, double... numbers) {
        tell(of, "~" + words(numbers));
    }

    /** What a solver settled on. */
    void settled(String of, double... numbers) {
        tell(of, "≈" + words(numbers));
    }

    private static String words(double... numbers) {
        return String.join(
                " ", Arrays.stream(numbers).mapToObj(Double::toString).toList());
    }
}
