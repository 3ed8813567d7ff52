package oldtallow.app.job.api;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.Catalogue;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.api.Tools;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.stock.api.Shelf;
import oldtallow.app.stock.model.StockItem.Tin;
import oldtallow.app.stock.model.Stocked;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.fit.CupDriver;
import oldtallow.core.fit.RightCup;
import oldtallow.core.fit.seal.SealSize;
import oldtallow.core.fit.seal.SealType;
import oldtallow.core.grease.Compatibility;
import oldtallow.core.grease.Demand;
import oldtallow.core.grease.Filling;
import oldtallow.core.grease.GreaseCode;
import oldtallow.core.grease.GreaseMake;
import oldtallow.core.grease.Thickener;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.stock.StockKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What can be worked out for a wheel end from what is on record, for the bench and to begin a reckoning with. */
@Service
public class WheelEndAids {

    /** Where nobody says how cold it gets. */
    private static final int USUAL_COLDEST = -20;

    private static final Set<Rig.Use> WET = Set.of(Rig.Use.SALT_WATER, Rig.Use.FRESH_WATER);
    private static final Set<Rig.Use> HARD = Set.of(Rig.Use.LOADED_HIGH, Rig.Use.OFF_ROAD);

    private final Register register;
    private final Assembly assembly;
    private final Catalogue catalogue;
    private final Tools tools;
    private final GreaseFills greasings;
    private final Shelf shelf;

    WheelEndAids(
            Register register,
            Assembly assembly,
            Catalogue catalogue,
            Tools tools,
            GreaseFills greasings,
            Shelf shelf) {
        this.register = register;
        this.assembly = assembly;
        this.catalogue = catalogue;
        this.tools = tools;
        this.greasings = greasings;
        this.shelf = shelf;
    }

    /**
     * All of it.
     *
     * @param grease empty on an oil bath
     * @param seal empty where its sizes make no seal
     */
    public record Aids(
            WheelEndShape shape,
            Race inboard,
            Race outboard,
            Optional<SealPlace> seal,
            Optional<Grease> grease,
            List<WorkshopTool> tools) {}

    /**
     * A cup and its bore.
     *
     * @param nearTwins sets whose cup measures nearly so
     * @param bore as measured; empty where nobody did
     */
    public record Race(
            BearingSet set, CupDriver driver, List<BearingSet> nearTwins, Optional<Length> bore, Length hubOutside) {}

    /** {@code assumed}: whether a size of it was filled in. */
    public record SealPlace(SealSize size, SealType type, boolean assumed) {}

    /**
     * Its grease.
     *
     * @param inIt empty where nobody ever wrote it down
     * @param gun whose strokes are counted; empty for a usual one
     * @param stroke of it, cm³
     * @param tins of the shelf, those that will do and meet the old best first
     */
    public record Grease(
            Demand demand,
            Filling filling,
            Optional<GreaseFill> inIt,
            Optional<WorkshopTool> gun,
            double stroke,
            List<OnShelf> tins) {

        public Thickener old() {
            return inIt.map(fill -> fill.grease().thickener()).orElse(Thickener.UNKNOWN);
        }
    }

    /**
     * A grease of the shelf, held against this wheel end.
     *
     * @param batch the one to take first; empty where none is there
     * @param misfits what it falls short in
     */
    public record OnShelf(
            String name, Tin tin, int good, Optional<String> batch, Compatibility meets, List<String> misfits) {}

