package oldtallow.app.schedule.web;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import oldtallow.app.schedule.api.DueList;
import oldtallow.app.schedule.api.RigAlmanacs;
import oldtallow.app.schedule.api.RigAlmanacs.WhatIf;
import oldtallow.app.schedule.api.ServiceLog;
import oldtallow.app.schedule.model.DueStore.Week;
import oldtallow.app.schedule.model.PageMark;
import oldtallow.app.schedule.model.ServiceEvent;
import oldtallow.app.units.form.DueRuleForm;
import oldtallow.app.units.form.DueRuleView;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.HubState;
import oldtallow.core.schedule.interval.IntervalPractice;
import oldtallow.core.schedule.interval.StandardIntervals;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AlmanacController {

    private static final int MOST_ENDS = 32;

    private final DueList list;
    private final RigAlmanacs almanacs;
    private final ServiceLog services;

    AlmanacController(DueList list, RigAlmanacs almanacs, ServiceLog services) {
        this.list = list;
        this.almanacs = almanacs;
        this.services = services;
    }

    /**
     * What is due in the yard within three months, most pressing first.
     *
     * @param more what the page before gave as its {@code more}
     */
    @GetMapping("/api/v1/almanac")
    DueListView due(@RequestParam(required = false) @Nullable String more) {
        DueList.Page page = list.page(more == null ? null : PageMark.parse(more));
        return new DueListView(
                page.today(),
                page.items().stream()
                        .map(item -> DueItemView.of(item, page.today()))
                        .toList(),
                page.more() == null ? null : PageMark.write(page.more()),
                page.isWhole());
    }

    /** Work of the next half year by weeks; weeks without any are left out. */
    @GetMapping("/api/v1/almanac/weeks")
    List<WeekView> weeks() {
        return list.weeks().stream()
                .map((Week week) -> new WeekView(week.monday(), week.wheelEnds(), week.minutes()))
                .toList();
    }

    /** The trade's practices of when it is done again. */
    @GetMapping("/api/v1/interval-practices")
    List<IntervalPracticeView> practices() {
        return StandardIntervals.all().stream().map(IntervalPracticeView::of).toList();
    }

    /** What falls due on a rig, and why. */
    @GetMapping("/api/v1/rigs/{id}/almanac")
    AlmanacView ofRig(@PathVariable UUID id) {
        return AlmanacView.of(almanacs.of(id));
    }

    /** As it would be by other rules or with other use; nothing is kept. */
    @PostMapping("/api/v1/rigs/{id}/almanac/what-if")
    AlmanacView whatIf(@PathVariable UUID id, @RequestBody WhatIfForm form) {
        return AlmanacView.of(almanacs.of(id, form.toWhatIf()));
    }

    /** Writes down something done outside a job, at some wheel ends at once, such as a re-torque. */
    @PostMapping("/api/v1/rigs/{id}/services")
    @Transactional
    AlmanacView done(@PathVariable UUID id, @RequestBody ServiceForm form) {
        if (form.wheelEndIds().isEmpty() || form.wheelEndIds().size() > MOST_ENDS) {
            throw new InvalidInputException(
                    "wheelEndIds", form.wheelEndIds().size(), "must be 1 to " + MOST_ENDS + " wheel ends of the rig");
        }
        for (UUID end : form.wheelEndIds()) {
            byHand(form, end);
        }
        return ofRig(id);
    }

    /** One entry a wheel end under an id of its own, made of the form's, so that a save tried twice is one. */
    private void byHand(ServiceForm form, UUID end) {
        UUID own = UUID.nameUUIDFromBytes((form.id() + " " + end).getBytes(StandardCharsets.UTF_8));
        services.byHand(own, end, form.kind(), form.on(), form.note() == null ? "" : form.note());
    }

    record ServiceForm(
            UUID id,
            List<UUID> wheelEndIds,
            ServiceEvent.Kind kind,
            LocalDate on,
            @Nullable String note) {}

    /**
     * What could be otherwise.
     *
     * @param practice of the trade's, by its id
     * @param rules of one's own; not beside a practice
     * @param useFactor how much more it is used than now, 0.1 to 10
     */
    record WhatIfForm(
            @Nullable String practice,
            @Nullable List<DueRuleForm> rules,
            @Nullable Double useFactor) {

        WhatIf toWhatIf() {
            var errors = new FieldErrors();
            List<DueRule> other = rules == null ? byPractice(errors) : DueRuleForm.toRules("rules", rules, errors);
            errors.throwIfAny();
            return new WhatIf(other, useFactor == null ? 1 : useFactor);
        }

        private List<DueRule> byPractice(FieldErrors errors) {
            if (practice == null) {
                return List.of();
            }
            return StandardIntervals.all().stream()
                    .filter(one -> one.id().equals(practice))
                    .findFirst()
                    .map(IntervalPractice::rules)
                    .orElseGet(() -> {
                        errors.add("practice", practice, "is no practice of the list");
                        return List.of();
                    });
        }
    }

    record IntervalPracticeView(String id, String name, String source, List<DueRuleView> rules) {

        static IntervalPracticeView of(IntervalPractice practice) {
            return new IntervalPracticeView(
                    practice.id(),
                    practice.name(),
                    practice.source(),
                    practice.rules().stream().map(DueRuleView::of).toList());
        }
    }

    record WeekView(LocalDate monday, int wheelEnds, int minutes) {}

    /** {@code isWhole}: false while dates are still worked out after an upgrade. */
    record DueListView(
            LocalDate today,
            List<DueItemView> items,
            @Nullable String more,
            boolean isWhole) {}

    record DuePlaceView(UUID id, String position) {}

    /** {@code wheelEnds}: at which it is due alike. */
    record DueItemView(
            UUID rigId,
            String rigName,
            int yardNumber,
            String ownerName,
            List<DuePlaceView> wheelEnds,
            HubState state,
            String stateWords,
            DueView due) {

        static DueItemView of(DueList.Item item, LocalDate today) {
            return new DueItemView(
                    item.rig().id(),
                    item.rig().name(),
                    item.rig().yardNumber(),
                    item.rig().ownerName(),
                    item.standings().stream()
                            .map(one -> new DuePlaceView(
                                    one.wheelEnd().id(), one.wheelEnd().positionName()))
                            .toList(),
                    item.standings().getFirst().state(),
                    item.standings().getFirst().state().words(),
                    DueView.of(item.due(), today));
        }
    }
}
