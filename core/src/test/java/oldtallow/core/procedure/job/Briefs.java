package oldtallow.core.procedure.job;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.StandardProcedures;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.Fittings.WheelFixing;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.Cleaning;
import oldtallow.core.procedure.brief.Choices.CupRemoval;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Choices.InboardCone;
import oldtallow.core.procedure.brief.Choices.Packing;
import oldtallow.core.procedure.brief.Choices.RaceFitting;
import oldtallow.core.procedure.brief.Choices.Reuse;
import oldtallow.core.procedure.brief.Choices.Way;
import oldtallow.core.procedure.brief.Choices.WheelOn;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;

/** Briefs of jobs for tests, up to every combination there is. */
public final class Briefs {

    /** Verdicts that turn a job into another. */
    private static final List<Set<Part>> CONDEMNED = List.of(
            Set.of(),
            Set.of(Part.INBOARD_CONE, Part.INBOARD_CUP),
            Set.of(Part.OUTBOARD_CONE, Part.OUTBOARD_CUP),
            Set.of(Part.INBOARD_CONE, Part.INBOARD_CUP, Part.OUTBOARD_CONE, Part.OUTBOARD_CUP),
            Set.of(Part.HUB, Part.SEAL_SLEEVE),
            Set.of(Part.LININGS));

    private Briefs() {}

    public static JobBrief of(Construction construction, Scope scope) {
        HubPreset preset = HubPreset.of(construction);
        return new JobBrief(
                construction,
                Fastening.of(preset.lock()),
                preset.fittings(),
                scope,
                Choices.USUAL,
                Known.NOTHING,
                Worker.MECHANIC,
                StandardProcedures.of(scope.procedure(preset.procedure())),
                Set.of());
    }

    public static Stream<JobBrief> presets() {
        return Arrays.stream(Construction.values())
                .flatMap(construction -> Arrays.stream(Scope.values())
                        .filter(scope -> scope.isPossibleOn(construction))
                        .map(scope -> of(construction, scope)));
    }

    /** What a mechanic would really meet: each construction and scope as it usually comes, and each usual choice once. */
    static Stream<JobBrief> worthReading() {
        return Stream.of(
                        presets(),
                        presets().filter(b -> b.isOnNewHub()).flatMap(each(HubBrings.values(), Briefs::chosen)),
                        // soaked linings beside a hub that comes in one piece with its seal
                        presets()
                                .filter(b -> b.isOnNewHub() && b.scope() != Scope.ROADSIDE)
                                .flatMap(each(HubBrings.values(), Briefs::chosen))
                                .map(b -> with(b, Set.of(Part.LININGS))),
                        presets()
                                .filter(b -> b.scope() == Scope.RENEW)
                                .flatMap(b -> Stream.of(
                                        chosen(b, InboardCone.HOOKED),
                                        chosen(b, InboardCone.KNOCKED),
                                        chosen(b, InboardCone.WITH_CUP),
                                        chosen(b, RaceFitting.WARMED),
                                        chosen(b, RaceFitting.PRESSED),
                                        chosen(b, CupRemoval.WELDED),
                                        chosen(b, CupRemoval.GROUND))),
                        presets()
                                .filter(b -> b.scope() == Scope.REPACK)
                                .flatMap(b -> Stream.of(
                                        chosen(b, Cleaning.PURGE),
                                        chosen(b, Packing.PACKER),
                                        chosen(b, Packing.NIPPLE),
                                        chosen(b, WheelOn.BEFORE_SETTING),
                                        chosen(b, WheelOn.STAYS),
                                        with(b, b.fittings().with(WheelFixing.BOLTS)),
                                        with(b, Worker.APPRENTICE),
                                        with(b, Set.of(Part.LININGS)))),
                        Stream.of(Construction.STEPPED_BRAKED, Construction.GREASE_THROUGH)
                                .flatMap(c -> Stream.of(of(c, Scope.ADJUST), of(c, Scope.REPACK)))
                                .flatMap(each(Fastening.values(), Briefs::with)),
                        presets()
                                .filter(b -> b.construction() == Construction.FULL_FLOATING_REAR)
                                .map(b -> with(b, b.fittings().with(Spacing.SPACER))),
                        StandardProcedures.all().stream()
                                .map(procedure -> with(of(Construction.STEPPED_BRAKED, Scope.REPACK), procedure)))
                .flatMap(Function.identity())
                .distinct();
    }

