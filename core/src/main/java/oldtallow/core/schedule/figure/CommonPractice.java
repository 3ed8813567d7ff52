package oldtallow.core.schedule.figure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.hub.Construction;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.schedule.figure.FigureValue.BoltTorque;
import oldtallow.core.schedule.figure.FigureValue.EndPlay;
import oldtallow.core.schedule.figure.FigureValue.Grease;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.FigureValue.NutSequence;
import oldtallow.core.schedule.interval.Upkeep;

/** What the trade commonly does where neither a maker nor the workshop says anything: no single source. */
public final class CommonPractice {

    /** Studs farther off than this from a row of the table have no usual torque. */
    private static final double SAME_STUD_MM = 0.45;

    /** Wheel nuts on clean dry threads, by stud diameter: ranges printed in trailer and car manuals, from memory. */
    private static final List<StudRow> STUDS = List.of(
            new StudRow("7/16-20", 11.11, 55, 75, TorqueUnit.POUND_FORCE_FOOT),
            new StudRow("M12×1.5", 12, 80, 110, TorqueUnit.NEWTON_METRE),
            new StudRow("1/2-20", 12.7, 90, 120, TorqueUnit.POUND_FORCE_FOOT),
            new StudRow("M14×1.5", 14, 120, 180, TorqueUnit.NEWTON_METRE),
            new StudRow("9/16-18", 14.29, 110, 140, TorqueUnit.POUND_FORCE_FOOT),
            new StudRow("5/8-18", 15.88, 190, 325, TorqueUnit.POUND_FORCE_FOOT),
            new StudRow("M18×1.5", 18, 270, 350, TorqueUnit.NEWTON_METRE));

    private CommonPractice() {}

    private record StudRow(String stud, double diameterMillimetres, double least, double most, TorqueUnit unit) {}

    /**
     * The figure of a kind for a construction; empty where there is none to go by, as for wheel nuts on unmeasured studs and
     * for bolts that differ from hub to hub, and for intervals, which follow from more than that: {@link #interval}.
     *
     * @param procedure the one kept with the wheel end
     */
    public static Optional<GoverningFigure<FigureValue>> figure(
            FigureKind kind, Construction construction, ProcedureId procedure, Optional<Length> studDiameter) {
        return switch (kind) {
            case NUT_SEQUENCE ->
                Optional.of(common(
                        new NutSequence(procedure, ""),
                        "common practice for this nut and lock, chosen at the wheel end"));
            case END_PLAY ->
                Optional.of(
                        construction.isLightTrailer()
                                ? common(
                                        new EndPlay(EndPlayWindow.LIGHT_TRAILER),
                                        "common practice of light trailers, 1 to 5 thou good, to 10 thou usable")
                                : common(new EndPlay(EndPlayWindow.COMMON_PRACTICE), "common practice, 1 to 5 thou"));
            case WHEEL_NUT_TORQUE -> studDiameter.flatMap(CommonPractice::wheelNut);
            case GREASE -> Optional.of(grease(construction));
            case CALIPER_BOLT_TORQUE, ROTOR_BOLT_TORQUE, FLANGE_BOLT_TORQUE, OUTER_NUT_TORQUE, SPANNERS, INTERVAL ->
                Optional.empty();
        };
    }

    private static Optional<GoverningFigure<FigureValue>> wheelNut(Length stud) {
        return STUDS.stream()
                .filter(row -> Math.abs(row.diameterMillimetres - stud.millimetres()) <= SAME_STUD_MM)
                .min(Comparator.comparingDouble(row -> Math.abs(row.diameterMillimetres - stud.millimetres())))
                .map(row -> common(
                        BoltTorque.wheelNuts(Torque.of(row.least, row.unit), Torque.of(row.most, row.unit)),
                        "common practice for " + row.stud + " studs, clean and dry"));
    }

    private static GoverningFigure<FigureValue> grease(Construction construction) {
        return switch (construction) {
            case OIL_BATH_HEAVY ->
                common(new Grease("gear oil to the mark in the window"), "common practice for oil baths");
            case STRAIGHT_SPINDLE ->
                common(
                        new Grease("NLGI 2, calcium sulfonate or marine lithium complex"),
                        "common practice where hubs are dunked");
            default ->
                common(new Grease("NLGI 2 lithium complex, high temperature, for wheel bearings"), "common practice");
        };
    }

    /** When it is done again, as one figure. */
    public static GoverningFigure<FigureValue> interval(Upkeep upkeep) {
        return common(new Interval(upkeep.rules()), upkeep.source());
    }

    /** When it is done again, by what each rule goes by. */
    public static List<GoverningFigure<FigureValue>> intervals(Upkeep upkeep) {
        return upkeep.practices().stream()
                .flatMap(practice -> practice.bySource().entrySet().stream())
                .map(one -> common(new Interval(one.getValue()), one.getKey()))
                .toList();
    }

    private static GoverningFigure<FigureValue> common(FigureValue value, String source) {
        return new GoverningFigure<>(value, Authority.COMMON_PRACTICE, source);
    }
}
