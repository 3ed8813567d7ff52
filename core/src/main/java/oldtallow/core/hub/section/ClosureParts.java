package oldtallow.core.hub.section;

import static oldtallow.core.hub.section.Point.at;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.section.Outline.Look;

/** What closes the hub: seals, snap and locking rings, cap, drive flange. Shapes of lips and caps are assumed. */
final class ClosureParts {

    static final double GASKET_THICKNESS = 0.8;
    private static final double SHEET = 1.2;

    private ClosureParts() {}

    static List<SectionPart> of(Layout layout) {
        List<SectionPart> parts = new ArrayList<>(seals(layout));
        switch (layout.construction) {
            case CLASSIC_CAR -> {
                double cup = layout.inboard().outsideDiameter().millimetres() / 2;
                double thin =
                        layout.inboardShoulder() + layout.inboard().cupWidth().millimetres();
                parts.add(SectionPart.of(
                        PartName.SNAP_RING, true, Outline.box(Look.CUT, thin + 0.2, thin + 1.6, cup - 1.3, cup)));
            }
            case ROTOR_HUB -> {
                double hub = layout.hubRadiusInboard();
                parts.add(SectionPart.of(
                        PartName.TONE_RING,
                        true,
                        Outline.box(Look.CUT, layout.sealEnd - 7, layout.sealEnd, hub, hub + 4 * layout.s)));
            }
            case DRIVE_FLANGE_FRONT, LOCKING_HUB_FRONT -> parts.addAll(driveFlange(layout));
            case FULL_FLOATING_REAR -> parts.add(gasket(layout));
            case SPACER_SET -> parts.addAll(spacerSet(layout));
            default -> {}
        }
        parts.addAll(cap(layout));
        return parts;
    }

    private static List<SectionPart> seals(Layout layout) {
        SealKind kind = layout.shape.fittings().seal();
        double land = layout.radius(HubDimension.SEAL_LAND);
        boolean sleeved = kind == SealKind.MARINE_TWO_PIECE || kind == SealKind.UNITIZED;
        double sleeve = sleeved ? SHEET * 0.8 : 0;
        boolean assumed = layout.shape.assumes(HubDimension.SEAL_LAND, HubDimension.SEAL_BORE, HubDimension.SEAL_WIDTH);
        List<SectionPart> parts = new ArrayList<>();
        parts.add(SectionPart.of(
                PartName.SEAL,
                assumed,
                lipSeal(layout.sealStart, layout.sealEnd, land + sleeve, layout.sealRadius(), kind)));
        if (sleeved) {
            parts.add(SectionPart.of(
                    PartName.SEAL_SLEEVE,
                    assumed,
                    Outline.box(Look.CUT, layout.sealStart, layout.sealEnd, land, land + sleeve)));
        }
        return parts;
    }

    /** Case against the bore, flat side at {@code back}; the open, lipped side looks towards {@code open}, at the grease. */
    private static Outline lipSeal(double open, double back, double lip, double bore, SealKind kind) {
        double w = back - open;
        double d = w / 10;
        double step = Math.abs(d);
        double rim = Math.min(SHEET, (bore - lip) / 4);
        double high = lip + (bore - lip) * 0.55;
        List<Point> points = new ArrayList<>();
        points.add(new Point(open, bore));
        points.add(new Point(back, bore));
        if (kind == SealKind.LIP) {
            points.add(new Point(back, lip + (bore - lip) * 0.35));
        } else {
            // a second lip at the flat side keeps the dirt out
            points.add(new Point(back, lip + 0.8 * step));
            points.add(new Point(back - 0.9 * d, lip));
            points.add(new Point(back - 2 * d, lip + (bore - lip) * 0.35));
        }
        points.add(new Point(open + 2.4 * d, lip));
        points.add(new Point(open + 1.2 * d, lip + 0.6 * step));
        points.add(new Point(open + 2.6 * d, lip + (bore - lip) * 0.3));
        points.add(new Point(back - 1.6 * d, high));
        points.add(new Point(back - 1.6 * d, bore - rim));
        points.add(new Point(open, bore - rim));
        return new Outline(Look.CUT, points);
    }

    private static SectionPart gasket(Layout layout) {
        return SectionPart.of(
                PartName.GASKET,
                true,
                Outline.box(
                        Look.CUT,
                        layout.hubOutboardFace - GASKET_THICKNESS,
                        layout.hubOutboardFace,
                        layout.capRadius(),
                        layout.hubRadiusOutboard()));
    }

