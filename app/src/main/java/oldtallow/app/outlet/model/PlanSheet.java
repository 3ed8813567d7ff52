package oldtallow.app.outlet.model;

import java.util.List;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.core.hub.section.Section;

/**
 * What stands on the sheet of a job before it begins, in words.
 *
 * @param heading the rig
 * @param hubs which of its wheel ends, each in a few letters
 * @param facts of the job: terms and what is said of each
 * @param section of the first of the hubs
 * @param figures what governs, and whose it is
 * @param cautions where it can hurt somebody
 * @param address the web address that the code in the corner opens: the same plan
 */
public record PlanSheet(
        String workshop,
        String heading,
        String subheading,
        List<String> hubs,
        List<Line> facts,
        Section section,
        List<Line> figures,
        List<Stage> stages,
        List<Line> cautions,
        String address) {

    public PlanSheet {
        hubs = List.copyOf(hubs);
        facts = List.copyOf(facts);
        figures = List.copyOf(figures);
        stages = List.copyOf(stages);
        cautions = List.copyOf(cautions);
    }

    /** A stage and its steps. */
    public record Stage(String title, List<Tick> ticks) {

        public Stage {
            ticks = List.copyOf(ticks);
        }
    }

    /**
     * A step with its boxes.
     *
     * @param more figures or a caution, in a few words; may be empty
     * @param hubs where it is ticked, by their place among the hubs from 0
     */
    public record Tick(String what, String more, List<Integer> hubs) {

        public Tick {
            hubs = List.copyOf(hubs);
        }
    }
}
