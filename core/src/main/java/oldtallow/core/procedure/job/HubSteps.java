package oldtallow.core.procedure.job;

import static oldtallow.core.procedure.job.Piece.after;
import static oldtallow.core.procedure.job.Piece.aided;
import static oldtallow.core.procedure.job.Piece.careful;
import static oldtallow.core.procedure.job.Piece.how;
import static oldtallow.core.procedure.job.Piece.must;
import static oldtallow.core.procedure.job.Piece.on;
import static oldtallow.core.procedure.job.Piece.only;
import static oldtallow.core.procedure.job.Piece.read;
import static oldtallow.core.procedure.job.Piece.takes;
import static oldtallow.core.procedure.job.Piece.using;
import static oldtallow.core.procedure.job.Piece.when;
import static oldtallow.core.procedure.job.Piece.why;
import static oldtallow.core.procedure.job.Piece.with;
import static oldtallow.core.procedure.job.StepDefinition.step;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** Stage 8: from the inboard cone to the nut started by hand. Common practice of the trade. */
final class HubSteps {

    static final List<StepDefinition> ALL = List.of(
            step(
                    StepIds.HUB_ROTOR,
                    Stage.SEAL_AND_HUB,
                    "Rotor over to the new hub, unless it came with one",
                    how(
                            "Its bolts out of the old hub, the rotor tapped off square.",
                            "Faces clean and dry, bolts crosswise to their figure.",
                            "Left stays left: rotors can be handed.",
                            "Its faces wiped with brake cleaner when it is on."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_FACE),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH, Tool.SOFT_HAMMER),
                    using(Supply.THREADLOCKER, Supply.BRAKE_CLEANER, Supply.RAGS),
                    read(ReadingKind.ROTOR_BOLT_TORQUE),
                    when(s -> s.scope() == Scope.EXCHANGE && RaceSteps.carriesRotor(s)),
                    takes(600)),
            step(
                    StepIds.HUB_SEAL_SLEEVE,
                    Stage.SEAL_AND_HUB,
                    "Seal sleeve onto the spindle",
                    aided(Aid.SEAL_SLEEVE),
                    how("The one that came with the seal, square."),
                    only(s -> s.puts(Part.SEAL_SLEEVE) != Kind.FIT, how("As deep as the old one stood.")),
                    only(s -> s.puts(Part.SEAL_SLEEVE) == Kind.FIT, how("As deep as the maker says.")),
                    only(s -> !s.isRoadside(), with(Tool.SEAL_DRIVER)),
                    with(Tool.BLOCKS, Tool.SOFT_HAMMER),
                    on(Part.SEAL_SLEEVE)),
            step(
                    StepIds.HUB_INBOARD_CONE,
                    Stage.SEAL_AND_HUB,
                    "Inboard cone into its cup",
                    only(s -> s.puts(Part.INBOARD_CONE) == Kind.REFIT, how("The one that ran here.")),
                    after("grease.inboard", StepIds.GREASE_BEDS, StepIds.GREASE_OIL_FILM),
                    on(Part.INBOARD_CONE),
                    when(s -> !GreaseSteps.isReady(s))),
            step(
                    StepIds.HUB_LOCKING_RING,
                    Stage.SEAL_AND_HUB,
                    "Locking ring in, it holds the bearing",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    must("hub.locking-ring-home", "it sits in its groove all round"),
                    on(Part.LOCKING_RING)),
            step(
                    StepIds.HUB_SNAP_RING,
                    Stage.SEAL_AND_HUB,
                    "Snap ring in, over the cone",
                    how("A rag over it, or goggles on."),
                    careful(Caution.SPRING_CLIP),
                    with(Tool.CIRCLIP_PLIERS, Tool.GOGGLES),
                    must("hub.snap-ring-home", "it sits in its groove all round"),
                    on(Part.SNAP_RING),
                    when(s -> s.fittings().snapRing() == SnapRing.BEFORE_CONE)),
            step(
                    StepIds.HUB_SEAL,
                    Stage.SEAL_AND_HUB,
                    "New seal in",
                    aided(Aid.SEAL),
                    how("On its rim, square and flush; never on the lip.", "A coated rim goes in dry."),
                    only(
                            s -> s.fittings().seal() == SealKind.UNITIZED,
                            how("Driver by the number on the seal's box."),
                            must("hub.seal-turns", "the seal's inner sleeve turns")),
                    only(s -> s.isOn(Construction.ROTOR_HUB), how("Clear of the tone ring.")),
                    only(s -> s.isOn(Construction.SPACER_SET), how("The one with the rim belongs here, inboard.")),
                    only(s -> !s.isRoadside(), with(Tool.SEAL_DRIVER)),
                    only(
                            Situation::isRoadside,
                            how("With a flat block of wood, a little each side."),
                            with(Tool.BLOCKS)),
                    with(Tool.SOFT_HAMMER),
                    must("hub.seal-square", "it sits square and flush and does not touch the cone"),
                    on(Part.SEAL),
                    when(s -> !GreaseSteps.isReady(s)),
                    takes(60)),
            step(
                    StepIds.HUB_WATER_SHIELD,
                    Stage.SEAL_AND_HUB,
                    "Water shield onto the seal's rim",
                    on(Part.WATER_SHIELD)),
            step(
                    StepIds.HUB_STUB_SEAL,
                    Stage.SEAL_AND_HUB,
                    "New stub seal in",
                    only(s -> !s.isRoadside(), with(Tool.SEAL_DRIVER)),
                    only(Situation::isRoadside, with(Tool.BLOCKS)),
                    on(Part.STUB_SEAL)),
            linings("hub.linings", Stage.SEAL_AND_HUB, HubSteps::coversLinings),
            step(
                    StepIds.HUB_BRAKE_FACES,
                    Stage.SEAL_AND_HUB,
                    "Drum and linings once more, before they are out of sight",
                    careful(Caution.BRAKE_FACE),
                    using(Supply.BRAKE_CLEANER, Supply.RAGS),
                    must("hub.faces-clean", "drum and linings are clean and dry"),
                    after(StepIds.GREASE_BEDS, StepIds.GREASE_CAVITY, StepIds.HUB_SEAL, "hub.linings"),
                    when(s -> s.assembles() && coversLinings(s) && s.fittings().brake() == BrakeKind.DRUM)),
            hubOn("hub.on", "Hub on", on(Part.HUB), when(s -> !GreaseSteps.isReady(s))),
            hubOn(
                    "hub.on-ready",
                    "Hub on, with its inboard bearing and seal",
                    on(Part.INBOARD_CONE, Part.SEAL, Part.HUB),
                    when(s -> GreaseSteps.isReady(s))),
            step(
                    StepIds.HUB_SPACER,
                    Stage.SEAL_AND_HUB,
                    "Spacer in, the one of this pair",
                    why("It sets the play; another one seizes or rocks."),
                    only(
                            s -> s.puts(Part.SPACER) == Kind.RENEW,
                            how("The one that came with the new pair, never the old one.")),
                    must("hub.pair-agrees", "the numbers on both bearings and the spacer agree"),
                    on(Part.SPACER)),
            step(
                    StepIds.HUB_OUTBOARD_CONE,
                    Stage.SEAL_AND_HUB,
                    "Outboard cone in",
                    only(s -> s.puts(Part.OUTBOARD_CONE) == Kind.REFIT, how("The one that ran here.")),
                    after("grease.outboard", StepIds.GREASE_OIL_FILM),
                    on(Part.OUTBOARD_CONE)),
            step(
                    StepIds.HUB_OUTBOARD_SEAL,
                    Stage.SEAL_AND_HUB,
                    "New outboard seal in",
                    how("The one without a rim."),
                    only(Situation::hasRun, how("Hold the old one beside it.")),
                    only(s -> !s.isRoadside(), with(Tool.SEAL_DRIVER)),
                    only(Situation::isRoadside, with(Tool.BLOCKS)),
                    on(Part.OUTBOARD_SEAL)),
            step(
                    StepIds.HUB_UPRIGHT,
                    Stage.SEAL_AND_HUB,
                    "Upright back onto the shaft",
                    how("The shaft's splines cleaned and lightly greased."),
                    careful(Caution.HEAVY_WHEEL),
                    on(Part.UPRIGHT),
                    takes(300)),
            step(
                    StepIds.HUB_STEERING_JOINTS,
                    Stage.SEAL_AND_HUB,
                    "Ball joints and steering arm on, to the maker's torque",
                    how("Tapers clean and dry, new nuts or cotters where the maker says so."),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH),
                    must("hub.joints-locked", "every joint is at the maker's torque and locked"),
                    on(Part.STEERING_JOINTS),
                    takes(600)),
            step(
                    StepIds.HUB_UPRIGHT_FLANGE,
                    Stage.SEAL_AND_HUB,
                    "Drive flange and disc on",
                    how("Shaft from behind, drawn through; no hammer on the flange."),
                    with(Tool.PULLER),
                    on(Part.DRIVE_FLANGE),
                    when(s -> s.isOn(Construction.SPACER_SET)),
                    takes(240)),
            step(
                    StepIds.HUB_CALIPER,
                    Stage.SEAL_AND_HUB,
                    "Caliper back, so that the brake can hold the hub",
                    how("Disc wiped clean, pads dry, hose untwisted."),
                    careful(Caution.LICENSED_BRAKES, Caution.BRAKE_HOSE, Caution.BRAKE_FACE),
                    with(Tool.SOCKET_SET, Tool.TORQUE_WRENCH),
                    using(Supply.BRAKE_CLEANER, Supply.RAGS, Supply.THREADLOCKER),
                    read(ReadingKind.CALIPER_BOLT_TORQUE),
                    must("hub.caliper-torqued", "caliper bolts are at the governing torque, disc and pads are clean"),
                    on(Part.CALIPER),
                    when(s -> s.isOn(Construction.SPACER_SET)),
                    takes(240)),
            step(
                    StepIds.HUB_WASHER,
                    Stage.SEAL_AND_HUB,
                    "Washer on, the right side in",
                    why("A washer that turns unscrews the nut."),
                    only(
                            s -> s.puts(Part.WASHER) == Kind.REFIT,
                            must("hub.washer-held", "it cannot turn, and its marked side looks outward")),
                    only(
                            s -> s.puts(Part.WASHER) != Kind.REFIT,
                            must("hub.washer-held", "it cannot turn, and its flat face lies on the cone")),
                    on(Part.WASHER)),
            step(
                    StepIds.HUB_TANG_WASHER,
                    Stage.SEAL_AND_HUB,
                    "Tang washer on, under the nut",
                    why("It keeps the nut from turning, and cannot turn itself."),
                    how("A tang that was not bent yet where the nut's flat will come."),
                    must("hub.tang-washer-keyed", "its key is in the spindle's slot"),
                    on(Part.TANG_WASHER)),
            step(
                    StepIds.HUB_NUT,
                    Stage.SEAL_AND_HUB,
                    "Nut started by hand",
                    how("Several turns by fingers: else it is crossed."),
                    only(s -> s.fastening() == Fastening.CASTLE_NUT, how("Slots outward.")),
                    only(s -> s.fastening() == Fastening.STAKED_NUT, how("Collar outward.")),
                    only(
                            s -> s.puts(Part.NUT) == Kind.RENEW && s.fastening() == Fastening.STAKED_NUT,
                            careful(Caution.OLD_LOCK),
                            how("A new one: the old collar has been bent.")),
                    on(Part.NUT)));

    private HubSteps() {}

    /** Whether the linings are out of reach once the hub, or the upright with its caliper, is on. */
    static boolean coversLinings(Situation s) {
        return s.isOn(Construction.SPACER_SET)
                || (s.fittings().brake() == BrakeKind.DRUM && !s.isOn(Construction.FULL_FLOATING_REAR));
    }

    static StepDefinition linings(String id, Stage stage, Predicate<Situation> here) {
        return step(
                id,
                stage,
                "New linings in",
                how("Both sides of the axle, clean hands."),
                careful(Caution.LICENSED_BRAKES, Caution.BRAKE_FACE),
                with(Tool.PLIERS),
                after(StepIds.CLOSE_BRAKE_FACES),
                on(Part.LININGS),
                when(here),
                takes(900));
    }

    private static StepDefinition hubOn(String id, String what, Piece... own) {
        List<Piece> pieces = new ArrayList<>(List.of(own));
        pieces.addAll(List.of(
                how("Level, thumb where the outboard cone goes.", "Ease the seal over its land: no push on the lip."),
                only(
                        s -> s.brief().isOnNewHub() && s.fastening().takesCotter(),
                        how("Tap it home with a socket on the cone's inner ring, until the cotter hole stands clear.")),
                only(
                        s -> s.brief().isOnNewHub() && !s.fastening().takesCotter(),
                        how("Tap it home with a socket on the cone's inner ring, until the thread stands clear.")),
                only(s -> s.brief().isOnNewHub(), with(Tool.SOCKET_SET, Tool.SOFT_HAMMER)),
                careful(Caution.HEAVY_WHEEL),
                only(s -> s.isOn(Construction.OIL_BATH_HEAVY), with(Tool.DOLLY)),
                only(Situation::hasBrake, careful(Caution.BRAKE_FACE)),
                after(StepIds.GREASE_CAVITY, StepIds.GREASE_CHANNEL, StepIds.GREASE_BEDS, StepIds.HUB_BRAKE_FACES),
                takes(60)));
        return new StepDefinition(id, Stage.SEAL_AND_HUB, what, pieces);
    }
}
