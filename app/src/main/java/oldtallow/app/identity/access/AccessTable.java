package oldtallow.app.identity.access;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpMethod;

/**
 * Who may do what: one line for each way into the application. What has no line is nobody's. Where it depends on what is
 * asked as well, the rule stands with it: a mechanic's steps and checks of a job, the password of another.
 *
 * <p>An apprentice works, measures and writes down; what others will rely on without looking again is a mechanic's: figures
 * that govern, services without a job, sizes of bearings and tools, what the shelf keeps. People, rules and prices are the
 * owner's.
 */
public final class AccessTable {

    private static final List<Line> LINES = new Table()
            .anybody(HttpMethod.GET, "/api/session")
            .anybody(HttpMethod.POST, "/api/session/code")
            .anybody(HttpMethod.POST, "/api/session")
            .anybody(HttpMethod.DELETE, "/api/session")
            .anybody(HttpMethod.POST, "/api/first-owner")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.GET,
                    "/api/about",
                    "/api/almanac",
                    "/api/almanac/strip",
                    "/api/almanac/weeks",
                    "/api/audit",
                    "/api/bearing-sets",
                    "/api/bearing-sets/read",
                    "/api/bench-reference",
                    "/api/calendar-feeds",
                    "/api/calendar.ics",
                    "/api/constructions",
                    "/api/devices",
                    "/api/door",
                    "/api/door/code.svg",
                    "/api/identify",
                    "/api/instruments",
                    "/api/instruments/nearby",
                    "/api/instruments/{id}/live",
                    "/api/interval-schools",
                    "/api/jobs",
                    "/api/jobs/{id}/service-sheet.html",
                    "/api/jobs/{id}/service-sheet.pdf",
                    "/api/jobs/{jobId}",
                    "/api/jobs/{jobId}/events",
                    "/api/jobs/{jobId}/photos/{photoId}",
                    "/api/jobs/{jobId}/sequence",
                    "/api/mail-reminder",
                    "/api/nut-reference",
                    "/api/nut-schools/own",
                    "/api/openapi",
                    "/api/order-list",
                    "/api/order-list.csv",
                    "/api/palette",
                    "/api/people",
                    "/api/reading-help",
                    "/api/reckon/fits",
                    "/api/reckon/greases",
                    "/api/rigs/{id}",
                    "/api/rigs/{id}/almanac",
                    "/api/rigs/{id}/label.pdf",
                    "/api/rigs/{id}/label.svg",
                    "/api/rigs/{id}/past-jobs",
                    "/api/rigs/{id}/standings",
                    "/api/rigs/{rigId}/figures",
                    "/api/rigs/{rigId}/photo",
                    "/api/rigs/{rigId}/usage",
                    "/api/rigs/{rigId}/warmth",
                    "/api/shelf",
                    "/api/shelf/batches/{id}/label.pdf",
                    "/api/shelf/batches/{id}/label.svg",
                    "/api/shelf/recall",
                    "/api/tools",
                    "/api/trips",
                    "/api/trips/{id}",
                    "/api/trips/{id}/plan",
                    "/api/wheel-ends/{id}",
                    "/api/wheel-ends/{id}/aids",
                    "/api/wheel-ends/{id}/builds",
                    "/api/wheel-ends/{id}/from-the-shelf",
                    "/api/wheel-ends/{id}/grease",
                    "/api/wheel-ends/{id}/job-costs",
                    "/api/wheel-ends/{id}/label.pdf",
                    "/api/wheel-ends/{id}/label.svg",
                    "/api/wheel-ends/{id}/nut",
                    "/api/wheel-ends/{id}/parts",
                    "/api/wheel-ends/{id}/past-jobs",
                    "/api/wheel-ends/{id}/play-checks",
                    "/api/wheel-ends/{id}/section",
                    "/api/wheel-ends/{id}/wheel-nuts",
                    "/api/wheel-ends/{wheelEndId}/figures",
                    "/api/wheel-ends/{wheelEndId}/nut-settings",
                    "/api/workshop/backup",
                    "/api/workshop/rates",
                    "/api/workshop/rules",
                    "/api/yard")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.POST,
                    "/api/identify",
                    "/api/instruments/{id}/take",
                    "/api/jobs/{jobId}/abandon",
                    "/api/jobs/{jobId}/close",
                    "/api/jobs/{jobId}/condemned",
                    "/api/jobs/{jobId}/cup-moved",
                    "/api/jobs/{jobId}/drag",
                    "/api/jobs/{jobId}/first-look",
                    "/api/jobs/{jobId}/grease",
                    "/api/jobs/{jobId}/judgings",
                    "/api/jobs/{jobId}/school",
                    "/api/jobs/{jobId}/scope",
                    "/api/jobs/{jobId}/setting-reopened",
                    "/api/jobs/{jobId}/steps",
                    "/api/jobs/{jobId}/torque",
                    "/api/jobs/{jobId}/undo",
                    "/api/jobs/{jobId}/waits",
                    "/api/jobs/{jobId}/went-on",
                    "/api/mail-reminder/code",
                    "/api/mail-reminder/confirmed",
                    "/api/mail-reminder/now",
                    "/api/nut-calculations",
                    "/api/planned-jobs",
                    "/api/readings/drag",
                    "/api/reckon/cap",
                    "/api/reckon/cone-fit",
                    "/api/reckon/cup-driver",
                    "/api/reckon/cup-fit",
                    "/api/reckon/grease",
                    "/api/reckon/grease-code",
                    "/api/reckon/seal",
                    "/api/reckon/seal-land",
                    "/api/reckon/seated",
                    "/api/reckon/wheel-nuts",
                    "/api/reckoner/setting-chart",
                    "/api/rigs",
                    "/api/rigs/{id}/almanac/what-if",
                    "/api/section",
                    "/api/shelf/batches/{id}/count",
                    "/api/shelf/batches/{id}/moves",
                    "/api/shelf/items/{id}/batches",
                    "/api/stud-circle",
                    "/api/tracks/gpx",
                    "/api/wheel-ends/{id}/after-drive",
                    "/api/wheel-ends/{id}/builds",
                    "/api/wheel-ends/{id}/copies",
                    "/api/wheel-ends/{id}/grease",
                    "/api/wheel-ends/{id}/parts",
                    "/api/wheel-ends/{id}/play-checks",
                    "/api/wheel-ends/{id}/play-readings",
                    "/api/wheel-ends/{id}/rock",
                    "/api/wheel-ends/{id}/sense",
                    "/api/wheel-ends/{id}/setting-chart",
                    "/api/wheel-ends/{wheelEndId}/job-plan",
                    "/api/wheel-ends/{wheelEndId}/jobs",
                    "/api/wheel-ends/{wheelEndId}/nut-settings")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.PUT,
                    "/api/calendar-feeds/{id}",
                    "/api/jobs/{jobId}/photos/{photoId}",
                    "/api/mail-reminder",
                    "/api/people/{id}/password",
                    "/api/rigs/{id}",
                    "/api/rigs/{rigId}/meter/{id}",
                    "/api/rigs/{rigId}/photo",
                    "/api/rigs/{rigId}/trips/{id}",
                    "/api/rigs/{rigId}/warmth/{id}",
                    "/api/rigs/{rigId}/water/{id}",
                    "/api/wheel-ends/{id}/parts")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.DELETE,
                    "/api/calendar-feeds/{id}",
                    "/api/devices/{personId}/{name}",
                    "/api/planned-jobs/{id}",
                    "/api/rigs/{rigId}/meter/{id}",
                    "/api/rigs/{rigId}/photo",
                    "/api/rigs/{rigId}/warmth/{id}",
                    "/api/rigs/{rigId}/water/{id}",
                    "/api/wheel-ends/{id}/parts/{place}")
            .may(
                    Role.MECHANIC,
                    HttpMethod.POST,
                    "/api/bearing-sets",
                    "/api/instruments",
                    "/api/jobs/{jobId}/sign-off",
                    "/api/jobs/{jobId}/waivers",
                    "/api/rigs/{id}/services",
                    "/api/rigs/{rigId}/figures",
                    "/api/shelf/items",
                    "/api/wheel-ends/{wheelEndId}/figures",
                    "/api/wheel-ends/{wheelEndId}/nut-settings/{settingId}/sign-off")
            .may(Role.MECHANIC, HttpMethod.PUT, "/api/nut-schools/own/{id}", "/api/shelf/items/{id}", "/api/tools/{id}")
            .may(
                    Role.MECHANIC,
                    HttpMethod.DELETE,
                    "/api/bearing-sets/{id}",
                    "/api/instruments/{id}",
                    "/api/nut-schools/own/{id}",
                    "/api/rigs/{rigId}/figures/{id}",
                    "/api/tools/{id}",
                    "/api/wheel-ends/{wheelEndId}/figures/{id}")
            .may(Role.OWNER, HttpMethod.GET, "/api/workshop/security")
            .may(Role.OWNER, HttpMethod.POST, "/api/people", "/api/workshop/demo-ended", "/api/workshop/rules")
            .may(Role.OWNER, HttpMethod.PUT, "/api/people/{id}", "/api/workshop/rates")
            .may(Role.OWNER, HttpMethod.DELETE, "/api/workshop/rules/{id}")
            .anybody(HttpMethod.POST, "/api/session/passkey/wanted")
            .anybody(HttpMethod.POST, "/api/session/passkey")
            .may(Role.APPRENTICE, HttpMethod.GET, "/api/second-factor", "/api/second-factor/passkeys")
            .may(Role.APPRENTICE, HttpMethod.DELETE, "/api/second-factor/passkeys/{id}")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.POST,
                    "/api/second-factor",
                    "/api/second-factor/confirmed",
                    "/api/second-factor/passkeys",
                    "/api/second-factor/passkeys/wanted",
                    "/api/second-factor/removed")
            .lines();

    private AccessTable() {}

    /**
     * One way in.
     *
     * @param path as the controllers have it, with names in braces
     * @param least who may at least; empty where nobody has to sign in
     */
    public record Line(HttpMethod method, String path, Optional<Role> least) {}

    public static List<Line> lines() {
        return LINES;
    }

    private static final class Table {

        private final List<Line> lines = new ArrayList<>();

        Table anybody(HttpMethod method, String path) {
            lines.add(new Line(method, path, Optional.empty()));
            return this;
        }

        Table may(Role least, HttpMethod method, String... paths) {
            for (String path : paths) {
                lines.add(new Line(method, path, Optional.of(least)));
            }
            return this;
        }

        List<Line> lines() {
            return List.copyOf(lines);
        }
    }
}