    @Transactional(readOnly = true)
    public Aids of(UUID wheelEndId) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        WheelEndShape shape = assembly.section(wheelEndId).shape();
        List<BearingSet> sets = catalogue.sets();
        List<WorkshopTool> own = tools.all();
        return new Aids(
                shape,
                race(shape, shape.inboard(), HubDimension.INBOARD_BORE, HubDimension.HUB_OUTSIDE_INBOARD, sets),
                race(shape, shape.outboard(), HubDimension.OUTBOARD_BORE, HubDimension.HUB_OUTSIDE_OUTBOARD, sets),
                seal(shape),
                shape.fittings().cavity() == CavityFill.OIL ? Optional.empty() : Optional.of(grease(end, shape, own)),
                own);
    }

    /** How a measured cup goes with this wheel end. */
    @Transactional(readOnly = true)
    public RightCup cup(UUID wheelEndId, Length outside) {
        WheelEndShape shape = assembly.section(wheelEndId).shape();
        return RightCup.of(outside, List.of(shape.inboard(), shape.outboard()), catalogue.sets());
    }

    private static Race race(
            WheelEndShape shape, BearingSet set, HubDimension bore, HubDimension outside, List<BearingSet> sets) {
        return new Race(
                set,
                CupDriver.of(set),
                RightCup.nearTwins(set, sets),
                Optional.ofNullable(shape.measured().get(bore)),
                Length.ofMillimetres(shape.size(outside)));
    }

    private static Optional<SealPlace> seal(WheelEndShape shape) {
        boolean rimmed = shape.construction() == Construction.SPACER_SET;
        try {
            var size = new SealSize(
                    Length.ofMillimetres(shape.size(HubDimension.SEAL_LAND)),
                    Length.ofMillimetres(shape.size(HubDimension.SEAL_BORE)),
                    Optional.of(Length.ofMillimetres(shape.size(HubDimension.SEAL_WIDTH))));
            return Optional.of(new SealPlace(
                    size,
                    new SealType(shape.fittings().seal(), rimmed, false),
                    shape.assumes(HubDimension.SEAL_LAND, HubDimension.SEAL_BORE, HubDimension.SEAL_WIDTH)));
        } catch (OutOfRangeException e) {
            return Optional.empty(); // filled-in sizes of an odd hub; the bench says to measure
        }
    }

    private Grease grease(WheelEnd end, WheelEndShape shape, List<WorkshopTool> own) {
        Set<Rig.Use> uses = register.rig(end.rigId()).uses();
        var demand = new Demand(
                shape.fittings().brake(),
                uses.stream().anyMatch(WET::contains),
                USUAL_COLDEST,
                uses.stream().anyMatch(HARD::contains));
        Optional<GreaseFill> inIt = greasings.last(end.id());
        GreaseMake old = inIt.map(fill ->
                        GreaseMake.of(fill.grease().thickener(), fill.grease().code()))
                .orElse(GreaseMake.UNKNOWN);
        Optional<WorkshopTool> gun = own.stream()
                .filter(tool -> tool.kind() == WorkshopTool.Kind.GREASE_GUN)
                .findFirst();
        double stroke = gun.flatMap(tool -> Optional.ofNullable(tool.strokeCubicCentimetres()))
                .orElse(Filling.USUAL_STROKE);
        return new Grease(
                demand,
                Filling.of(
                        shape,
                        shape.fittings().cavity(),
                        shape.fittings().cap() == CapKind.SPRING_LOADED,
                        shape.construction() == Construction.GREASE_THROUGH),
                inIt,
                gun,
                stroke,
                tins(demand, old));
    }

    private List<OnShelf> tins(Demand demand, GreaseMake old) {
        return shelf.all().stream()
                .filter(one -> one.item().kind() == StockKind.GREASE)
                .flatMap(one -> one.item().tin().stream().map(tin -> onShelf(one, tin, demand, old)))
                .sorted((a, b) -> Integer.compare(drawbacks(a), drawbacks(b)))
                .toList();
    }

    private static int drawbacks(OnShelf one) {
        int meeting = switch (one.meets().action()) {
            case MIX -> 0;
            case PURGE -> 1;
            case CLEAN_OUT -> 2;
        };
        return 3 * one.misfits().size() + meeting;
    }

    private static OnShelf onShelf(Stocked one, Tin tin, Demand demand, GreaseMake old) {
        Optional<GreaseCode> code = Stream.of(tin.code())
                .filter(text -> !text.isEmpty())
                .map(GreaseCode::parse)
                .findFirst();
        var known = Demand.Known.of(tin.thickener(), code, Optional.empty());
        return new OnShelf(
                one.item().designation(),
                tin,
                one.good(),
                one.batches().stream()
                        .filter(batch -> batch.onHand() > 0)
                        .findFirst()
                        .map(batch -> batch.batch()),
                Compatibility.of(old, GreaseMake.of(tin.thickener(), tin.code())),
                demand.misfits(known));
    }
}
