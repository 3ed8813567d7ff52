package oldtallow.app.register.model;

import java.util.List;

/** A wheel end as it is entered with its rig: what it is made of and what is known to be fitted. */
public record HubEntry(WheelEndBuild build, List<PartEntry> parts) {

    public HubEntry {
        parts = List.copyOf(parts);
    }
}
