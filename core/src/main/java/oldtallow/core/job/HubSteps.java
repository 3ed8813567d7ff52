package oldtallow.core.job;

import static oldtallow.core.job.Piece.after;
import static oldtallow.core.job.Piece.careful;
import static oldtallow.core.job.Piece.how;
import static oldtallow.core.job.Piece.must;
import static oldtallow.core.job.Piece.on;
import static oldtallow.core.job.Piece.only;
import static oldtallow.core.job.Piece.takes;
import static oldtallow.core.job.Piece.when;
import static oldtallow.core.job.Piece.why;
import static oldtallow.core.job.Piece.with;
import static oldtallow.core.job.StepDefinition.step;

import java.util.List;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.part.Part;
import oldtallow.core.step.Caution;
import oldtallow.core.step.PartMove.Kind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Tool;

/** Stage 8: from the inboard cone to the nut started by hand. Common practice of the trade. */
final class HubSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    "hub.hub-spacer",
                    Stage.SEAL_AND_HUB,
                    "Hub spacer in",
                    on(Part.SPACER),
                    when(s -> !s.isOn(Construction.SPACER_SET))),
            step(
                    "hub.inboard-cone",
                    Stage.SEAL_AND_HUB,
                    "Inboard cone into its cup",
                    only(s -> s.puts(Part.INBOARD_CONE) == Kind.REFIT, how("The one that ran here.")),
                    after("grease.inboard", "grease.beds", "grease.oil-film"),
                    on(Part.INBOARD_CONE)),
            step(
                    "hub.seal",
                    Stage.SEAL_AND_HUB,
                    "New seal in",
                    how("On its rim, square and flush; never on the lip.", "A coated rim goes in dry."),
                    only(
                            s -> s.brief().fittings().seal() == SealKind.UNITIZED,
                            how("Driver by the number on the seal's box."),
                            must("hub.seal-turns", "the seal's inner sleeve turns")),
                    only(s -> s.isOn(Construction.ROTOR_HUB), how("Clear of the tone ring.")),
                    with(Tool.SEAL_DRIVER, Tool.SOFT_HAMMER),
                    must("hub.seal-square", "it sits square and flush and does not touch the cone"),
                    on(Part.SEAL),
                    takes(60)),
            step(
                    "hub.locking-ring",
                    Stage.SEAL_AND_HUB,
                    "Locking ring in",
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    on(Part.LOCKING_RING)),
            step("hub.water-shield", Stage.SEAL_AND_HUB, "Water shield on", on(Part.WATER_SHIELD)),
            step(
                    "hub.seal-sleeve",
                    Stage.SEAL_AND_HUB,
                    "Seal sleeve onto the spindle",
                    how("Square, to the depth of the old one."),
                    with(Tool.SEAL_DRIVER, Tool.SOFT_HAMMER),
                    on(Part.SEAL_SLEEVE)),
            step("hub.stub-seal", Stage.SEAL_AND_HUB, "New stub seal in", with(Tool.SEAL_DRIVER), on(Part.STUB_SEAL)),
            step(
                    "hub.on",
                    Stage.SEAL_AND_HUB,
                    "Hub on",
                    how(
                            "Level, thumb where the outboard cone goes.",
                            "Ease the seal over its land: no push on the lip."),
                    careful(Caution.HEAVY_WHEEL),
                    only(s -> s.isOn(Construction.OIL_BATH_HEAVY), with(Tool.DOLLY)),
                    only(Situation::hasBrake, careful(Caution.BRAKE_FACE)),
                    only(
                            s -> s.puts(Part.HUB) == Kind.RENEW,
                            must("hub.new-hub-home", "the new hub's cups are in without a gap")),
                    only(s -> s.isOn(Construction.LOCKING_HUB_FRONT), must("hub.no-gap", "no gap behind the cups")),
                    after("grease.cavity", "grease.channel"),
                    on(Part.HUB),
                    takes(60)),
            step(
                    "hub.upright-spacer",
                    Stage.SEAL_AND_HUB,
                    "Spacer in, the one of this pair",
                    why("It sets the play; another one seizes or rocks."),
                    must("hub.pair-agrees", "the numbers engraved on both bearings and the spacer agree"),
                    on(Part.SPACER),
                    when(s -> s.isOn(Construction.SPACER_SET))),
            step(
                    "hub.outboard-cone",
                    Stage.SEAL_AND_HUB,
                    "Outboard cone in",
                    only(s -> s.puts(Part.OUTBOARD_CONE) == Kind.REFIT, how("The one that ran here.")),
                    after("grease.outboard", "grease.oil-film"),
                    on(Part.OUTBOARD_CONE)),
            step(
                    "hub.outboard-seal",
                    Stage.SEAL_AND_HUB,
                    "New outboard seal in",
                    how("The two seals differ: one has a rim. Hold the old one beside it."),
                    with(Tool.SEAL_DRIVER),
                    on(Part.OUTBOARD_SEAL)),
            step(
                    "hub.upright-flange",
                    Stage.SEAL_AND_HUB,
                    "Drive flange in",
                    how("Shaft from behind, drawn through; no hammer on the flange."),
                    with(Tool.PULLER),
                    on(Part.DRIVE_FLANGE),
                    when(s -> s.isOn(Construction.SPACER_SET)),
                    takes(240)),
            step(
                    "hub.washer",
                    Stage.SEAL_AND_HUB,
                    "Washer on, the right side in",
                    why("A washer that turns unscrews the nut."),
                    must("hub.washer-held", "it cannot turn, and its marked side looks outward"),
                    on(Part.WASHER)),
            step(
                    "hub.nut",
                    Stage.SEAL_AND_HUB,
                    "Nut started by hand",
                    how("Several turns by fingers: else it is crossed."),
                    only(
                            s -> s.puts(Part.NUT) == Kind.RENEW,
                            careful(Caution.OLD_LOCK),
                            how("A new one: the old collar has been bent.")),
                    on(Part.NUT)));

    private HubSteps() {}
}
