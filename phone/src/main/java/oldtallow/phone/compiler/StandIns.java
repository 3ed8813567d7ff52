package oldtallow.phone.compiler;

import org.teavm.extension.spi.substitution.SimpleSubstitutionPolicy;
import org.teavm.extension.spi.substitution.SubstitutionSink;

/** Where the compiler looks for what the JDK has and its own class library has not. */
public final class StandIns extends SimpleSubstitutionPolicy {

    private static final String HERE = "oldtallow.phone.jdk";

    @Override
    public void contribute(SubstitutionSink sink) {
        sink.selectClasses(named("java.security.Principal")).replacePackage("java.security", HERE);
    }
}
