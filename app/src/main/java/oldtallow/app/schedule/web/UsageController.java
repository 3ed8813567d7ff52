package oldtallow.app.schedule.web;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.schedule.api.Usage;
import oldtallow.app.schedule.model.KeptEntry;
import oldtallow.app.schedule.model.WaterNote;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.MeterEntry;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class UsageController {

    private final Usage usage;
    private final Clock clock;

    UsageController(Usage usage, Clock clock) {
        this.usage = usage;
        this.clock = clock;
    }

    /** Meter, trips and water of a rig, and what it runs. */
    @GetMapping("/api/v1/rigs/{rigId}/usage")
    UsageView ofRig(@PathVariable UUID rigId) {
        return UsageView.of(usage.of(rigId), LocalDate.now(clock));
    }

    /** Writes down what the meter shows, or corrects it. */
    @PutMapping("/api/v1/rigs/{rigId}/meter/{id}")
    UsageView putMeter(@PathVariable UUID rigId, @PathVariable UUID id, @RequestBody MeterForm form) {
        var errors = new FieldErrors();
        @Nullable MeterEntry entry = errors.at("shows", form::toEntry);
        usage.putMeter(
                new KeptEntry(id, form.version(), rigId, errors.require(entry), form.note() == null ? "" : form.note()),
                form.version());
        return ofRig(rigId);
    }

    /** Takes back a reading of the meter. */
    @DeleteMapping("/api/v1/rigs/{rigId}/meter/{id}")
    UsageView removeMeter(@PathVariable UUID rigId, @PathVariable UUID id, @RequestParam int version) {
        usage.removeMeter(id, version);
        return ofRig(rigId);
    }

    /** Writes down that its hubs went under water. */
    @PutMapping("/api/v1/rigs/{rigId}/water/{id}")
    UsageView putWater(@PathVariable UUID rigId, @PathVariable UUID id, @RequestBody WaterForm form) {
        usage.addWater(new WaterNote(
                id,
                rigId,
                new WaterEntry(form.on(), form.kind()),
                form.salt(),
                form.hot(),
                form.note() == null ? "" : form.note().strip()));
        return ofRig(rigId);
    }

    /** Takes back a dunking or a crossing. */
    @DeleteMapping("/api/v1/rigs/{rigId}/water/{id}")
    UsageView removeWater(@PathVariable UUID rigId, @PathVariable UUID id) {
        usage.removeWater(id);
        return ofRig(rigId);
    }

    /**
     * An entry of a meter.
     *
     * @param version as it was read; 0 for a new one
     * @param shows km
     * @param before of another meter the last of the old one, of one that rolled over where it begins again; km
     */
    record MeterForm(
            int version,
            LocalDate on,
            double shows,
            MeterEntry.Kind kind,
            @Nullable Double before,
            @Nullable String note) {

        MeterEntry toEntry() {
            return new MeterEntry(on, shows, kind, Optional.ofNullable(before));
        }
    }

    record WaterForm(
            LocalDate on,
            WaterEntry.Kind kind,
            boolean salt,
            boolean hot,
            @Nullable String note) {}
}
