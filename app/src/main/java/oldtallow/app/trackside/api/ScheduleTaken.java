package oldtallow.app.trackside.api;

import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.ServiceStore;
import oldtallow.app.schedule.model.UsageStore;
import oldtallow.app.schedule.model.WarmthStore;
import org.springframework.stereotype.Component;

/** Where it is kept how rigs ran and what was done to them. */
@Component
record ScheduleTaken(UsageStore usage, ServiceStore services, WarmthStore warmth, DueStore dues) {}
