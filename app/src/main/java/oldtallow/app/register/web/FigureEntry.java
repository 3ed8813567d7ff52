package oldtallow.app.register.web;

import java.util.List;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.TorqueEntry;
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
import org.jspecify.annotations.Nullable;

/**
 * A figure as entered; which fields are needed depends on its kind.
 *
 * @param version of the figure it replaces, 0 where there is none
 * @param source in words: manual, chapter, page
 */
record FigureEntry(
        FigureKind kind,
        Authority authority,
        Integer version,
        String source,
        @Nullable String procedure,
        @Nullable String words,
        @Nullable LengthEntry least,
        @Nullable LengthEntry most,
        @Nullable TorqueEntry leastTorque,
        @Nullable TorqueEntry mostTorque,
        @Nullable List<DueRuleForm> rules) {

    GoverningFigure<FigureValue> toFigure() {
        var errors = new FieldErrors();
        if (source.isBlank()) {
            errors.add("source", source, "is missing; say where the figure stands, such as manual, chapter and page");
        }
        @Nullable FigureValue value = value(errors);
        return new GoverningFigure<>(errors.require(value), authority, source.strip());
    }

    private @Nullable FigureValue value(FieldErrors errors) {
        return switch (kind) {
            case NUT_SEQUENCE -> {
                @Nullable String named = needed("procedure", procedure, errors);
                @Nullable ProcedureId by = named == null ? null : errors.at("procedure", () -> new ProcedureId(named));
                yield by == null
                        ? null
                        : errors.at("words", () -> new NutSequence(by, words == null ? "" : words.strip()));
            }
            case END_PLAY -> {
                @Nullable Length from = length("least", least, errors);
                @Nullable Length to = length("most", most, errors);
                yield from == null || to == null
                        ? null
                        : errors.at("least.number", () -> new EndPlay(new EndPlayWindow(from, to)));
            }
            case WHEEL_NUT_TORQUE, CALIPER_BOLT_TORQUE, ROTOR_BOLT_TORQUE, FLANGE_BOLT_TORQUE, OUTER_NUT_TORQUE -> {
                @Nullable Torque from = torque("leastTorque", leastTorque, errors);
                @Nullable Torque to = torque("mostTorque", mostTorque, errors);
                yield from == null || to == null
                        ? null
                        : errors.at("leastTorque.number", () -> new BoltTorque(kind, from, to));
            }
            case GREASE -> {
                @Nullable String which = needed("words", words, errors);
                yield which == null ? null : errors.at("words", () -> new Grease(which.strip()));
            }
            case SPANNERS -> {
                @Nullable String which = needed("words", words, errors);
                yield which == null ? null : errors.at("words", () -> new Spanners(which.strip()));
            }
            case INTERVAL -> {
                @Nullable List<DueRuleForm> given = needed("rules", rules, errors);
                @Nullable List<DueRule> made = given == null ? null : DueRuleForm.toRules("rules", given, errors);
                yield made == null || given == null || made.size() < given.size()
                        ? null
                        : errors.at("rules", () -> new Interval(made));
            }
        };
    }

    private static @Nullable Length length(String field, @Nullable LengthEntry entry, FieldErrors errors) {
        @Nullable LengthEntry given = needed(field, entry, errors);
        return given == null ? null : errors.at(field + ".number", given::toLength);
    }

    private static @Nullable Torque torque(String field, @Nullable TorqueEntry entry, FieldErrors errors) {
        @Nullable TorqueEntry given = needed(field, entry, errors);
        return given == null ? null : errors.at(field + ".number", given::toTorque);
    }

    private static <T> @Nullable T needed(String field, @Nullable T value, FieldErrors errors) {
        if (value == null) {
            errors.add(field, null, "is missing; a figure of this kind needs it");
        }
        return value;
    }
}
