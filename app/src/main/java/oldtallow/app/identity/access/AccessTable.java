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
            .anybody(HttpMethod.GET, "/api/v1/session")
            .anybody(HttpMethod.POST, "/api/v1/session/code")
            .anybody(HttpMethod.POST, "/api/v1/session")
            .anybody(HttpMethod.DELETE, "/api/v1/session")
            .anybody(HttpMethod.POST, "/api/v1/first-owner")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.GET,
                    "/api/v1/about",
                    "/api/v1/almanac",
                    "/api/v1/almanac/strip",
                    "/api/v1/almanac/weeks",
                    "/api/v1/audit",
                    "/api/v1/bearing-sets",
                    "/api/v1/bearing-sets/read",
                    "/api/v1/bench-reference",
                    "/api/v1/calendar-feeds",
                    "/api/v1/calendar.ics",
                    "/api/v1/constructions",
                    "/api/v1/devices",
                    "/api/v1/door",
                    "/api/v1/door/code.svg",
                    "/api/v1/identify",
                    "/api/v1/instruments",
                    "/api/v1/instruments/nearby",
                    "/api/v1/instruments/{id}/live",
                    "/api/v1/interval-practices",
                    "/api/v1/jobs",
                    "/api/v1/jobs/{id}/service-sheet.html",
                    "/api/v1/jobs/{id}/service-sheet.pdf",
                    "/api/v1/jobs/{id}/sheet-of-all-hubs.html",
                    "/api/v1/jobs/{id}/sheet-of-all-hubs.pdf",
                    "/api/v1/jobs/{jobId}",
                    "/api/v1/jobs/{jobId}/events",
                    "/api/v1/jobs/{jobId}/photos/{photoId}",
                    "/api/v1/jobs/{jobId}/sequence",
                    "/api/v1/mail-reminder",
                    "/api/v1/nut-reference",
                    "/api/v1/adjustment-procedures/own",
                    "/api/v1/openapi",
                    "/api/v1/order-list",
                    "/api/v1/order-list.csv",
                    "/api/v1/palette",
                    "/api/v1/people",
                    "/api/v1/reading-help",
                    "/api/v1/reckon/fits",
                    "/api/v1/reckon/greases",
                    "/api/v1/rigs/{id}",
                    "/api/v1/rigs/{id}/almanac",
                    "/api/v1/rigs/{id}/label.pdf",
                    "/api/v1/rigs/{id}/label.svg",
                    "/api/v1/rigs/{rigId}/plan-sheet.html",
                    "/api/v1/rigs/{rigId}/plan-sheet.pdf",
                    "/api/v1/rigs/{rigId}/plan-sheet.svg",
                    "/api/v1/rigs/{id}/past-jobs",
                    "/api/v1/rigs/{id}/standings",
                    "/api/v1/rigs/{rigId}/figures",
                    "/api/v1/rigs/{rigId}/photo",
                    "/api/v1/rigs/{rigId}/usage",
                    "/api/v1/rigs/{rigId}/warmth",
                    "/api/v1/shelf",
                    "/api/v1/shelf/batches/{id}/label.pdf",
                    "/api/v1/shelf/batches/{id}/label.svg",
                    "/api/v1/shelf/recall",
                    "/api/v1/tools",
                    "/api/v1/trips",
                    "/api/v1/trips/{id}",
                    "/api/v1/trips/{id}/plan",
                    "/api/v1/wheel-ends/{id}",
                    "/api/v1/wheel-ends/{id}/aids",
                    "/api/v1/wheel-ends/{id}/builds",
                    "/api/v1/wheel-ends/{id}/from-the-shelf",
                    "/api/v1/wheel-ends/{id}/grease",
                    "/api/v1/wheel-ends/{id}/job-costs",
                    "/api/v1/wheel-ends/{id}/label.pdf",
                    "/api/v1/wheel-ends/{id}/label.svg",
                    "/api/v1/wheel-ends/{id}/nut",
                    "/api/v1/wheel-ends/{id}/parts",
                    "/api/v1/wheel-ends/{id}/past-jobs",
                    "/api/v1/wheel-ends/{id}/play-checks",
                    "/api/v1/wheel-ends/{id}/section",
                    "/api/v1/wheel-ends/{id}/wheel-nuts",
                    "/api/v1/wheel-ends/{wheelEndId}/figures",
                    "/api/v1/wheel-ends/{wheelEndId}/nut-settings",
                    "/api/v1/workshop/backup",
                    "/api/v1/workshop/rates",
                    "/api/v1/workshop/rules",
                    "/api/v1/take-along",
                    "/api/v1/workshop/usual-choices",
                    "/api/v1/yard")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.POST,
                    "/api/v1/identify",
                    "/api/v1/instruments/{id}/take",
                    "/api/v1/jobs/{jobId}/abandon",
                    "/api/v1/jobs/{jobId}/close",
                    "/api/v1/jobs/{jobId}/condemned",
                    "/api/v1/jobs/{jobId}/cup-moved",
                    "/api/v1/jobs/{jobId}/drag",
                    "/api/v1/jobs/{jobId}/first-look",
                    "/api/v1/jobs/{jobId}/grease",
                    "/api/v1/jobs/{jobId}/hubs",
                    "/api/v1/jobs/{jobId}/judgings",
                    "/api/v1/jobs/{jobId}/let-go",
                    "/api/v1/jobs/{jobId}/not-here",
                    "/api/v1/jobs/{jobId}/not-here/recorded",
                    "/api/v1/jobs/{jobId}/notes",
                    "/api/v1/jobs/{jobId}/adjustment-procedure",
                    "/api/v1/jobs/{jobId}/round",
                    "/api/v1/jobs/{jobId}/runs",
                    "/api/v1/jobs/{jobId}/scope",
                    "/api/v1/jobs/{jobId}/ways",
                    "/api/v1/jobs/{jobId}/setting-reopened",
                    "/api/v1/jobs/{jobId}/steps",
                    "/api/v1/jobs/{jobId}/torque",
                    "/api/v1/jobs/{jobId}/undo",
                    "/api/v1/jobs/{jobId}/waits",
                    "/api/v1/jobs/{jobId}/went-on",
                    "/api/v1/mail-reminder/code",
                    "/api/v1/mail-reminder/confirmed",
                    "/api/v1/mail-reminder/now",
                    "/api/v1/nut-calculations",
                    "/api/v1/planned-jobs",
                    "/api/v1/rigs/{rigId}/job-plan",
                    "/api/v1/rigs/{rigId}/jobs",
                    "/api/v1/readings/drag",
                    "/api/v1/reckon/cap",
                    "/api/v1/reckon/cone-fit",
                    "/api/v1/reckon/cup-driver",
                    "/api/v1/reckon/cup-fit",
                    "/api/v1/reckon/grease",
                    "/api/v1/reckon/grease-code",
                    "/api/v1/reckon/seal",
                    "/api/v1/reckon/seal-land",
                    "/api/v1/reckon/seated",
                    "/api/v1/reckon/wheel-nuts",
                    "/api/v1/reckoner/setting-chart",
                    "/api/v1/rigs",
                    "/api/v1/rigs/{id}/almanac/what-if",
                    "/api/v1/section",
                    "/api/v1/shelf/batches/{id}/count",
                    "/api/v1/shelf/batches/{id}/moves",
                    "/api/v1/shelf/items/{id}/batches",
                    "/api/v1/stud-circle",
                    "/api/v1/tracks/gpx",
                    "/api/v1/wheel-ends/{id}/after-drive",
                    "/api/v1/wheel-ends/{id}/builds",
                    "/api/v1/wheel-ends/{id}/copies",
                    "/api/v1/wheel-ends/{id}/grease",
                    "/api/v1/wheel-ends/{id}/parts",
                    "/api/v1/wheel-ends/{id}/play-checks",
                    "/api/v1/wheel-ends/{id}/play-readings",
                    "/api/v1/wheel-ends/{id}/rock",
                    "/api/v1/wheel-ends/{id}/sense",
                    "/api/v1/wheel-ends/{id}/setting-chart",
                    "/api/v1/wheel-ends/{wheelEndId}/job-plan",
                    "/api/v1/wheel-ends/{wheelEndId}/jobs",
                    "/api/v1/wheel-ends/{wheelEndId}/nut-settings")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.PUT,
                    "/api/v1/calendar-feeds/{id}",
                    "/api/v1/jobs/{jobId}/photos/{photoId}",
                    "/api/v1/mail-reminder",
                    "/api/v1/people/{id}/password",
                    "/api/v1/rigs/{id}",
                    "/api/v1/rigs/{rigId}/meter/{id}",
                    "/api/v1/rigs/{rigId}/photo",
                    "/api/v1/rigs/{rigId}/trips/{id}",
                    "/api/v1/rigs/{rigId}/warmth/{id}",
                    "/api/v1/rigs/{rigId}/water/{id}",
                    "/api/v1/wheel-ends/{id}/parts")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.DELETE,
                    "/api/v1/calendar-feeds/{id}",
                    "/api/v1/devices/{personId}/{name}",
                    "/api/v1/planned-jobs/{id}",
                    "/api/v1/rigs/{rigId}/meter/{id}",
                    "/api/v1/rigs/{rigId}/photo",
                    "/api/v1/rigs/{rigId}/warmth/{id}",
                    "/api/v1/rigs/{rigId}/water/{id}",
                    "/api/v1/wheel-ends/{id}/parts/{place}")
            .may(
                    Role.MECHANIC,
                    HttpMethod.POST,
                    "/api/v1/bearing-sets",
                    "/api/v1/instruments",
                    "/api/v1/jobs/{jobId}/sign-off",
                    "/api/v1/jobs/{jobId}/waivers",
                    "/api/v1/rigs/{id}/services",
                    "/api/v1/rigs/{rigId}/figures",
                    "/api/v1/shelf/items",
                    "/api/v1/wheel-ends/{wheelEndId}/figures",
                    "/api/v1/wheel-ends/{wheelEndId}/nut-settings/{settingId}/sign-off")
            .may(
                    Role.MECHANIC,
                    HttpMethod.PUT,
                    "/api/v1/adjustment-procedures/own/{id}",
                    "/api/v1/shelf/items/{id}",
                    "/api/v1/tools/{id}")
            .may(
                    Role.MECHANIC,
                    HttpMethod.DELETE,
                    "/api/v1/bearing-sets/{id}",
                    "/api/v1/instruments/{id}",
                    "/api/v1/adjustment-procedures/own/{id}",
                    "/api/v1/rigs/{rigId}/figures/{id}",
                    "/api/v1/tools/{id}",
                    "/api/v1/wheel-ends/{wheelEndId}/figures/{id}")
            .may(Role.OWNER, HttpMethod.GET, "/api/v1/workshop/security")
            .may(Role.OWNER, HttpMethod.POST, "/api/v1/people", "/api/v1/workshop/demo-ended", "/api/v1/workshop/rules")
            .may(
                    Role.OWNER,
                    HttpMethod.PUT,
                    "/api/v1/people/{id}",
                    "/api/v1/workshop/rates",
                    "/api/v1/workshop/usual-choices")
            .may(Role.OWNER, HttpMethod.DELETE, "/api/v1/workshop/rules/{id}")
            .anybody(HttpMethod.POST, "/api/v1/session/passkey/wanted")
            .anybody(HttpMethod.POST, "/api/v1/session/passkey")
            .may(Role.APPRENTICE, HttpMethod.GET, "/api/v1/second-factor", "/api/v1/second-factor/passkeys")
            .may(Role.APPRENTICE, HttpMethod.DELETE, "/api/v1/second-factor/passkeys/{id}")
            .may(
                    Role.APPRENTICE,
                    HttpMethod.POST,
                    "/api/v1/second-factor",
                    "/api/v1/second-factor/confirmed",
                    "/api/v1/second-factor/passkeys",
                    "/api/v1/second-factor/passkeys/wanted",
                    "/api/v1/second-factor/removed")
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
