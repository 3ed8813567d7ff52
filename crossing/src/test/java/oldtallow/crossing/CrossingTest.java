package oldtallow.crossing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.palantir.javapoet.JavaFile;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Service;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is written for a small application of this test's own. That it compiles and answers rightly is the phone's test. */
class CrossingTest {

    interface HubStore {}

    @Service
    static final class Hubs {
        final HubStore store;

        Hubs(HubStore store) {
            this.store = store;
        }
    }

    enum Side {
        LEFT,
        RIGHT
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "lock")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Castle.class, name = "CASTLE"),
        @JsonSubTypes.Type(value = Free.class, name = "FREE")
    })
    sealed interface Lock permits Castle, Free {}

    record Castle(int slots) implements Lock {}

    record Free() implements Lock {}

    sealed interface Trigger permits Months, Season {}

    record Months(int kind) implements Trigger {}

    enum Season implements Trigger {
        END
    }

    record Pair<T>(T one, T other) {}

    record HubView(
            UUID id,
            @Nullable Side side,
            List<Lock> locks,
            Map<Side, Double> play,
            Optional<String> note,
            Pair<Trigger> triggers) {}

    record Unwritable(Locale language) {}

    @RestController
    @RequestMapping("/hubs")
    static final class HubController {

        final Hubs hubs;

        HubController(Hubs hubs) {
            this.hubs = hubs;
        }

        @GetMapping("/{id}")
        HubView hub(@PathVariable UUID id, @RequestParam(required = false) @Nullable Side side) {
            return new HubView(id, side, List.of(), Map.of(), Optional.empty(), new Pair<>(Season.END, Season.END));
        }

        @PostMapping
        void add(@RequestBody HubView view) {}
    }

    @RestController
    static final class LanguageController {

        @GetMapping("/language")
        Unwritable language() {
            return new Unwritable(Locale.ROOT);
        }
    }

    @Test
    void leavesThePortsToWhoeverAsks() {
        assertThat(written(List.of()))
                .contains("HubStore hubStore();")
                .contains("newHubs(hubStore)")
                .contains("routesOfHubController(router, hubs)");
    }

    @Test
    void takesTheRequestsOfAController() {
        assertThat(written(List.of()))
                .contains("router.on(\"GET\", \"/hubs/{id}\"")
                .contains("call.part(\"id\")")
                .contains("call.ifAsked(\"side\", one -> ")
                .contains("router.on(\"POST\", \"/hubs\"");
    }

    @Test
    void takesOnlyThoseThatAreNamed() {
        assertThat(written(List.of("add"))).contains("router.on(\"POST\"").doesNotContain("router.on(\"GET\"");
    }

    @Test
    void leavesOutWhatIsNull() {
        assertThat(written(List.of())).contains("if (it.side() != null)").contains("out.text(it.side().name())");
    }

    @Test
    void tellsKindsApartAsTheirAnnotationsSayOrByTheirNames() {
        assertThat(written(List.of()))
                .contains("in.need(\"lock\").text()")
                .contains("case \"CASTLE\" -> ")
                .contains("in.need(\"@kind\").text()")
                .contains("case \"Season\" -> ");
    }

    @Test
    void namesWhatNobodyKnowsHowToWrite() {
        assertThatThrownBy(() ->
                        Crossing.files(Map.of(LanguageController.class, List.of()), List.of(), List.of(), void.class))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("java.util.Locale");
    }

    private static String written(List<String> methods) {
        return Crossing.files(Map.of(HubController.class, methods), List.of(), List.of(), void.class).stream()
                .map(JavaFile::toString)
                .collect(Collectors.joining());
    }
}
