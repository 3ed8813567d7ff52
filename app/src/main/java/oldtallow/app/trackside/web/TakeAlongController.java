package oldtallow.app.trackside.web;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import oldtallow.app.trackside.api.TakeAlong;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a device takes along to where there is no network. */
@RestController
@RequestMapping("/api/v1/take-along")
class TakeAlongController {

    private final TakeAlong along;

    TakeAlongController(TakeAlong along) {
        this.along = along;
    }

    /**
     * Rigs with all that their bench, dial and almanac are worked out from, for the part of Old Tallow that runs in the device. Those
     * with an open job, or a trip that begins within 14 days, are always among them. Its form is that part's own and changes with it.
     *
     * @param rig others to take along; 60 in all at most
     */
    @GetMapping
    Map<String, Object> takeAlong(@RequestParam(required = false) @Nullable List<UUID> rig) {
        return RecordTree.of(along.of(rig == null ? List.of() : rig));
    }
}
