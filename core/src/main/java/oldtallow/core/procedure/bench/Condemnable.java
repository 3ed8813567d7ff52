package oldtallow.core.procedure.bench;

import java.util.EnumSet;
import java.util.Set;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.step.PartMove;

/** Which parts of a job can be called done with as it stands. */
final class Condemnable {

    private Condemnable() {}

    static Set<Part> of(Bench<?> bench) {
        JobBrief brief = bench.plan().brief();
        Set<Part> parts = EnumSet.noneOf(Part.class);
        bench.plan().steps().stream()
                .flatMap(step -> step.moves().stream())
                .filter(move -> move.kind() == PartMove.Kind.REFIT)
                .forEach(move -> parts.add(move.part()));
        parts.addAll(newOn(bench));
        EnumSet.copyOf(parts).forEach(part -> part.otherRing().ifPresent(parts::add));
        boolean hasLinings = brief.stack().find(Part.LININGS).isPresent();
        if (brief.scope().strips() && hasLinings && !brief.condemned().contains(Part.LININGS)) {
            parts.add(Part.LININGS);
        }
        return parts;
    }

    /** What this job has put on new. */
    private static Set<Part> newOn(Bench<?> bench) {
        Set<Part> parts = EnumSet.noneOf(Part.class);
        bench.done().stream().flatMap(one -> one.step().moves().stream()).forEach(move -> {
            if (isNew(move)) {
                parts.add(move.part());
            } else {
                parts.remove(move.part());
            }
        });
        return parts;
    }

    /** Whether it puts a new part on. */
    static boolean isNew(PartMove move) {
        return move.kind() == PartMove.Kind.RENEW || move.kind() == PartMove.Kind.FIT;
    }
}
