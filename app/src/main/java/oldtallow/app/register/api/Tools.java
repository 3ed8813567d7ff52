package oldtallow.app.register.api;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.register.reference.ToolStore;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.register.reference.WorkshopTool.Kind;
import oldtallow.core.grease.Filling;
import oldtallow.core.quantity.Length;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The tools of the workshop that asks. */
@Service
public class Tools {

    private static final double LEAST_OUTSIDE_MM = 10;
    private static final double MOST_OUTSIDE_MM = 400;
    private static final int MOST_NAME = 60;

    private final ToolStore store;

    Tools(ToolStore store) {
        this.store = store;
    }

    @Transactional(readOnly = true)
    public List<WorkshopTool> all() {
        return store.all();
    }

    /** Enters or changes one. */
    @Transactional
    public void put(WorkshopTool tool) {
        check(tool);
        Optional<WorkshopTool> now =
                all().stream().filter(one -> one.id().equals(tool.id())).findFirst();
        if (now.filter(tool::isSameAs).isPresent()) {
            return; // sent twice
        }
        if (now.isPresent() && now.get().version() != tool.version()) {
            throw new ConflictException("Somebody changed " + now.get().name() + " meanwhile. Load it again.");
        }
        if (!store.put(tool)) {
            var errors = new FieldErrors();
            errors.add("name", tool.name(), "is the name of another tool; call this one something else");
            errors.throwIfAny();
        }
    }

    @Transactional
    public void remove(UUID id) {
        store.remove(id);
    }

    private static void check(WorkshopTool tool) {
        var errors = new FieldErrors();
        if (tool.name().isBlank() || tool.name().length() > MOST_NAME) {
            errors.add("name", tool.name(), "must be 1 to " + MOST_NAME + " letters");
        }
        boolean pumps = tool.kind() == Kind.GREASE_GUN;
        if (pumps && tool.outside() != null) {
            errors.add("outside.number", null, "belongs to drivers and sockets; leave it out for a grease gun");
        }
        if (!pumps && tool.strokeCubicCentimetres() != null) {
            errors.add("stroke", tool.strokeCubicCentimetres(), "belongs to grease guns; leave it out");
        }
        if (pumps) {
            @Nullable Double stroke = tool.strokeCubicCentimetres();
            if (stroke == null) {
                errors.add("stroke", null, "is missing; pump ten strokes onto a scale and take a tenth");
            } else {
                errors.at("stroke", () -> Filling.strokes(1, stroke));
            }
        } else {
            @Nullable Length outside = tool.outside();
            if (outside == null) {
                errors.add("outside.number", null, "is missing; measure across the end that drives");
            } else if (!(outside.millimetres() >= LEAST_OUTSIDE_MM && outside.millimetres() <= MOST_OUTSIDE_MM)) {
                errors.add(
                        "outside.number",
                        Objects.requireNonNull(outside).millimetres() + " mm",
                        "must be 10 to 400 mm (0.4 to 15.7 in); is the unit right?");
            }
        }
        errors.throwIfAny();
    }
}
