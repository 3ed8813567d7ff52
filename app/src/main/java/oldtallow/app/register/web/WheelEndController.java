package oldtallow.app.register.web;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Catalogue;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.register.web.PartForm.PartView;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/wheel-ends/{id}")
class WheelEndController {

    private final Register register;
    private final Assembly assembly;
    private final Catalogue catalogue;
    private final Clock clock;

    WheelEndController(Register register, Assembly assembly, Catalogue catalogue, Clock clock) {
        this.register = register;
        this.assembly = assembly;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** A wheel end as it is built and fitted. */
    @GetMapping
    WheelEndView wheelEnd(@PathVariable UUID id) {
        return WheelEndView.of(register.wheelEnd(id));
    }

    /** What the wheel end was made of, the latest first. */
    @GetMapping("/builds")
    List<BuildForm> builds(@PathVariable UUID id) {
        return register.builds(register.wheelEnd(id).id()).stream()
                .map(BuildForm::of)
                .toList();
    }

    /** Dates a new build; 409 where somebody else changed the wheel end meanwhile. */
    @PostMapping("/builds")
    WheelEndView rebuild(@PathVariable UUID id, @RequestBody ChangedBuildForm form) {
        var errors = new FieldErrors();
        @Nullable WheelEndBuild build = form.build().toBuild("build.", LocalDate.now(clock), errors);
        return WheelEndView.of(assembly.rebuild(id, form.version(), errors.require(build)));
    }

    record ChangedBuildForm(Integer version, BuildForm build) {}

    /** Makes the other side, or every wheel end of the rig, like this one. */
    @PostMapping("/copies")
    List<WheelEndView> copy(@PathVariable UUID id, @RequestParam Assembly.CopyTo to) {
        return assembly.copy(id, to).wheelEnds().map(WheelEndView::of).toList();
    }

    /** What is or was fitted, by place, the latest first. */
    @GetMapping("/parts")
    List<PartView> parts(@PathVariable UUID id) {
        return views(assembly.parts(id));
    }

    /** Puts a part in its place; what was there is off from then on. */
    @PostMapping("/parts")
    List<PartView> fit(@PathVariable UUID id, @RequestBody PartForm form) {
        return views(assembly.fit(id, form.toEntry()));
    }

    /** Puts a typing error right: the part of that id, in its place, was written down wrongly. */
    @PutMapping("/parts")
    List<PartView> correct(@PathVariable UUID id, @RequestBody PartForm form) {
        return views(assembly.correct(id, form.toEntry()));
    }

    /** Takes a part off. */
    @DeleteMapping("/parts/{place}")
    List<PartView> takeOff(@PathVariable UUID id, @PathVariable PartPlace place) {
        return views(assembly.takeOff(id, place));
    }

    private List<PartView> views(List<FittedPart> parts) {
        Set<SetDesignation> onFile = catalogue.designations();
        return parts.stream().map(part -> PartView.of(part, onFile)).toList();
    }
}
