package oldtallow.app.outlet.web;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import oldtallow.app.job.model.PastJob;
import oldtallow.app.outlet.api.Palette;
import oldtallow.app.outlet.api.Palette.Hit;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.core.procedure.bench.Job;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PaletteController {

    private static final int MOST_TYPED = 80;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final Palette palette;
    private final Clock clock;

    PaletteController(Palette palette, Clock clock) {
        this.palette = palette;
        this.clock = clock;
    }

    /** Rigs, plates, owners, wheel ends and parts that begin with the words typed. */
    @GetMapping("/api/v1/palette")
    List<HitView> find(@RequestParam(defaultValue = "") String q) {
        String typed = q.length() > MOST_TYPED ? q.substring(0, MOST_TYPED) : q;
        return palette.find(typed).stream()
                .map(hit -> HitView.of(hit, clock.getZone()))
                .toList();
    }

    /** Kinds of hits. */
    enum HitKind {
        RIG,
        OWNER,
        WHEEL_END,
        PART,
        BATCH,
        JOB
    }

    /**
     * Something found.
     *
     * @param rigId null for a batch of the shelf
     * @param owner of an owner's hit, to filter the yard by
     * @param batch number of a batch's hit
     * @param jobId of a job that is over
     */
    record HitView(
            HitKind kind,
            String label,
            String detail,
            @Nullable UUID rigId,
            @Nullable UUID wheelEndId,
            @Nullable String owner,
            @Nullable String batch,
            @Nullable UUID jobId) {

        static HitView of(Hit hit, ZoneId zone) {
            return switch (hit) {
                case Hit.OfRig(Rig rig) ->
                    new HitView(
                            HitKind.RIG,
                            rig.name(),
                            rig.plate().isEmpty()
                                    ? rig.kind().words()
                                    : rig.plate() + ", " + rig.kind().words(),
                            rig.id(),
                            null,
                            null,
                            null,
                            null);
                case Hit.OfOwner(Rig rig) ->
                    new HitView(
                            HitKind.OWNER,
                            rig.owner().name(),
                            "owner of " + rig.name(),
                            rig.id(),
                            null,
                            rig.owner().name(),
                            null,
                            null);
                case Hit.OfWheelEnd(Rig rig, WheelEnd end) ->
                    new HitView(
                            HitKind.WHEEL_END,
                            rig.name() + ", " + end.positionName(),
                            end.construction().words(),
                            rig.id(),
                            end.id(),
                            null,
                            null,
                            null);
                case Hit.OfPart(Rig rig, WheelEnd end, FittedPart part) ->
                    new HitView(
                            HitKind.PART,
                            part.words() + (part.batch().isEmpty() ? "" : ", batch " + part.batch()),
                            part.place().words() + ", " + rig.name() + " " + end.positionName()
                                    + (part.isFitted() ? "" : ", no longer fitted"),
                            rig.id(),
                            end.id(),
                            null,
                            null,
                            null);
                case Hit.OfJob(Rig rig, WheelEnd end, PastJob job) ->
                    new HitView(
                            HitKind.JOB,
                            rig.name() + ", " + end.positionName() + ": "
                                    + job.scope().words(),
                            (job.state() == Job.State.ABANDONED ? "ended " : "closed ")
                                    + DAY.format(LocalDate.ofInstant(job.closedAt(), zone)),
                            rig.id(),
                            end.id(),
                            null,
                            null,
                            job.id());
                case Hit.OfBatch(StockItem item, StockBatch batch) ->
                    new HitView(
                            HitKind.BATCH,
                            batch.batch(),
                            item.designation() + ", " + batch.onHand() + " on the shelf",
                            null,
                            null,
                            null,
                            batch.batch(),
                            null);
            };
        }
    }
}
