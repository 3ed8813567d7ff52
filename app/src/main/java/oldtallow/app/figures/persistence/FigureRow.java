package oldtallow.app.figures.persistence;

import java.util.Optional;
import java.util.UUID;
import oldtallow.app.figures.FiledFigure;
import oldtallow.app.figures.Place;
import oldtallow.app.figures.Place.Scope;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.figure.Authority;
import oldtallow.core.figure.FigureKind;
import oldtallow.core.figure.FigureValue;
import oldtallow.core.figure.FigureValue.EndPlay;
import oldtallow.core.figure.FigureValue.Grease;
import oldtallow.core.figure.FigureValue.Interval;
import oldtallow.core.figure.FigureValue.NutSequence;
import oldtallow.core.figure.FigureValue.WheelNutTorque;
import oldtallow.core.figure.GoverningFigure;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.sequence.SchoolId;
import oldtallow.db.tables.records.FigureRecord;
import org.jspecify.annotations.Nullable;

/** Figures to and from the columns of their table, which its checks keep complete for their kind. */
final class FigureRow {

    private FigureRow() {}

    static FiledFigure read(FigureRecord row) {
        return new FiledFigure(
                row.getId(),
                row.getVersion(),
                place(row),
                new GoverningFigure<>(value(row), Authority.valueOf(row.getAuthority()), row.getSource()));
    }

    static FigureRecord record(UUID workshopId, Place place, GoverningFigure<FigureValue> figure) {
        var row = new FigureRecord();
        row.setWorkshopId(workshopId);
        row.setAuthority(figure.authority().name());
        row.setKind(figure.value().kind().name());
        row.setSource(figure.source());
        switch (place.scope()) {
            case WORKSHOP -> {}
            case RIG -> row.setRigId(place.id());
            case AXLE -> row.setAxleId(place.id());
            case WHEEL_END -> row.setWheelEndId(place.id());
        }
        switch (figure.value()) {
            case NutSequence(SchoolId school, String words) -> {
                row.setSchool(school.value());
                row.setWords(words.isBlank() ? null : words);
            }
            case EndPlay(EndPlayWindow window) -> {
                row.setLeastUm(window.least().micrometres());
                row.setMostUm(window.most().micrometres());
            }
            case WheelNutTorque(Torque least, Torque most) -> {
                row.setLeastNm(least.newtonMetres());
                row.setMostNm(most.newtonMetres());
            }
            case Grease(String words) -> row.setWords(words);
            case Interval(int months, Optional<Integer> kilometres) -> {
                row.setMonths((short) months);
                row.setDistanceKm(kilometres.orElse(null));
            }
        }
        return row;
    }

    private static Place place(FigureRecord row) {
        if (row.getWheelEndId() != null) {
            return new Place(Scope.WHEEL_END, row.getWheelEndId());
        }
        if (row.getAxleId() != null) {
            return new Place(Scope.AXLE, row.getAxleId());
        }
        return row.getRigId() == null
                ? new Place(Scope.WORKSHOP, row.getWorkshopId())
                : new Place(Scope.RIG, row.getRigId());
    }

    private static FigureValue value(FigureRecord row) {
        @Nullable String words = row.getWords();
        return switch (FigureKind.valueOf(row.getKind())) {
            case NUT_SEQUENCE -> new NutSequence(new SchoolId(row.getSchool()), words == null ? "" : words);
            case END_PLAY ->
                new EndPlay(new EndPlayWindow(
                        Length.ofMicrometres(row.getLeastUm()), Length.ofMicrometres(row.getMostUm())));
            case WHEEL_NUT_TORQUE ->
                new WheelNutTorque(Torque.ofNewtonMetres(row.getLeastNm()), Torque.ofNewtonMetres(row.getMostNm()));
            case GREASE -> new Grease(words == null ? "" : words);
            case INTERVAL -> new Interval(row.getMonths(), Optional.ofNullable(row.getDistanceKm()));
        };
    }
}
