package oldtallow.app.register.web;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.HubEntry;
import oldtallow.app.register.model.PartEntry;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.register.photo.Photos;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/rigs")
class RigController {

    private final Assembly assembly;
    private final Register register;
    private final Photos photos;
    private final Clock clock;

    RigController(Assembly assembly, Register register, Photos photos, Clock clock) {
        this.assembly = assembly;
        this.register = register;
        this.photos = photos;
        this.clock = clock;
    }

    /** A rig with its axles and wheel ends. */
    @GetMapping("/{id}")
    RigDetailView rig(@PathVariable UUID id) {
        return view(register.rig(id));
    }

    /** Enters a rig with its axles and what is known about its wheel ends. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RigDetailView enter(@RequestBody NewRigForm form) {
        return view(assembly.enter(form.id(), form.rig().toEntry(), form.toAxles(LocalDate.now(clock))));
    }

    /** Changes a rig as it was read at a version; 409 where somebody else changed it meanwhile. */
    @PutMapping("/{id}")
    RigDetailView change(@PathVariable UUID id, @RequestBody ChangedRigForm form) {
        return view(register.change(id, form.version(), form.rig().toEntry()));
    }

    private RigDetailView view(Rig rig) {
        return RigDetailView.of(rig, photos.has(rig.id()));
    }

    record ChangedRigForm(Integer version, RigForm rig) {}

    /**
     * A new rig.
     *
     * @param id made by the client
     * @param axles from the front
     */
    record NewRigForm(UUID id, RigForm rig, List<AxleForm> axles) {

        List<Assembly.AxleEntry> toAxles(LocalDate today) {
            var errors = new FieldErrors();
            List<Assembly.@Nullable AxleEntry> entries = new ArrayList<>();
            for (int i = 0; i < axles.size(); i++) {
                entries.add(axles.get(i).toEntry("axles[" + i + "].", today, errors));
            }
            errors.throwIfAny();
            return entries.stream().map(errors::require).toList();
        }
    }

    /**
     * An axle.
     *
     * @param right as the left one where it is left out
     */
    record AxleForm(
            @Nullable Integer fromFrontMillimetres,
            @Nullable Integer trackMillimetres,
            HubForm left,
            @Nullable HubForm right) {

        Assembly.@Nullable AxleEntry toEntry(String path, LocalDate today, FieldErrors errors) {
            @Nullable HubEntry onLeft = left.toEntry(path + "left.", today, errors);
            @Nullable HubEntry onRight = (right == null ? left : right).toEntry(path + "right.", today, errors);
            return onLeft == null || onRight == null
                    ? null
                    : new Assembly.AxleEntry(fromFrontMillimetres, trackMillimetres, onLeft, onRight);
        }
    }

    /** A wheel end of a new rig, with the bearings in it where they are known. */
    record HubForm(BuildForm build, List<BearingRingsForm> bearings) {

        @Nullable
        HubEntry toEntry(String path, LocalDate today, FieldErrors errors) {
            @Nullable WheelEndBuild entered = build.toBuild(path + "build.", today, errors);
            if (entered == null) {
                return null;
            }
            return new HubEntry(
                    entered,
                    bearings.stream()
                            .map(rings -> PartEntry.bearing(
                                    UUID.randomUUID(), rings.place().part(), rings.cone(), rings.cup()))
                            .toList());
        }
    }

    /** The numbers of cone and cup in one of the two places. */
    record BearingRingsForm(BearingPlace place, String cone, String cup) {}

    /** A rig with its wheel ends. */
    record RigDetailView(
            UUID id,
            int version,
            int yardNumber,
            RigForm rig,
            String kindWords,
            boolean hasPhoto,
            List<RigAxleView> axles) {

        static RigDetailView of(Rig rig, boolean hasPhoto) {
            return new RigDetailView(
                    rig.id(),
                    rig.version(),
                    rig.yardNumber(),
                    RigForm.of(rig),
                    rig.kind().words(),
                    hasPhoto,
                    rig.axles().stream()
                            .map(axle -> new RigAxleView(
                                    axle.id(),
                                    axle.position(),
                                    axle.fromFrontMillimetres(),
                                    axle.trackMillimetres(),
                                    axle.wheelEnds().stream()
                                            .map(WheelEndView::of)
                                            .toList()))
                            .toList());
        }
    }

    record RigAxleView(
            UUID id, int position, int fromFrontMillimetres, int trackMillimetres, List<WheelEndView> wheelEnds) {}
}
