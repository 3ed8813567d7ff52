package oldtallow.core.hub;

import java.util.List;
import java.util.Map;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPlate;
import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.fastening.lock.TangWasher;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.Fittings.WasherKind;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;

/**
 * What a construction usually comes with: a starting point for an entry, to be put right by what is measured and read.
 * Common practice; nothing here is a maker's figure.
 */
public record HubPreset(
        SetDesignation inboard,
        SetDesignation outboard,
        SpindleThread thread,
        LockPattern lock,
        ProcedureId procedure,
        Fittings fittings,
        Map<HubDimension, Length> dimensions) {

    private static final LockPattern CASTLE = new CastleNut(6, List.of(Turn.ZERO));
    private static final LockPattern CASTLE_TWO_HOLES = new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90)));

    public static HubPreset of(Construction construction) {
        return switch (construction) {
            case STRAIGHT_SPINDLE ->
                new HubPreset(
                        set("L44649/L44610"),
                        set("L44649/L44610"),
                        SpindleThread.UNS_1_14,
                        CASTLE,
                        ProcedureId.SEAT_AND_FINGER_TIGHT,
                        fittings(
                                SealKind.MARINE_TWO_PIECE,
                                CapKind.SPRING_LOADED,
                                BrakeKind.NONE,
                                CavityFill.FULL,
                                WasherKind.D_SHAPED),
                        inches(HubDimension.SEAL_LAND, 1.5, HubDimension.SEAL_BORE, 1.987));
            case STEPPED_UNBRAKED ->
                new HubPreset(
                        set("LM67048/LM67010"),
                        set("LM11949/LM11910"),
                        SpindleThread.UNF_3_4_16,
                        CASTLE,
                        ProcedureId.SEAT_AND_FINGER_TIGHT,
                        fittings(SealKind.LIP, CapKind.PLAIN, BrakeKind.NONE, CavityFill.FULL, WasherKind.FLAT),
                        Map.of());
            case STEPPED_BRAKED ->
                new HubPreset(
                        set("L68149/L68111"),
                        set("L44649/L44610"),
                        SpindleThread.UNS_1_14,
                        CASTLE_TWO_HOLES,
                        ProcedureId.SEAT_AND_FINGER_TIGHT,
                        fittings(SealKind.DOUBLE_LIP, CapKind.PLAIN, BrakeKind.DRUM, CavityFill.FULL, WasherKind.FLAT),
                        inches(HubDimension.SEAL_LAND, 1.719, HubDimension.SEAL_BORE, 2.565));
            case GREASE_THROUGH ->
                new HubPreset(
                        set("25580/25520"),
                        set("LM67048/LM67010"),
                        SpindleThread.UNS_1_14,
                        new TangWasher(6, List.of(Turn.ofDegrees(0))),
                        ProcedureId.SEAT_AND_FINGER_TIGHT,
                        fittings(
                                SealKind.DOUBLE_LIP,
                                CapKind.RUBBER_PLUG,
                                BrakeKind.DRUM,
                                CavityFill.FULL,
                                WasherKind.TANGED),
                        inches(HubDimension.SEAL_LAND, 2.25, HubDimension.SEAL_BORE, 3.376));
            case ROTOR_HUB ->
                new HubPreset(
                        set("L68149/L68111"),
                        set("LM12749/LM12710"),
                        SpindleThread.UNEF_13_16_20,
                        new SeatedRetainer(8, 6, List.of(Turn.ZERO)),
                        ProcedureId.TORQUE_HALF_TURN_TORQUE,
                        fittings(SealKind.LIP, CapKind.PLAIN, BrakeKind.DISC, CavityFill.RING, WasherKind.KEYED),
                        Map.of());
            case CLASSIC_CAR ->
                new HubPreset(
                        set("LM67048/LM67010"),
                        set("LM11949/LM11910"),
                        SpindleThread.UNEF_3_4_20,
                        FreeAngleLock.STAKED_COLLAR,
                        ProcedureId.STAKED_NUT,
                        fittings(SealKind.LIP, CapKind.PLAIN, BrakeKind.DISC, CavityFill.RING, WasherKind.KEYED)
                                .with(SnapRing.BEFORE_CUP),
                        Map.of());
            case SPACER_SET ->
                new HubPreset(
                        set("32007X"),
                        set("32007X"),
                        SpindleThread.M24_1_5,
                        CASTLE,
                        ProcedureId.SPACER_SET,
                        fittings(SealKind.LIP, CapKind.NONE, BrakeKind.DISC, CavityFill.THIRD, WasherKind.FLAT)
                                .with(Spacing.SPACER),
                        Map.of());
            case FULL_FLOATING_REAR ->
                new HubPreset(
                        set("32010X"),
                        set("32010X"),
                        SpindleThread.M39_1_5,
                        FreeAngleLock.TWO_NUTS,
                        ProcedureId.TWO_NUTS,
                        fittings(
                                SealKind.LIP, CapKind.DRIVE_FLANGE, BrakeKind.DRUM, CavityFill.RING, WasherKind.TANGED),
                        Map.of());
            case DRIVE_FLANGE_FRONT ->
                new HubPreset(
                        set("LM102949/LM102910"),
                        set("LM501349/LM501310"),
                        SpindleThread.M39_1_5,
                        new LockPlate(15, 12, 3),
                        ProcedureId.INCH_POUND,
                        fittings(
                                SealKind.LIP, CapKind.DRIVE_FLANGE, BrakeKind.DISC, CavityFill.RING, WasherKind.TANGED),
                        Map.of());
            case LOCKING_HUB_FRONT ->
                new HubPreset(
                        set("LM104949/LM104911"),
                        set("LM102949/LM102910"),
                        SpindleThread.M39_1_5,
                        FreeAngleLock.TWO_NUTS,
                        ProcedureId.TWO_NUTS,
                        fittings(
                                SealKind.LIP, CapKind.DRIVE_FLANGE, BrakeKind.DISC, CavityFill.RING, WasherKind.TANGED),
                        Map.of());
            case OIL_BATH_HEAVY ->
                new HubPreset(
                        set("HM212049/HM212011"),
                        set("3984/3920"),
                        SpindleThread.UN_2_5_8_16,
                        FreeAngleLock.TWO_NUTS,
                        ProcedureId.TWO_NUTS,
                        fittings(
                                SealKind.UNITIZED,
                                CapKind.OIL_WINDOW,
                                BrakeKind.DRUM,
                                CavityFill.OIL,
                                WasherKind.TANGED),
                        Map.of());
        };
    }

    /** Where the nut sets the play, no snap ring is in the hub, and nuts hold the wheel. */
    private static Fittings fittings(
            SealKind seal, CapKind cap, BrakeKind brake, CavityFill cavity, WasherKind washer) {
        return new Fittings(seal, cap, brake, cavity, washer, Spacing.NUT_SETS, SnapRing.NONE, WheelFixing.NUTS);
    }

    private static SetDesignation set(String text) {
        return SetDesignation.parse(text).orElseThrow();
    }

    private static Map<HubDimension, Length> inches(
            HubDimension first, double firstInches, HubDimension second, double secondInches) {
        return Map.of(first, Length.ofInches(firstInches), second, Length.ofInches(secondInches));
    }
}
