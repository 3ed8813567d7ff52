package oldtallow.app.register.web;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.FittedPart.Condition;
import oldtallow.app.register.model.PartEntry;
import oldtallow.app.register.model.PartPlace;
import oldtallow.core.bearing.SetDesignation;
import org.jspecify.annotations.Nullable;

/** A part as it is entered; its id is made by the client. */
record PartForm(
        UUID id,
        PartPlace place,
        String designation,
        @Nullable String cupDesignation,
        @Nullable String conePairNumber,
        @Nullable String cupPairNumber,
        @Nullable String gradeNote,
        @Nullable String batch,
        @Nullable LocalDate packedOn,
        @Nullable LocalDate fittedOn,
        @Nullable Integer fittedKm,
        Condition condition) {

    PartEntry toEntry() {
        return new PartEntry(
                id,
                place,
                designation,
                Optional.ofNullable(cupDesignation),
                Optional.ofNullable(conePairNumber),
                Optional.ofNullable(cupPairNumber),
                gradeNote == null ? "" : gradeNote,
                batch == null ? "" : batch,
                packedOn,
                fittedOn,
                fittedKm,
                condition);
    }

    /**
     * A part that is or was fitted.
     *
     * @param onFile whether a bearing's numbers are a set of the catalogue; nothing is worked out from one that is not
     */
    record PartView(
            UUID id,
            PartPlace place,
            String placeWords,
            String words,
            String designation,
            @Nullable String cupDesignation,
            @Nullable String pairNumber,
            String gradeNote,
            String batch,
            @Nullable LocalDate packedOn,
            @Nullable LocalDate fittedOn,
            @Nullable Integer fittedKm,
            Condition condition,
            @Nullable LocalDate removedOn,
            boolean onFile) {

        static PartView of(FittedPart part, Set<SetDesignation> onFile) {
            return new PartView(
                    part.id(),
                    part.place(),
                    part.place().words(),
                    part.words(),
                    part.designation(),
                    part.cupDesignation(),
                    part.pairNumber(),
                    part.gradeNote(),
                    part.batch(),
                    part.packedOn(),
                    part.fittedOn(),
                    part.fittedKm(),
                    part.condition(),
                    part.removedOn(),
                    !part.place().isBearing()
                            || part.set().filter(onFile::contains).isPresent());
        }
    }
}
