package oldtallow.app.testing;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Hands tests the running application, a browser, or both; each started once a run. */
public final class OldTallowExtension implements ParameterResolver {

    private static final ExtensionContext.Namespace NAMESPACE =
            ExtensionContext.Namespace.create(OldTallowExtension.class);

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
        Class<?> type = parameter.getParameter().getType();
        return type == RunningOldTallow.class || type == Browsers.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
        var store = context.getRoot().getStore(NAMESPACE);
        return parameter.getParameter().getType() == Browsers.class
                ? store.getOrComputeIfAbsent(Browsers.class, key -> new Browsers(), Browsers.class)
                : store.getOrComputeIfAbsent(
                        RunningOldTallow.class, key -> RunningOldTallow.withDemo(), RunningOldTallow.class);
    }
}
