package oldtallow.core.hub.section;

import static oldtallow.core.hub.section.Point.at;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.section.Outline.Look;

/** Washer, nut or nuts, and lock. The nut is drawn across its flats, the washer and retainer as cut sheet. */
final class NutParts {

    private static final double SHEET = 1.1;
    private static final double TAB = 1.6;
    /** Half of what is seen of a cotter's width. */
    private static final double PIN = 1.6;
    /** Share of the nut's height below its slots, and the crown's width beside the flats (common castle nuts). */
    private static final double SLOT_BOTTOM = 0.62;

    private static final double CROWN_WIDTH = 0.88;
    /** A cotter's ends are bent so that they clear the cap. */
    private static final double CAP_CLEARANCE = 5;

    private NutParts() {}

    static List<SectionPart> of(Layout layout) {
        double thread = layout.threadRadius();
        double nut = Math.max(layout.radius(HubDimension.NUT_ACROSS_FLATS), thread + 2);
        double height = layout.size(HubDimension.NUT_HEIGHT);
        double face = layout.nutFace;
        boolean assumed = layout.shape.assumes(HubDimension.NUT_ACROSS_FLATS, HubDimension.NUT_HEIGHT);
        List<SectionPart> parts = new ArrayList<>();
        if (layout.shape.fastening().hasWasher()) {
            parts.add(washer(layout));
        }
        switch (layout.shape.fastening()) {
            case CASTLE_NUT -> {
                parts.addAll(castleNut(layout, assumed, nut));
            }
            case NUT_AND_RETAINER -> {
                double end = face - height * 0.8;
                parts.add(plainNut(assumed, face, end, thread, nut));
                parts.add(SectionPart.of(
                        PartName.LOCK,
                        true,
                        sheetCap(end, end + 3, nut, thread + 1.2),
                        pin(end - SHEET - 2.6, PIN, thread, nut + 3)));
            }
            case PUSH_ON_RETAINER -> {
                double end = face - height * 0.8;
                parts.add(plainNut(assumed, face, end, thread, nut));
                parts.add(SectionPart.of(PartName.LOCK, true, sheetCap(end, face - 1, nut, thread - 0.8)));
            }
            case NUT_AND_TANG_WASHER -> {
                double end = face - height;
                double back = face + layout.size(HubDimension.WASHER_THICKNESS);
                parts.add(plainNut(assumed, face, end, thread, nut));
                parts.add(SectionPart.of(
                        PartName.LOCK,
                        true,
                        // under the nut, its tang bent up over the flat
                        Outline.of(
                                Look.CUT,
                                at(back, thread + 0.3),
                                at(back, nut + TAB),
                                at(end + height * 0.4, nut + TAB),
                                at(end + height * 0.4, nut),
                                at(face, nut),
                                at(face, thread + 0.3))));
            }
            case RING_AND_LOCK_PLATE -> {
                double end = face - height;
                parts.add(plainNut(assumed, face, end, thread, nut));
                parts.add(SectionPart.of(
                        PartName.LOCK,
                        true,
                        Outline.box(Look.CUT, end - 2.5, end, thread + 0.3, nut),
                        Outline.box(Look.WHOLE, end - 5.5, end - 2.5, nut - 5, nut - 1)));
            }
            case TWO_NUTS -> {
                double inner = face - height;
                parts.add(plainNut(assumed, face, inner, thread, nut));
                parts.add(SectionPart.of(
                        PartName.LOCK,
                        true,
                        Outline.of(
                                Look.CUT,
                                at(inner, thread + 0.3),
                                at(inner, nut),
                                at(inner + 3.5, nut),
                                at(inner + 3.5, nut + TAB),
                                at(inner - TAB, nut + TAB),
                                at(inner - TAB, thread + 0.3))));
                parts.add(SectionPart.of(
                        PartName.OUTER_NUT,
                        assumed,
                        Outline.box(Look.CUT, inner - TAB - height, inner - TAB, thread, nut)));
            }
            case STAKED_NUT -> {
                double end = face - height;
                parts.add(SectionPart.of(
                        PartName.NUT,
                        assumed,
                        Outline.of(
                                Look.CUT,
                                at(face, thread),
                                at(face, nut),
                                at(end, nut),
                                at(end, thread + SHEET),
                                at(end - 2.8, thread + SHEET),
                                at(end - 2.8, thread))));
                parts.add(SectionPart.of(
                        PartName.LOCK,
                        true,
                        Outline.of(
                                Look.CUT,
                                at(end - 0.8, thread + SHEET),
                                at(end - 2.6, thread + SHEET),
                                at(end - 1.7, thread + SHEET + 1.2))));
            }
        }
        return parts;
    }

    private static SectionPart washer(Layout layout) {
        boolean spacerSet = layout.construction == Construction.SPACER_SET;
        double inner = Math.max(layout.threadRadius(), 0) + 0.3;
        double outer = Math.max(layout.radius(HubDimension.WASHER_OUTSIDE), inner + 2);
        double limit = layout.capRadius() - 2;
        return SectionPart.of(
                PartName.WASHER,
                layout.shape.assumes(HubDimension.WASHER_OUTSIDE, HubDimension.WASHER_THICKNESS),
                Outline.box(
                        Look.CUT,
                        layout.nutFace,
                        layout.nutFace + layout.size(HubDimension.WASHER_THICKNESS),
                        inner,
                        spacerSet ? outer : Math.min(outer, limit)));
    }

    private static SectionPart plainNut(boolean assumed, double face, double end, double thread, double nut) {
        return SectionPart.of(PartName.NUT, assumed, Outline.box(Look.CUT, end, face, thread, nut));
    }

    /** Cut through a slot: the body is cut, the crown's tooth stands behind the slot and the cotter lies in it. */
    private static List<SectionPart> castleNut(Layout layout, boolean assumed, double nut) {
        double face = layout.nutFace;
        double height = layout.size(HubDimension.NUT_HEIGHT);
        double thread = layout.threadRadius();
        double crown = nut * CROWN_WIDTH;
        double slot = face - height * SLOT_BOTTOM;
        double end = face - height;
        double pin = (slot + end) / 2;
        double half = Math.min(PIN, (slot - end) * 0.3);
        return List.of(
                SectionPart.of(
                        PartName.NUT,
                        assumed,
                        Outline.box(Look.CUT, slot, face, thread, nut),
                        Outline.box(Look.WHOLE, end, pin - half, thread, crown),
                        Outline.box(Look.WHOLE, pin + half, slot, thread, crown)),
                SectionPart.of(
                        PartName.LOCK,
                        true,
                        pin(pin, half, thread, Math.min(crown + 4, layout.capRadius() - CAP_CLEARANCE))));
    }

    /** What is seen of a cotter beyond the spindle; within it the pin is hidden. */
    private static Outline pin(double x, double half, double from, double reach) {
        return Outline.of(
                Look.WHOLE,
                at(x - half, from),
                at(x + half, from),
                at(x + half, reach),
                at(x + half / 2, reach + 1.5),
                at(x - half / 2, reach + 1.5),
                at(x - half, reach));
    }

    /** A cap of sheet over the nut: its skirt down the flats from {@code end} to {@code skirt}, open inward to {@code hole}. */
    private static Outline sheetCap(double end, double skirt, double nut, double hole) {
        return Outline.of(
                Look.CUT,
                at(skirt, nut),
                at(skirt, nut + SHEET),
                at(end - SHEET, nut + SHEET),
                at(end - SHEET, hole),
                at(end, hole),
                at(end, nut));
    }
}
