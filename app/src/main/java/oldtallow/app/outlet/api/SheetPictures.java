package oldtallow.app.outlet.api;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.app.job.api.JobPhotos;
import oldtallow.app.outlet.model.ServiceSheet.Picture;
import oldtallow.app.outlet.model.SmallPicture;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.step.Step;
import org.springframework.stereotype.Component;

/** Photos that say why something was not fit to go back. */
@Component
class SheetPictures {

    /** They stand in the file of the sheet. */
    private static final int MOST = 8;

    private final JobPhotos photos;

    SheetPictures(JobPhotos photos) {
        this.photos = photos;
    }

    /** At most eight, as they were taken. */
    List<Picture> of(List<Bench<WheelEnd>> hubs) {
        return hubs.stream()
                .flatMap(hub -> hub.standing().stream().flatMap(one -> picture(hub, one, hubs.size() > 1).stream()))
                .limit(MOST)
                .toList();
    }

    private Optional<Picture> picture(Bench<WheelEnd> hub, RecordedEntry recorded, boolean isOfSeveral) {
        if (!(recorded.entry() instanceof JobEntry.PhotoTaken taken)) {
            return Optional.empty();
        }
        return shown(hub, taken)
                .map(what -> new Picture(
                        (isOfSeveral ? hub.end().positionName() + ": " : "") + what,
                        SmallPicture.address(photos.photo(hub.job().id(), taken.photoId()))));
    }

    /** What of it was done with; empty where nothing was. */
    private static Optional<String> shown(Bench<WheelEnd> hub, JobEntry.PhotoTaken taken) {
        if (taken.part() != null) {
            Set<Part> condemned = hub.plan().brief().condemned();
            return Optional.of(taken.part()).filter(condemned::contains).map(Part::words);
        }
        return Stream.concat(hub.done().stream().map(Bench.Done::step), hub.plan().steps().stream())
                .filter(step -> step.id().equals(taken.stepId()))
                .findFirst()
                .flatMap(Step::verdictOn)
                .filter(item ->
                        hub.outcome(item).filter(outcome -> outcome.isRenewal()).isPresent())
                .map(item -> item.words());
    }
}
