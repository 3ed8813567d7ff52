package oldtallow.crossing;

import java.lang.reflect.Constructor;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.stereotype.Component;

/** Which parts of the application the controllers need, and what stays open: the ports. */
final class PartGraph {

    private final List<Class<?>> offered;
    private final Map<Class<?>, Part> parts = new LinkedHashMap<>();
    private final Set<Class<?>> ports = new TreeSet<>(Comparator.comparing(Class::getName));
    private final Set<Class<?>> underWay = new HashSet<>();

    private PartGraph(List<Class<?>> offered) {
        this.offered = offered;
    }

    /** {@code offered}: parts that implement what others are made with. */
    static PartGraph of(Collection<Class<?>> controllers, List<Class<?>> offered) {
        var graph = new PartGraph(offered);
        controllers.forEach(graph::take);
        return graph;
    }

    /** A part, and what it is made with. */
    record Part(Class<?> type, Constructor<?> made, List<Class<?>> needs) {

        boolean isController() {
            return type.getSimpleName().endsWith("Controller");
        }
    }

    /** Each after those that it is made with. */
    Collection<Part> inOrder() {
        return parts.values();
    }

    /** What somebody else has to bring. */
    Set<Class<?>> ports() {
        return ports;
    }

    /** What stands for a type: the part itself, one that implements it, or the port. */
    Class<?> behind(Class<?> type) {
        return offered.stream()
                .filter(one -> type != one && type.isAssignableFrom(one))
                .findFirst()
                .orElse(type);
    }

    private void take(Class<?> wanted) {
        Class<?> type = behind(wanted);
        if (parts.containsKey(type) || ports.contains(type)) {
            return;
        }
        if (type.isInterface() || !AnnotatedElementUtils.isAnnotated(type, Component.class)) {
            if (!type.isInterface() && !Modifier.isAbstract(type.getModifiers())) {
                throw new IllegalArgumentException(type.getName() + " is neither a part nor a port");
            }
            ports.add(type);
            return;
        }
        if (!underWay.add(type)) {
            throw new IllegalArgumentException(type.getName() + " is made with itself");
        }
        Constructor<?> made = constructor(type);
        List<Class<?>> needs = new ArrayList<>(Arrays.asList(made.getParameterTypes()));
        needs.forEach(this::take);
        parts.put(type, new Part(type, made, needs));
    }

    private static Constructor<?> constructor(Class<?> type) {
        Constructor<?>[] all = type.getDeclaredConstructors();
        if (all.length != 1) {
            throw new IllegalArgumentException(type.getName() + " can be made in " + all.length + " ways");
        }
        return all[0];
    }
}