    private static List<SectionPart> driveFlange(Layout layout) {
        double shaft = layout.radius(HubDimension.SHAFT_DIAMETER);
        double gasket = layout.hubOutboardFace - GASKET_THICKNESS;
        double plate = gasket - layout.size(HubDimension.FLANGE_THICKNESS) * 0.9;
        boolean locking = layout.construction == Construction.LOCKING_HUB_FRONT;
        List<SectionPart> parts = new ArrayList<>();
        parts.add(gasket(layout));
        double hubs = layout.hubRadiusOutboard();
        parts.add(SectionPart.of(
                PartName.DRIVE_FLANGE,
                true,
                locking
                        ? Outline.of(
                                Look.THIN,
                                at(gasket, shaft),
                                at(gasket, hubs),
                                at(plate, hubs),
                                at(plate - 16 * layout.s, hubs * 0.7),
                                at(plate - 20 * layout.s, hubs * 0.7),
                                at(plate - 20 * layout.s, shaft + 3),
                                at(plate, shaft + 3),
                                at(plate, shaft))
                        : Outline.of(
                                Look.CUT,
                                at(gasket, shaft),
                                at(gasket, hubs),
                                at(plate, hubs),
                                at(plate, shaft + 6),
                                at(plate - 2, shaft + 6),
                                at(plate - 2, shaft))));
        parts.add(SectionPart.of(
                PartName.CIRCLIP, true, Outline.box(Look.CUT, plate - 4.6, plate - 3, shaft, shaft + 2.5)));
        return parts;
    }

    private static List<SectionPart> spacerSet(Layout layout) {
        double land = layout.radius(HubDimension.SEAL_LAND);
        double bore = layout.outboard().bore().millimetres() / 2;
        double shaft = Math.min(layout.radius(HubDimension.SHAFT_DIAMETER), layout.threadRadius());
        double cup = layout.outboard().outsideDiameter().millimetres() / 2;
        double width = layout.size(HubDimension.SEAL_WIDTH);
        double plateEnd = -width - 8;
        double plate = plateEnd - layout.size(HubDimension.FLANGE_THICKNESS);
        List<SectionPart> parts = new ArrayList<>();
        parts.add(SectionPart.of(PartName.OUTBOARD_SEAL, true, lipSeal(-1.2, -1.2 - width, land, cup, SealKind.LIP)));
        parts.add(SectionPart.of(
                PartName.LOCKING_RING,
                true,
                Outline.box(
                        Look.CUT, layout.sealEnd, layout.sealEnd + 1.6, layout.sealRadius() - 3, layout.sealRadius())));
        parts.add(SectionPart.of(
                PartName.WATER_SHIELD,
                true,
                Outline.box(Look.CUT, layout.sealEnd + 1.8, layout.sealEnd + 2.8, land, layout.sealRadius() + 2)));
        double flange = layout.hubRadiusInboard() + 12 * layout.s;
        parts.add(SectionPart.of(
                PartName.DRIVE_FLANGE,
                true,
                Outline.of(
                        Look.CUT,
                        at(layout.backFaces, shaft),
                        at(layout.backFaces, bore),
                        at(0, bore),
                        at(0, land),
                        at(plateEnd, land),
                        at(plateEnd, flange),
                        at(plate, flange),
                        at(plate, shaft))));
        return parts;
    }

    private static List<SectionPart> cap(Layout layout) {
        double bore = layout.capRadius();
        double face = layout.hubOutboardFace;
        boolean assumed = layout.shape.assumes(HubDimension.CAP_BORE);
        return switch (layout.shape.fittings().cap()) {
            case NONE, DRIVE_FLANGE -> List.of();
            case PLAIN, SPRING_LOADED -> List.of(SectionPart.of(PartName.CAP, assumed, shell(layout, 0)));
            case RUBBER_PLUG -> {
                double end = capEnd(layout);
                double hole = bore * 0.32;
                yield List.of(
                        SectionPart.of(PartName.CAP, assumed, shell(layout, hole)),
                        SectionPart.of(
                                PartName.CAP_PLUG,
                                true,
                                Outline.of(
                                        Look.CUT,
                                        at(end - 1.5, 0),
                                        at(end - 1.5, hole + 2),
                                        at(end, hole + 2),
                                        at(end, hole),
                                        at(end + SHEET, hole),
                                        at(end + SHEET + 3, hole - 1),
                                        at(end + SHEET + 3, 0))));
            }
            case OIL_WINDOW ->
                List.of(SectionPart.of(
                        PartName.CAP,
                        assumed,
                        Outline.of(
                                Look.CUT,
                                at(face, bore),
                                at(face, layout.hubRadiusOutboard()),
                                at(face - 6, layout.hubRadiusOutboard()),
                                at(face - 8, bore * 0.8),
                                at(face - 14, bore * 0.7),
                                at(face - 14, 0),
                                at(face - 11, 0),
                                at(face - 11, bore * 0.62),
                                at(face - 4, bore * 0.72))));
        };
    }

    private static double capEnd(Layout layout) {
        return layout.spindleEnd - 6 * layout.s;
    }

    /** A pressed cap: rim on the hub's face, skirt in its bore. */
    private static Outline shell(Layout layout, double hole) {
        double bore = layout.capRadius();
        double face = layout.hubOutboardFace;
        double end = capEnd(layout);
        double skirt = Math.min(face + 5, -0.5);
        double crown = bore * 0.62;
        return Outline.of(
                Look.CUT,
                at(skirt, bore),
                at(face, bore),
                at(face, bore + 2.4),
                at(face - SHEET, bore + 2.4),
                at(face - SHEET, bore),
                at(end + 7, bore - 1.5),
                at(end, crown),
                at(end, hole),
                at(end + SHEET, hole),
                at(end + SHEET, crown - 0.8),
                at(end + 7.6, bore - 1.5 - SHEET),
                at(skirt, bore - SHEET));
    }
}
