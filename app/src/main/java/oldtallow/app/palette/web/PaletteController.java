package oldtallow.app.palette.web;

import java.util.List;
import java.util.UUID;
import oldtallow.app.fitted.FittedPart;
import oldtallow.app.palette.Palette;
import oldtallow.app.palette.Palette.Hit;
import oldtallow.app.register.Rig;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.shelf.StockBatch;
import oldtallow.app.shelf.StockItem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PaletteController {

    private static final int MOST_TYPED = 80;

    private final Palette palette;

    PaletteController(Palette palette) {
        this.palette = palette;
    }

    /** Rigs, plates, owners, wheel ends and parts that begin with the words typed. */
    @GetMapping("/api/palette")
    List<HitView> find(@RequestParam(defaultValue = "") String q) {
        String typed = q.length() > MOST_TYPED ? q.substring(0, MOST_TYPED) : q;
        return palette.find(typed).stream().map(HitView::of).toList();
    }

    /** Kinds of hits. */
    enum HitKind {
        RIG,
        OWNER,
        WHEEL_END,
        PART,
        BATCH
    }

    /**
     * Something found.
     *
     * @param rigId null for a batch of the shelf
     * @param owner of an owner's hit, to filter the yard by
     * @param batch number of a batch's hit
     */
    record HitView(
            HitKind kind,
            String label,
            String detail,
            @Nullable UUID rigId,
            @Nullable UUID wheelEndId,
            @Nullable String owner,
            @Nullable String batch) {

        static HitView of(Hit hit) {
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
                            null);
                case Hit.OfOwner(Rig rig) ->
                    new HitView(
                            HitKind.OWNER,
                            rig.owner().name(),
                            "owner of " + rig.name(),
                            rig.id(),
                            null,
                            rig.owner().name(),
                            null);
                case Hit.OfWheelEnd(Rig rig, WheelEnd end) ->
                    new HitView(
                            HitKind.WHEEL_END,
                            rig.name() + ", " + end.positionName(),
                            end.construction().words(),
                            rig.id(),
                            end.id(),
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
                            null);
                case Hit.OfBatch(StockItem item, StockBatch batch) ->
                    new HitView(
                            HitKind.BATCH,
                            batch.batch(),
                            item.designation() + ", " + batch.onHand() + " on the shelf",
                            null,
                            null,
                            null,
                            batch.batch());
            };
        }
    }
}
