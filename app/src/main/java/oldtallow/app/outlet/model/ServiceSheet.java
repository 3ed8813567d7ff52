package oldtallow.app.outlet.model;

import java.util.List;
import oldtallow.app.register.model.Side;
import oldtallow.core.hub.section.Section;

/**
 * What stands on the sheet of a job, in words.
 *
 * @param heading the rig and the wheel end
 * @param blocks what holds at every hub it is about
 * @param hubs what is said of one hub only; none on a sheet of one hub
 * @param pictures why something was not fit to go back
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
        List<AtHub> hubs,
        List<Picture> pictures,
        List<String> cautions,
        String address,
        boolean open) {

    public ServiceSheet {
        facts = List.copyOf(facts);
        blocks = List.copyOf(blocks);
        hubs = List.copyOf(hubs);
        pictures = List.copyOf(pictures);
        cautions = List.copyOf(cautions);
    }

    /** Lines of one hub. */
    public record AtHub(String position, int axlePosition, Side side, List<Line> lines) {

        public AtHub {
            lines = List.copyOf(lines);
        }
    }

    /** A photo with what it shows; its address carries it. */
    public record Picture(String shows, String address) {}

    /** A term and what is said of it. */
    public record Line(String term, String said) {}

    /** Some lines under a title; left out where there are none. */
    public record Block(String title, List<Line> lines) {

        public Block {
            lines = List.copyOf(lines);
        }
    }
}
