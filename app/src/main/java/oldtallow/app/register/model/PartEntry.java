package oldtallow.app.register.model;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * A part as it is entered.
 *
 * @param id the caller's, so that a try repeated is one part
 * @param conePairNumber engraved on the cone of a matched pair; the cup's must agree
 */
public record PartEntry(
        UUID id,
        PartPlace place,
        String designation,
        Optional<String> cupDesignation,
        Optional<String> conePairNumber,
        Optional<String> cupPairNumber,
        String gradeNote,
        String batch,
        @Nullable LocalDate packedOn,
        @Nullable LocalDate fittedOn,
        @Nullable Integer fittedKm,
        FittedPart.Condition condition) {

    private static final int MOST_KM = 5_000_000;

    public PartEntry {
        designation = designation.strip();
        cupDesignation = cupDesignation.map(String::strip).filter(text -> !text.isEmpty());
        conePairNumber = conePairNumber.map(String::strip).filter(text -> !text.isEmpty());
        cupPairNumber = cupPairNumber.map(String::strip).filter(text -> !text.isEmpty());
        gradeNote = gradeNote.strip();
        batch = batch.strip();
    }

    /** A bearing of which no more than its numbers is known. */
    public static PartEntry bearing(UUID id, PartPlace place, String cone, String cup) {
        return new PartEntry(
                id,
                place,
                cone,
                Optional.of(cup),
                Optional.empty(),
                Optional.empty(),
                "",
                "",
                null,
                null,
                null,
                FittedPart.Condition.REUSED);
    }

    public FittedPart on(UUID wheelEndId) {
        return new FittedPart(
                id,
                wheelEndId,
                place,
                designation,
                cupDesignation.orElse(null),
                conePairNumber.orElse(null),
                gradeNote,
                batch,
                packedOn,
                fittedOn,
                fittedKm,
                condition,
                null);
    }

    public void check(LocalDate today, FieldErrors errors) {
        text("designation", designation, 1, 40, errors);
        text("gradeNote", gradeNote, 0, 200, errors);
        text("batch", batch, 0, 40, errors);
        if (!place.isBearing()) {
            cupDesignation.ifPresent(
                    cup -> errors.add("cupDesignation", cup, "belongs to a bearing only; leave it out"));
        } else if (cupDesignation.isEmpty()) {
            errors.add("cupDesignation", null, "is missing; cone and cup are one set, so give both numbers");
        } else {
            text("cupDesignation", cupDesignation.get(), 1, 40, errors);
        }
        if (!conePairNumber.equals(cupPairNumber)) {
            errors.add(
                    "cupPairNumber",
                    cupPairNumber.orElse(null),
                    "must be the cone's pair number " + conePairNumber.orElse("(none)")
                            + ": rings of different pairs must not run together. Look at both rings again");
        }
        conePairNumber.ifPresent(number -> text("conePairNumber", number, 1, 20, errors));
        past("packedOn", packedOn, today, errors);
        past("fittedOn", fittedOn, today, errors);
        if (packedOn != null && fittedOn != null && packedOn.isAfter(fittedOn)) {
            errors.add("packedOn", packedOn, "is after the day it was fitted; a bearing is packed before");
        }
        if (fittedKm != null && (fittedKm < 0 || fittedKm > MOST_KM)) {
            errors.add("fittedKm", fittedKm, "must be 0 to " + MOST_KM + " km");
        }
    }

    private static void text(String field, String text, int least, int most, FieldErrors errors) {
        if (text.length() < least || text.length() > most) {
            errors.add(field, text, "must be " + least + " to " + most + " characters");
        }
    }

    private static void past(String field, @Nullable LocalDate day, LocalDate today, FieldErrors errors) {
        if (day != null && day.isAfter(today)) {
            errors.add(field, day, "is in the future; today is " + today);
        }
    }
}
