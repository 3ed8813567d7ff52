package oldtallow.app.register.web;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.model.DrawnSection;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SectionController {

    private final Assembly assembly;
    private final Clock clock;

    SectionController(Assembly assembly, Clock clock) {
        this.assembly = assembly;
        this.clock = clock;
    }

    /** The constructions of the trade with what they usually come with, and what can be measured on them. */
    @GetMapping("/api/v1/constructions")
    ConstructionsView constructions() {
        LocalDate today = LocalDate.now(clock);
        return new ConstructionsView(
                Arrays.stream(Construction.values())
                        .map(one -> ConstructionView.of(one, HubPreset.of(one), today))
                        .toList(),
                Arrays.stream(HubDimension.values())
                        .map(one -> new DimensionView(one, one.words()))
                        .toList());
    }

    record ConstructionsView(List<ConstructionView> constructions, List<DimensionView> dimensions) {}

    record DimensionView(HubDimension id, String words) {}

    /** A construction; its preset is a starting point and no maker's figure. */
    record ConstructionView(
            Construction id,
            String words,
            String foundOn,
            String special,
            boolean equalPair,
            RingsView inboard,
            RingsView outboard,
            BuildForm preset) {

        static ConstructionView of(Construction construction, HubPreset preset, LocalDate today) {
            return new ConstructionView(
                    construction,
                    construction.words(),
                    construction.foundOn(),
                    construction.special(),
                    construction.hasEqualPair(),
                    RingsView.of(preset.inboard()),
                    RingsView.of(preset.outboard()),
                    BuildForm.of(construction, preset, today));
        }
    }

    record RingsView(String cone, String cup) {

        static RingsView of(SetDesignation set) {
            return new RingsView(set.cone(), set.cup());
        }
    }

    /** The true half-section of a wheel end, in mm. */
    @GetMapping("/api/v1/wheel-ends/{id}/section")
    SectionView section(@PathVariable UUID id) {
        return SectionView.of(assembly.section(id));
    }

    /** The section of a wheel end that is not in the register, or not yet. */
    @PostMapping("/api/v1/section")
    SectionView section(@RequestBody SectionForm form) {
        var errors = new FieldErrors();
        @Nullable WheelEndBuild build = form.build().toBuild("build.", LocalDate.now(clock), errors);
        DrawnSection drawn = assembly.section(errors.require(build), read(form.inboard()), read(form.outboard()));
        return SectionView.of(drawn);
    }

    private static Optional<SetDesignation> read(@Nullable SectionRingsForm rings) {
        return rings == null ? Optional.empty() : SetDesignation.ofIfStandard(rings.cone(), rings.cup());
    }

    record SectionForm(
            BuildForm build,
            @Nullable SectionRingsForm inboard,
            @Nullable SectionRingsForm outboard) {}

    record SectionRingsForm(String cone, String cup) {}
}
