package oldtallow.phone.kept;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.FittedPartStore;
import oldtallow.app.register.model.PartPlace;

/** What is and was fitted; written on the server. */
final class KeptParts implements FittedPartStore {

    private final List<FittedPart> parts;

    KeptParts(List<FittedPart> parts) {
        this.parts = parts;
    }

    @Override
    public List<FittedPart> of(Collection<UUID> wheelEndIds) {
        return parts.stream()
                .filter(part -> wheelEndIds.contains(part.wheelEndId()))
                .toList();
    }

    @Override
    public List<FittedPart> ofBatch(String beginning, int most) {
        throw Rows.needsServer();
    }

    @Override
    public void takeOff(UUID wheelEndId, PartPlace place, LocalDate on) {
        throw Rows.needsServer();
    }

    @Override
    public boolean correct(FittedPart part) {
        throw Rows.needsServer();
    }

    @Override
    public void fit(FittedPart part) {
        throw Rows.needsServer();
    }
}
