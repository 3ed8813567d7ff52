package oldtallow.app.outlet.api;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import oldtallow.app.outlet.model.QrLabel;
import oldtallow.app.register.api.FittedParts;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.api.Recall;
import oldtallow.app.stock.api.Recall.Trace;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What stands on the labels of the workshop that asks. */
@Service
public class Labels {

    private final Recall recall;
    private final Register register;
    private final FittedParts fitted;
    private final GreaseFills greasings;

    Labels(Recall recall, Register register, FittedParts fitted, GreaseFills greasings) {
        this.recall = recall;
        this.register = register;
        this.fitted = fitted;
        this.greasings = greasings;
    }

    /**
     * For a bag or a box.
     *
     * @param address the web address of a batch of this number
     */
    @Transactional(readOnly = true)
    public QrLabel ofBatch(UUID batchId, Function<String, String> address) {
        Trace trace = recall.trace(batchId);
        return new QrLabel(
                address.apply(trace.batch().batch()),
                trace.batch().batch(),
                present(
                        trace.item().designation(),
                        "of " + trace.batch().madeOn(),
                        "keeps until " + trace.batch().keepsUntil(),
                        trace.batch().grease(),
                        trace.batch().history().isEmpty() ? "" : "get-home spare",
                        trace.batch().note()));
    }

    /** For a hub: what is in it. */
    @Transactional(readOnly = true)
    public QrLabel ofWheelEnd(UUID wheelEndId, String address) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        List<FittedPart> parts = fitted.fittedTo(wheelEndId);
        String grease = greasings
                .last(wheelEndId)
                .map(fill -> fill.grease().known() ? fill.grease().name() : "grease not known")
                .orElse("");
        return new QrLabel(
                address,
                end.rigName() + ", " + end.positionName(),
                present(
                        at(PartPlace.INBOARD_BEARING, parts)
                                .map(one -> "in " + one)
                                .orElse(""),
                        at(PartPlace.OUTBOARD_BEARING, parts)
                                .map(one -> "out " + one)
                                .orElse(""),
                        at(PartPlace.SEAL, parts).map(one -> "seal " + one).orElse(""),
                        grease));
    }

    /** For a drawbar. */
    @Transactional(readOnly = true)
    public QrLabel ofRig(UUID rigId, String address) {
        Rig rig = register.rig(rigId);
        return new QrLabel(
                address, rig.name(), present(rig.plate(), rig.kind().words(), "yard no. " + rig.yardNumber()));
    }

    private static Optional<String> at(PartPlace place, List<FittedPart> parts) {
        return parts.stream().filter(part -> part.place() == place).findFirst().map(FittedPart::words);
    }

    private static List<String> present(String... lines) {
        return Stream.of(lines).filter(line -> !line.isEmpty()).toList();
    }
}
