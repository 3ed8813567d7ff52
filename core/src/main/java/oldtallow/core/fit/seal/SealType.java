package oldtallow.core.fit.seal;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.hub.Fittings.SealKind;

/**
 * A make-up of a hub seal, and how it is fitted. Common practice; a marking on the seal, such as OIL SIDE, governs.
 *
 * @param rimmed whether a rim stops it against the hub's face
 * @param coated whether its outside is coated with rubber or paint that seals by itself
 */
public record SealType(SealKind kind, boolean rimmed, boolean coated) {

    /** Which way it looks. */
    public String orientation() {
        return switch (kind) {
            case LIP -> "Open, spring side to the grease; flat side out.";
            case DOUBLE_LIP -> "Spring lip to the grease, dust lip to the road; flat side out.";
            case MARINE_TWO_PIECE ->
                "Seal in the hub, spring side to the grease; sleeve on the spindle, chamfer outboard, so that the lip slides on.";
            case UNITIZED ->
                "The side marked for oil or hub to the grease; turn its inner sleeve by hand before it goes in.";
        };
    }

    /** What goes on its outside. */
    public String outside() {
        return coated
                ? "Goes in dry: its coat seals by itself, and oil lets it walk out."
                : "A thin film of sealant or oil on the metal case, none on the lip.";
    }

    /** Where it stops. */
    public String stop() {
        return rimmed
                ? "Its rim lies on the hub's face all round."
                : "Flush with the hub's face, or on its shoulder where there is one; measure the old one's depth first.";
    }

    /** What a driver may touch, in order of choice. */
    public List<String> mayTouch() {
        List<String> faces = new ArrayList<>();
        if (rimmed) {
            faces.add("the rim");
        }
        faces.add(
                kind == SealKind.UNITIZED
                        ? "the outer case, by the driver the seal's box names"
                        : "the outer edge of the case");
        if (kind == SealKind.MARINE_TWO_PIECE) {
            faces.add("the end of the sleeve, with a tube, never its polished outside");
        }
        return List.copyOf(faces);
    }

    /** What it must not. */
    public List<String> mustNotTouch() {
        return switch (kind) {
            case LIP -> List.of("the lip", "the spring", "the middle of the flat side: it dishes");
            case DOUBLE_LIP -> List.of("the dust lip", "the spring lip", "the middle of the flat side: it dishes");
            case MARINE_TWO_PIECE -> List.of("the lip", "the sleeve's polished outside");
            case UNITIZED -> List.of("the inner sleeve", "a tone ring on it");
        };
    }
}
