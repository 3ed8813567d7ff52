package oldtallow.app.outlet.model;

import java.util.List;
import oldtallow.core.hub.section.Section;

/**
 * What stands on the sheet of a job, in words.
 *
 * @param heading the rig and the wheel end
 * @param facts of the job: terms and what is said of each
 * @param address the web address of the rig, which the code in the corner opens
 * @param open whether the job is not over yet
 */
public record ServiceSheet(
        String workshop,
        String heading,
        String subheading,
        List<Line> facts,
        Section section,
        List<Block> blocks,
        List<String> cautions,
        String address,
        boolean open) {

    public ServiceSheet {
        facts = List.copyOf(facts);
        blocks = List.copyOf(blocks);
        cautions = List.copyOf(cautions);
    }

    /** A term and what is said of it. */
    public record Line(String term, String said) {}

    /** Some lines under a title; left out where there are none. */
    public record Block(String title, List<Line> lines) {

        public Block {
            lines = List.copyOf(lines);
        }
    }
}