    /** Every construction, scope, lock and verdict with every way of cleaning, reuse, cups and getting the cone off. */
    static Stream<JobBrief> everyProcedure() {
        return presets()
                .flatMap(each(Fastening.values(), Briefs::with))
                .flatMap(each(Cleaning.values(), Briefs::chosen))
                .flatMap(each(Reuse.values(), Briefs::chosen))
                .flatMap(each(RaceFitting.values(), Briefs::chosen))
                .flatMap(each(InboardCone.values(), Briefs::chosen))
                .flatMap(brief -> CONDEMNED.stream().map(parts -> with(brief, parts)));
    }

    /** Every construction, scope, lock and worker with every procedure of the nut, and every new hub or way of removing cups. */
    static Stream<JobBrief> everyNut() {
        return presets()
                .flatMap(each(Fastening.values(), Briefs::with))
                .flatMap(each(Worker.values(), Briefs::with))
                .flatMap(brief -> StandardProcedures.all().stream().map(procedure -> with(brief, procedure)))
                .flatMap(brief -> brief.isOnNewHub()
                        ? each(HubBrings.values(), Briefs::chosen).apply(brief)
                        : each(CupRemoval.values(), Briefs::chosen).apply(brief));
    }

    /** Every construction, scope and lock with every seal, snap ring, spacer and brake, hooked off or with a bare new hub. */
    static Stream<JobBrief> everySeal() {
        return presets()
                .flatMap(each(Fastening.values(), Briefs::with))
                .flatMap(each(SealKind.values(), Briefs::fitted))
                .flatMap(each(BrakeKind.values(), Briefs::fitted))
                .flatMap(each(Spacing.values(), Briefs::fitted))
                .flatMap(each(SnapRing.values(), Briefs::fitted))
                .flatMap(brief -> brief.isOnNewHub()
                        ? each(HubBrings.values(), Briefs::chosen).apply(brief)
                        : each(InboardCone.values(), Briefs::chosen).apply(brief));
    }

    /** Every construction, scope and lock with every cap, brake, filling and spacer. */
    static Stream<JobBrief> everyCap() {
        return presets()
                .flatMap(each(Fastening.values(), Briefs::with))
                .flatMap(each(CapKind.values(), Briefs::fitted))
                .flatMap(each(BrakeKind.values(), Briefs::fitted))
                .flatMap(each(CavityFill.values(), Briefs::fitted))
                .flatMap(each(Spacing.values(), Briefs::fitted));
    }

    /** Everything that changes the words of a plan. */
    static Stream<JobBrief> everyWording() {
        return presets()
                .flatMap(each(Fastening.values(), Briefs::with))
                .flatMap(each(CapKind.values(), Briefs::fitted))
                .flatMap(each(BrakeKind.values(), Briefs::fitted))
                .flatMap(each(new CavityFill[] {CavityFill.FULL, CavityFill.OIL}, Briefs::fitted))
                .flatMap(each(Spacing.values(), Briefs::fitted))
                .flatMap(brief -> brief.isOnNewHub()
                        ? Stream.of(brief, chosen(brief, HubBrings.READY))
                        : Stream.of(brief, fitted(brief, WheelFixing.BOLTS)));
    }

    private static <T> Function<JobBrief, Stream<JobBrief>> each(T[] all, Change<T> change) {
        return brief -> Arrays.stream(all).map(one -> change.of(brief, one));
    }

    /** A brief with one thing other. */
    private interface Change<T> {
        JobBrief of(JobBrief brief, T one);
    }

    /** The same brief with another lock, fittings, procedures, records or worker, or other parts condemned. */
    @SuppressWarnings("unchecked")
    static JobBrief with(JobBrief b, Object one) {
        return new JobBrief(
                b.construction(),
                one instanceof Fastening fastening ? fastening : b.fastening(),
                one instanceof Fittings fittings ? fittings : b.fittings(),
                b.scope(),
                one instanceof Choices choices ? choices : b.choices(),
                one instanceof Known known ? known : b.known(),
                one instanceof Worker worker ? worker : b.worker(),
                one instanceof AdjustmentProcedure procedure ? procedure : b.procedure(),
                one instanceof Set<?> condemned ? (Set<Part>) condemned : b.condemned());
    }

    /** Every construction, scope, lock and brake with the wheel on early, late or left where it is, and each way of packing. */
    static Stream<JobBrief> everyWheel() {
        return presets()
                .flatMap(each(Fastening.values(), Briefs::with))
                .flatMap(each(BrakeKind.values(), Briefs::fitted))
                .flatMap(each(WheelOn.values(), Briefs::chosen))
                .flatMap(each(Packing.values(), Briefs::chosen))
                .flatMap(brief -> CONDEMNED.stream().limit(2).map(parts -> with(brief, parts)));
    }

    private static JobBrief fitted(JobBrief b, Object one) {
        return with(b, b.fittings().with(one));
    }

    static JobBrief chosen(JobBrief b, Way one) {
        return with(b, b.choices().with(one));
    }
}
