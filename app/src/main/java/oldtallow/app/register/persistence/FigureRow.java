package oldtallow.app.register.persistence;

import java.util.List;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.reference.FiledFigure;
import oldtallow.app.register.reference.Place;
import oldtallow.app.register.reference.Place.Scope;
import oldtallow.app.units.form.DueRuleForm;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.BoltTorque;
import oldtallow.core.schedule.figure.FigureValue.EndPlay;
import oldtallow.core.schedule.figure.FigureValue.Grease;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.FigureValue.NutSequence;
import oldtallow.core.schedule.figure.FigureValue.Spanners;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.db.tables.records.FigureRecord;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Figures to and from the columns of their table, which its checks keep complete for their kind. */
@Component
class FigureRow {

    private final JsonMapper json;

    FigureRow(JsonMapper json) {
        this.json = json;
    }

    FiledFigure read(FigureRecord row) {
        return new FiledFigure(
                row.getId(),
                row.getVersion(),
                place(row),
                new GoverningFigure<>(value(row), Authority.valueOf(row.getAuthority()), row.getSource()));
    }

    FigureRecord record(Place place, GoverningFigure<FigureValue> figure) {
        var row = new FigureRecord();
        row.setWorkshopId(CurrentPerson.workshopId());
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
            case NutSequence(ProcedureId procedure, String words) -> {
                row.setProcedure(procedure.value());
                row.setWords(words.isBlank() ? null : words);
            }
            case EndPlay(EndPlayWindow window) -> {
                row.setLeastUm(window.least().micrometres());
                row.setMostUm(window.most().micrometres());
            }
            case BoltTorque(FigureKind kind, Torque least, Torque most) -> {
                row.setLeastNm(least.newtonMetres());
                row.setMostNm(most.newtonMetres());
            }
            case Grease(String words) -> row.setWords(words);
            case Spanners(String words) -> row.setWords(words);
            case Interval(List<DueRule> rules) ->
                row.setRules(JSONB.valueOf(json.writeValueAsString(
                        rules.stream().map(DueRuleForm::of).toList())));
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

    private FigureValue value(FigureRecord row) {
        @Nullable String words = row.getWords();
        FigureKind kind = FigureKind.valueOf(row.getKind());
        return switch (kind) {
            case NUT_SEQUENCE -> new NutSequence(new ProcedureId(row.getProcedure()), words == null ? "" : words);
            case END_PLAY ->
                new EndPlay(new EndPlayWindow(
                        Length.ofMicrometres(row.getLeastUm()), Length.ofMicrometres(row.getMostUm())));
            case WHEEL_NUT_TORQUE, CALIPER_BOLT_TORQUE, ROTOR_BOLT_TORQUE, FLANGE_BOLT_TORQUE, OUTER_NUT_TORQUE ->
                new BoltTorque(kind, Torque.ofNewtonMetres(row.getLeastNm()), Torque.ofNewtonMetres(row.getMostNm()));
            case GREASE -> new Grease(words == null ? "" : words);
            case SPANNERS -> new Spanners(words == null ? "" : words);
            case INTERVAL -> new Interval(rules(row));
        };
    }

    private List<DueRule> rules(FigureRecord row) {
        var errors = new FieldErrors();
        List<DueRule> rules = DueRuleForm.toRules(
                "rules", List.of(json.readValue(row.getRules().data(), DueRuleForm[].class)), errors);
        errors.throwIfAny();
        return rules;
    }
}
