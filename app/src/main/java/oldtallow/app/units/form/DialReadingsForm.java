package oldtallow.app.units.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import oldtallow.app.units.LengthEntry;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.setting.measure.DialReadings;
import org.jspecify.annotations.Nullable;

/**
 * End play read on a dial indicator.
 *
 * @param slack what the contact or stand gives; none where null
 * @param graduation of the indicator; a hundredth of a millimetre where null
 */
public record DialReadingsForm(
        List<LengthEntry> readings,
        @Nullable LengthEntry slack,
        @Nullable LengthEntry graduation) {

    /** The readings, or null with everything that is wrong noted under {@code path}. */
    public @Nullable DialReadings toReadings(String path, FieldErrors errors) {
        List<@Nullable Length> read = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            LengthEntry one = readings.get(i);
            read.add(errors.at(path + ".readings[" + i + "].number", one::toLength));
        }
        @Nullable Length gives = slack == null ? Length.ZERO : errors.at(path + ".slack.number", slack::toLength);
        @Nullable
        Length fine = graduation == null
                ? DialReadings.USUAL_GRADUATION
                : errors.at(path + ".graduation.number", graduation::toLength);
        if (gives == null || fine == null || read.stream().anyMatch(Objects::isNull)) {
            return null;
        }
        return errors.at(
                path + ".readings",
                Map.of(
                        EnteredQuantity.CONTACT_SLACK, path + ".slack.number",
                        EnteredQuantity.GRADUATION_OF_INDICATOR, path + ".graduation.number"),
                () -> new DialReadings(
                        read.stream().map(Objects::requireNonNull).toList(), gives, fine));
    }
}
