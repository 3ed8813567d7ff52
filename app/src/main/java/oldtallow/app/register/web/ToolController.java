package oldtallow.app.register.web;

import java.util.List;
import java.util.UUID;
import oldtallow.app.register.api.Tools;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.register.reference.WorkshopTool.Kind;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.LengthView;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/tools")
class ToolController {

    private final Tools tools;

    ToolController(Tools tools) {
        this.tools = tools;
    }

    /** The workshop's drivers, sockets and grease guns. */
    @GetMapping
    List<WorkshopToolView> all() {
        return tools.all().stream().map(WorkshopToolView::of).toList();
    }

    /** Enters a tool, or changes it. */
    @PutMapping("/{id}")
    List<WorkshopToolView> put(@PathVariable UUID id, @RequestBody WorkshopToolForm form) {
        tools.put(new WorkshopTool(
                id,
                form.kind(),
                form.name().strip(),
                form.outside() == null ? null : form.outside().toLength(),
                form.stroke(),
                form.version()));
        return all();
    }

    /** Takes a tool off the list. */
    @DeleteMapping("/{id}")
    List<WorkshopToolView> remove(@PathVariable UUID id) {
        tools.remove(id);
        return all();
    }

    /**
     * A tool as entered.
     *
     * @param stroke of a grease gun, cm³
     * @param version as it was read; 0 for a new one
     */
    record WorkshopToolForm(
            Kind kind,
            String name,
            @Nullable LengthEntry outside,
            @Nullable Double stroke,
            int version) {}

    /** {@code stroke} in cm³. */
    record WorkshopToolView(
            UUID id,
            Kind kind,
            String kindWords,
            String name,
            @Nullable LengthView outside,
            @Nullable Double stroke,
            int version) {

        static WorkshopToolView of(WorkshopTool tool) {
            @Nullable Length outside = tool.outside();
            return new WorkshopToolView(
                    tool.id(),
                    tool.kind(),
                    tool.kind().words(),
                    tool.name(),
                    outside == null ? null : LengthView.of(outside),
                    tool.strokeCubicCentimetres(),
                    tool.version());
        }
    }
}
