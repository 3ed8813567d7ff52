package oldtallow.app.outlet.web;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.outlet.api.PlanSheets;
import oldtallow.app.outlet.model.PlanSheetPage;
import oldtallow.app.platform.QrCode;
import oldtallow.app.platform.security.OwnAddress;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.Way;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A job before it begins: to read, to print and to hand over. Choices are written PACKING.PACKER; left out, they are the usual ones. */
@RestController
class PlanSheetController {

    private static final int MOST_WHEEL_ENDS = 24;
    private static final int CODE_MM = 60;

    private final PlanSheets sheets;
    private final OwnAddress address;

    PlanSheetController(PlanSheets sheets, OwnAddress address) {
        this.sheets = sheets;
        this.address = address;
    }

    /** The plan of a job on a rig, on paper. */
    @GetMapping("/api/v1/rigs/{rigId}/plan-sheet.pdf")
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID rigId,
            @RequestParam Scope scope,
            @RequestParam(defaultValue = "") List<UUID> wheelEndIds,
            @RequestParam(defaultValue = "") List<String> ways) {
        return Pages.pdf("plan.pdf", page(rigId, scope, wheelEndIds, ways).pdf());
    }

    /** The plan of a job on a rig, to read. */
    @GetMapping("/api/v1/rigs/{rigId}/plan-sheet.html")
    ResponseEntity<String> html(
            @PathVariable UUID rigId,
            @RequestParam Scope scope,
            @RequestParam(defaultValue = "") List<UUID> wheelEndIds,
            @RequestParam(defaultValue = "") List<String> ways) {
        return Pages.html(page(rigId, scope, wheelEndIds, ways).xhtml());
    }

    /** The code that opens this plan on another device. */
    @GetMapping("/api/v1/rigs/{rigId}/plan-sheet.svg")
    ResponseEntity<String> code(
            @PathVariable UUID rigId,
            @RequestParam Scope scope,
            @RequestParam(defaultValue = "") List<UUID> wheelEndIds,
            @RequestParam(defaultValue = "") List<String> ways) {
        return Pages.svg(new QrCode(opens(rigId, scope, wheelEndIds, ways)).svg(CODE_MM));
    }

    private PlanSheetPage page(UUID rigId, Scope scope, List<UUID> wheelEndIds, List<String> ways) {
        Choices choices = sheets.usual();
        for (String way : ways) {
            choices = choices.with(way(way));
        }
        return new PlanSheetPage(sheets.of(
                new PlanSheets.Asked(rigId, wheelEndIds, scope, choices), opens(rigId, scope, wheelEndIds, ways)));
    }

    private String opens(UUID rigId, Scope scope, List<UUID> wheelEndIds, List<String> ways) {
        atMost("wheelEndIds", wheelEndIds, MOST_WHEEL_ENDS);
        atMost("ways", ways, ChoiceKind.values().length);
        ways.forEach(PlanSheetController::way);
        String hubs = wheelEndIds.stream().map(UUID::toString).collect(Collectors.joining(","));
        return address.of("/rigs/" + rigId + "/job?scope=" + scope
                + (hubs.isEmpty() ? "" : "&hubs=" + hubs)
                + (ways.isEmpty() ? "" : "&ways=" + String.join(",", ways)));
    }

    /** All of it stands in a code. */
    private static void atMost(String field, List<?> sent, int most) {
        if (sent.size() > most) {
            throw new InvalidInputException(field, sent.size() + " of them", "must be at most " + most);
        }
    }

    private static Way way(String sent) {
        return Arrays.stream(ChoiceKind.values())
                .flatMap(kind -> kind.ways().stream().filter(way -> (kind + "." + way.name()).equals(sent)))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        "ways", sent, "is no choice; write kind and way such as PACKING.PACKER"));
    }
}
