package oldtallow.core.hub.part;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.Fittings.Spacing;
import oldtallow.core.hub.HubPreset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What comes off each construction and in which order, common practice: "!" is never used again, "?" is judged, all else goes back. Under
 * the last parts off lie the cups, inboard first.
 */
class StackTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "STRAIGHT_SPINDLE | WHEEL CAP? COTTER! NUT WASHER OUTBOARD_CONE? HUB SEAL! INBOARD_CONE? SEAL_SLEEVE!",
                "STEPPED_UNBRAKED | WHEEL CAP? COTTER! NUT WASHER OUTBOARD_CONE? HUB SEAL! INBOARD_CONE?",
                "STEPPED_BRAKED | WHEEL CAP? COTTER! NUT WASHER OUTBOARD_CONE? HUB LININGS? SEAL! INBOARD_CONE?",
                "GREASE_THROUGH | WHEEL CAP_PLUG CAP? NUT TANG_WASHER OUTBOARD_CONE? HUB LININGS? SEAL! INBOARD_CONE?",
                "ROTOR_HUB | WHEEL CALIPER LININGS? CAP? COTTER! RETAINER NUT WASHER OUTBOARD_CONE? HUB SEAL! INBOARD_CONE?",
                "CLASSIC_CAR | WHEEL CALIPER LININGS? LOCATING_PINS DISC DISC_SPACER CAP? NUT! WASHER OUTBOARD_CONE? HUB SEAL!"
                        + " INBOARD_CONE? SNAP_RING",
                "SPACER_SET | WHEEL COTTER! NUT WASHER CALIPER LININGS? DRIVE_FLANGE STEERING_JOINTS UPRIGHT OUTBOARD_SEAL!"
                        + " OUTBOARD_CONE? SPACER WATER_SHIELD SEAL! LOCKING_RING INBOARD_CONE?",
                "FULL_FLOATING_REAR | WHEEL DRUM LININGS? HALF_SHAFT FLANGE_GASKET! OUTER_NUT TAB_WASHER! NUT WASHER OUTBOARD_CONE?"
                        + " HUB SEAL! INBOARD_CONE? STUB_SEAL!",
                "DRIVE_FLANGE_FRONT | WHEEL CALIPER LININGS? END_COVER CIRCLIP SHIMS DRIVE_FLANGE FLANGE_GASKET! LOCK_SCREWS"
                        + " LOCK_PLATE NUT OUTBOARD_CONE? HUB SEAL! INBOARD_CONE?",
                "LOCKING_HUB_FRONT | WHEEL CALIPER LININGS? HUB_COVER CIRCLIP LOCKING_HUB FLANGE_GASKET! OUTER_NUT TAB_WASHER! NUT"
                        + " WASHER OUTBOARD_CONE? HUB SEAL! INBOARD_CONE?",
                "OIL_BATH_HEAVY | WHEEL CAP? CAP_GASKET! OUTER_NUT TAB_WASHER! NUT WASHER OUTBOARD_CONE? HUB LININGS? SEAL!"
                        + " INBOARD_CONE?"
            })
    void comesApartSo(Construction construction, String parts) {
        HubPreset preset = HubPreset.of(construction);

        assertThat(written(Stack.of(construction, Fastening.of(preset.lock()), preset.fittings())))
                .isEqualTo(parts + " INBOARD_CUP? OUTBOARD_CUP?");
    }

    /** One thing other than on a braked trailer's hub, and what it changes. */
    @Test
    void fittingsChangeTheirOwnParts() {
        Fittings usual = HubPreset.of(Construction.STEPPED_BRAKED).fittings();

        assertThat(trailer(usual.with(CapKind.NONE))).doesNotContain("CAP");
        assertThat(trailer(usual.with(CapKind.OIL_WINDOW))).contains("WHEEL CAP? CAP_GASKET! COTTER!");
        assertThat(trailer(usual.with(CapKind.RUBBER_PLUG))).contains("WHEEL CAP_PLUG CAP? COTTER!");
        assertThat(trailer(usual.with(BrakeKind.NONE)))
                .doesNotContain("LININGS")
                .doesNotContain("CALIPER");
        assertThat(trailer(usual.with(BrakeKind.DISC)))
                .contains("WHEEL CALIPER LININGS? CAP?")
                .contains("HUB SEAL!");
        assertThat(trailer(usual.with(Spacing.SPACER))).contains("OUTBOARD_CONE? SPACER HUB");
        assertThat(trailer(usual.with(SnapRing.BEFORE_CONE))).contains("SEAL! SNAP_RING INBOARD_CONE?");
        assertThat(trailer(usual.with(SnapRing.BEFORE_CUP))).contains("INBOARD_CONE? SNAP_RING INBOARD_CUP?");
        assertThat(trailer(usual.with(SealKind.MARINE_TWO_PIECE))).contains("INBOARD_CONE? SEAL_SLEEVE! INBOARD_CUP?");
    }

    @ParameterizedTest
    @CsvSource({
        "CASTLE_NUT, COTTER! NUT WASHER",
        "NUT_AND_RETAINER, COTTER! RETAINER NUT WASHER",
        "PUSH_ON_RETAINER, RETAINER NUT WASHER",
        "NUT_AND_TANG_WASHER, NUT TANG_WASHER",
        "RING_AND_LOCK_PLATE, LOCK_SCREWS LOCK_PLATE NUT",
        "TWO_NUTS, OUTER_NUT TAB_WASHER! NUT WASHER",
        "STAKED_NUT, NUT! WASHER"
    })
    void locksComeOffBeforeTheirNut(Fastening fastening, String parts) {
        assertThat(written(Stack.of(
                        Construction.STEPPED_BRAKED,
                        fastening,
                        HubPreset.of(Construction.STEPPED_BRAKED).fittings())))
                .contains("CAP? " + parts + " OUTBOARD_CONE?");
    }

    /** Cones, cups, and what lies over a part. */
    @Test
    void knowsItsParts() {
        assertThat(Stream.of(Part.values()).filter(Part::isCone))
                .containsExactlyInAnyOrder(Part.INBOARD_CONE, Part.OUTBOARD_CONE);
        assertThat(Stream.of(Part.values()).filter(Part::isCup))
                .containsExactlyInAnyOrder(Part.INBOARD_CUP, Part.OUTBOARD_CUP);
        HubPreset preset = HubPreset.of(Construction.STEPPED_UNBRAKED);
        Stack stack = Stack.of(Construction.STEPPED_UNBRAKED, Fastening.CASTLE_NUT, preset.fittings());

        assertThat(stack.before(Part.WASHER)).containsExactly(Part.WHEEL, Part.CAP, Part.COTTER, Part.NUT);
        assertThat(stack.alwaysNew()).containsExactly(Part.COTTER, Part.SEAL);
        assertThat(stack.isAlwaysNew(Part.SEAL)).isTrue();
        assertThat(stack.isAlwaysNew(Part.NUT)).isFalse();
        assertThat(stack.has(Part.CALIPER)).isFalse();
        assertThat(Part.SEAL.wayRound()).isNotEqualTo(Part.WHEEL.wayRound());
    }

    private static String trailer(Fittings fittings) {
        return written(Stack.of(Construction.STEPPED_BRAKED, Fastening.CASTLE_NUT, fittings));
    }

    private static String written(Stack stack) {
        return stack.parts().stream()
                .map(one -> one.part()
                        + switch (one.usual()) {
                            case ALWAYS_NEW -> "!";
                            case JUDGE -> "?";
                            case REFIT -> "";
                        })
                .collect(joining(" "));
    }
}
