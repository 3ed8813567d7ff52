package oldtallow.core.job;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.job.Choices.CapFill;
import oldtallow.core.job.Choices.Cleaning;
import oldtallow.core.job.Choices.InboardCone;
import oldtallow.core.job.Choices.Packing;
import oldtallow.core.job.Choices.RaceFitting;
import oldtallow.core.job.Choices.Reuse;
import oldtallow.core.job.JobBrief.Known;
import oldtallow.core.job.JobBrief.Worker;
import oldtallow.core.part.Part;

/** Briefs of jobs for tests, up to every combination there is. */
public final class Briefs {

    private static final List<Set<Part>> CONDEMNED = List.of(
            Set.of(),
            Set.of(Part.INBOARD_CONE, Part.INBOARD_CUP),
            Set.of(Part.OUTBOARD_CONE, Part.OUTBOARD_CUP),
            Set.of(Part.INBOARD_CONE, Part.INBOARD_CUP, Part.OUTBOARD_CONE, Part.OUTBOARD_CUP),
            Set.of(Part.HUB, Part.SEAL_SLEEVE));

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
                Set.of());
    }

    public static Stream<JobBrief> presets() {
        return Arrays.stream(Construction.values())
                .flatMap(construction -> Arrays.stream(Scope.values())
                        .filter(scope -> scope.isPossibleOn(construction))
                        .map(scope -> of(construction, scope)));
    }

    /** Every construction, scope, school, lock, verdict and worker, with the construction's usual fittings. */
    static Stream<JobBrief> everySchool() {
        return presets()
                .flatMap(each(Fastening.values(), Briefs::with))
                .flatMap(each(Cleaning.values(), (brief, one) -> with(brief, with(brief.choices(), one))))
                .flatMap(each(Reuse.values(), (brief, one) -> with(brief, with(brief.choices(), one))))
                .flatMap(each(RaceFitting.values(), (brief, one) -> with(brief, with(brief.choices(), one))))
                .flatMap(each(InboardCone.values(), (brief, one) -> with(brief, with(brief.choices(), one))))
                .flatMap(each(Worker.values(), Briefs::with))
                .flatMap(brief -> CONDEMNED.stream().map(parts -> with(brief, parts)));
    }

    /** Every construction, scope, lock and everything that can be fitted. */
    static Stream<JobBrief> everyFitting() {
        return presets()
                .flatMap(each(Fastening.values(), Briefs::with))
                .flatMap(each(
                        SealKind.values(),
                        (brief, one) ->
                                fitted(brief, f -> new Fittings(one, f.cap(), f.brake(), f.cavity(), f.washer()))))
                .flatMap(each(
                        CapKind.values(),
                        (brief, one) ->
                                fitted(brief, f -> new Fittings(f.seal(), one, f.brake(), f.cavity(), f.washer()))))
                .flatMap(each(
                        BrakeKind.values(),
                        (brief, one) ->
                                fitted(brief, f -> new Fittings(f.seal(), f.cap(), one, f.cavity(), f.washer()))))
                .flatMap(each(
                        CavityFill.values(),
                        (brief, one) ->
                                fitted(brief, f -> new Fittings(f.seal(), f.cap(), f.brake(), one, f.washer()))))
                .flatMap(each(InboardCone.values(), (brief, one) -> with(brief, with(brief.choices(), one))));
    }

    private static <T> Function<JobBrief, Stream<JobBrief>> each(T[] all, Change<T> change) {
        return brief -> Arrays.stream(all).map(one -> change.of(brief, one));
    }

    /** A brief with one thing other. */
    private interface Change<T> {
        JobBrief of(JobBrief brief, T one);
    }

    /** The same brief with another lock, fittings, schools, records or worker, or other parts condemned. */
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
                one instanceof Set<?> condemned ? (Set<Part>) condemned : b.condemned());
    }

    private static JobBrief fitted(JobBrief b, Function<Fittings, Fittings> change) {
        return with(b, change.apply(b.fittings()));
    }

    static Choices with(Choices c, Object one) {
        return new Choices(
                one instanceof Cleaning cleaning ? cleaning : c.cleaning(),
                one instanceof Reuse reuse ? reuse : c.reuse(),
                one instanceof RaceFitting races ? races : c.races(),
                one instanceof InboardCone cone ? cone : c.inboardCone(),
                one instanceof Packing packing ? packing : c.packing(),
                one instanceof CapFill fill ? fill : c.capFill());
    }
}
