package oldtallow.phone.kept;

import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.model.GreaseFillStore;

/** Fillings; closing a job adds one. */
final class KeptGreasings implements GreaseFillStore {

    private final Rows<GreaseFill> fills;

    KeptGreasings(List<GreaseFill> fills) {
        this.fills = new Rows<>(GreaseFill::id, fills);
    }

    @Override
    public List<GreaseFill> of(UUID wheelEndId) {
        return fills.all()
                .filter(fill -> fill.wheelEndId().equals(wheelEndId))
                .sorted(Comparator.comparing(GreaseFill::at).reversed())
                .toList();
    }

    @Override
    public void add(SignedIn person, GreaseFill fill) {
        fills.add(fill);
    }
}
