package oldtallow.app.units.form;

import java.util.Map;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * A spindle thread. Its pitch comes either in millimetres or as threads per inch.
 *
 * @param designation as the trade writes it, such as 1-14 UNS
 */
public record ThreadForm(
        @Nullable String designation,
        @Nullable Double pitchMillimetres,
        @Nullable Double threadsPerInch,
        Double nominalDiameterMillimetres,
        ThreadHand hand) {

    public static ThreadForm of(String designation, ScrewThread thread) {
        return new ThreadForm(
                designation,
                thread.pitch().millimetres(),
                null,
                thread.nominalDiameter().millimetres(),
                thread.hand());
    }

    /** The thread, or null with everything that is wrong noted under {@code path}. */
    public @Nullable ScrewThread toThread(String path, FieldErrors errors) {
        if ((pitchMillimetres == null) == (threadsPerInch == null)) {
            errors.add(
                    path + ".pitchMillimetres", pitchMillimetres, "give either this or threadsPerInch, and only one");
            return null;
        }
        String field = path + (pitchMillimetres == null ? ".threadsPerInch" : ".pitchMillimetres");
        return errors.at(
                field, Map.of(EnteredQuantity.THREAD_DIAMETER, path + ".nominalDiameterMillimetres"), this::thread);
    }

    private ScrewThread thread() {
        Length diameter = Length.ofMillimetres(nominalDiameterMillimetres);
        if (pitchMillimetres != null) {
            return new ScrewThread(Length.ofMillimetres(pitchMillimetres), hand, diameter);
        }
        return ScrewThread.ofThreadsPerInch(threadsPerInch == null ? Double.NaN : threadsPerInch, hand, diameter);
    }
}
