package oldtallow.crossing;

import com.palantir.javapoet.ClassName;

/** What the written code is written against: the phone's own reading, writing and taking of requests. */
final class Wire {

    private static final String PACKAGE = "oldtallow.phone.wire";

    static final ClassName IN = ClassName.get(PACKAGE, "JsonIn");
    static final ClassName OUT = ClassName.get(PACKAGE, "JsonOut");
    static final ClassName ROUTER = ClassName.get(PACKAGE, "Router");

    static final ClassName TIMES = ClassName.get(PACKAGE, "Times");

    private Wire() {}
}
