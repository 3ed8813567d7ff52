package oldtallow.phone;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.job.api.Jobs;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.trackside.model.Bridge;
import oldtallow.app.trackside.model.TakenAlong;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.phone.kept.KeptPorts;
import oldtallow.phone.wire.Call;
import oldtallow.phone.wire.JsonIn;
import oldtallow.phone.wire.Router;
import oldtallow.phone.wired.Wiring;
import org.jspecify.annotations.Nullable;

/** The application over what was taken along: answers what the server would answer. */
final class Answers {

    private static final int OK = 200;

    private Router router = new Router();
    private MomentClock clock = new MomentClock(ZoneOffset.UTC);

    /** An answer: a status of HTTP, and JSON. */
    record Answer(int status, String json) {

        @Override
        public String toString() {
            return status + "\n" + json;
        }
    }

    void open(JsonIn taken) {
        TakenAlong along = Bridge.readTakenAlong(taken);
        CurrentPerson.isToldBy(new OneOwner(along.by()));
        router = new Router();
        clock = new MomentClock(ZoneOffset.ofTotalSeconds(along.utcOffsetSeconds()));
        Jobs jobs = Wiring.wire(new KeptPorts(along, clock), router);
        router.on("PUT", "/api/v1/jobs/{jobId}/photos/{photoId}", (call, out) -> photoTaken(jobs, call));
    }

    /** A photo is entered at its step; its pictures wait with the browser. */
    private static void photoTaken(Jobs jobs, Call call) {
        UUID photoId = UUID.fromString(call.part("photoId"));
        jobs.enter(
                UUID.fromString(call.part("jobId")),
                new NewEntry(
                        photoId,
                        new JobEntry.PhotoTaken(call.asked("stepId"), photoId, call.ifAsked("part", Part::valueOf))));
    }

    /**
     * {@code address}: the path, and what is asked behind it.
     *
     * @param at when it was asked, milliseconds since 1970
     */
    Answer answer(String method, String address, @Nullable JsonIn body, long at) {
        clock.is(Instant.ofEpochMilli(at));
        int question = address.indexOf('?');
        String path = question < 0 ? address : address.substring(0, question);
        String query = question < 0 ? "" : address.substring(question + 1);
        try {
            Optional<String> answer = router.answer(method, path, asked(query), body);
            return answer.map(json -> new Answer(OK, json)).orElseGet(Refusals::unknown);
        } catch (RuntimeException e) {
            return Refusals.of(e);
        }
    }

    private static Map<String, List<String>> asked(String query) {
        Map<String, List<String>> asked = new LinkedHashMap<>();
        for (String pair : query.isEmpty() ? List.<String>of() : List.of(query.split("&", -1))) {
            int is = pair.indexOf('=');
            String name = is < 0 ? pair : pair.substring(0, is);
            String value = is < 0 ? "" : pair.substring(is + 1);
            asked.computeIfAbsent(name, one -> new ArrayList<>()).add(value);
        }
        return asked;
    }
}
