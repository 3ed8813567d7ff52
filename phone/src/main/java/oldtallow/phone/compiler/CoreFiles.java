package oldtallow.phone.compiler;

import java.util.Collection;
import org.teavm.extension.spi.resources.ResourcesPolicy;

/** Files of the core that go into the compiled script: what is not named here is not found there. */
public final class CoreFiles implements ResourcesPolicy {

    @Override
    public String[] supplyResources(Collection<? extends String> asked) {
        return new String[] {
            "oldtallow/core/bearing/bearing-sets.csv",
            "oldtallow/core/fastening/sequence/adjustment-procedures.csv",
            "oldtallow/core/schedule/interval/interval-practices.csv"
        };
    }
}
