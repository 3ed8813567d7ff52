package oldtallow.app.register.web;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.form.LockForm;
import oldtallow.app.units.form.ThreadForm;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.Fittings.WasherKind;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * What a wheel end is made of.
 *
 * @param since the day from which it is so; today where it is left out
 * @param spacing what sets the play; with {@code snapRing} and {@code wheel} as usual on the construction where left out
 * @param wheel what holds the wheel
 * @param dimensions what was measured on it
 */
record BuildForm(
        @Nullable LocalDate since,
        Construction construction,
        @Nullable ThreadForm thread,
        LockForm lock,
        String procedure,
        SealKind seal,
        CapKind cap,
        BrakeKind brake,
        CavityFill cavity,
        WasherKind washer,
        @Nullable Spacing spacing,
        @Nullable SnapRing snapRing,
        @Nullable WheelFixing wheel,
        List<DimensionForm> dimensions) {

    /** A measured size. */
    record DimensionForm(HubDimension dimension, LengthEntry length) {}

    static BuildForm of(WheelEndBuild build) {
        return new BuildForm(
                build.since(),
                build.construction(),
                ThreadForm.of(build.threadDesignation(), build.thread()),
                LockForm.of(build.lock()),
                build.procedure().value(),
                build.fittings().seal(),
                build.fittings().cap(),
                build.fittings().brake(),
                build.fittings().cavity(),
                build.fittings().washer(),
                build.fittings().spacing(),
                build.fittings().snapRing(),
                build.fittings().wheel(),
                build.dimensions().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(entry -> new DimensionForm(entry.getKey(), LengthEntry.ofMillimetres(entry.getValue())))
                        .toList());
    }

    static BuildForm of(Construction construction, HubPreset preset, LocalDate since) {
        return of(new WheelEndBuild(
                since,
                construction,
                preset.thread().designation(),
                preset.thread().cut(ThreadHand.RIGHT),
                preset.lock(),
                preset.procedure(),
                preset.fittings(),
                Map.of()));
    }

    /** The build, or null with everything that is wrong noted under {@code path}. */
    @Nullable
    WheelEndBuild toBuild(String path, LocalDate today, FieldErrors errors) {
        if (thread == null) {
            errors.add(
                    path + "thread",
                    null,
                    "is missing; measure the spindle's thread, or take the one usual on this construction");
        }
        @Nullable ScrewThread cut = thread == null ? null : thread.toThread(path + "thread", errors);
        @Nullable LockPattern pattern = lock.toLock(path + "lock", errors);
        Map<HubDimension, Length> sizes = new EnumMap<>(HubDimension.class);
        for (DimensionForm one : dimensions) {
            String field = path + "dimensions." + one.dimension();
            if (one.dimension()
                    .looksLikeTheOtherUnit(one.length().number(), one.length().inInches())) {
                errors.add(field, one.length().number(), one.length().otherUnitQuestion());
                continue;
            }
            @Nullable
            Length length =
                    errors.at(field, () -> one.dimension().require(one.length().toLength()));
            if (length != null && sizes.put(one.dimension(), length) != null) {
                errors.add(field, one.length().number(), "is given twice; keep one");
            }
        }
        @Nullable ProcedureId setBy = errors.at(path + "procedure", () -> new ProcedureId(procedure));
        if (cut == null || pattern == null || setBy == null) {
            return null;
        }
        return new WheelEndBuild(
                since == null ? today : since, construction, designation(), cut, pattern, setBy, fittings(), sizes);
    }

    private Fittings fittings() {
        Fittings usual = HubPreset.of(construction).fittings();
        return new Fittings(
                seal,
                cap,
                brake,
                cavity,
                washer,
                spacing == null ? usual.spacing() : spacing,
                snapRing == null ? usual.snapRing() : snapRing,
                wheel == null ? usual.wheel() : wheel);
    }

    private String designation() {
        @Nullable String known = thread == null ? null : thread.designation();
        return known == null || known.isBlank() ? "as measured" : known.strip();
    }
}
