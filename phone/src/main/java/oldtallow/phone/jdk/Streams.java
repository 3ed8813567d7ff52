package oldtallow.phone.jdk;

import java.util.LinkedHashSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What the class library of the compiler for phones does wrongly in streams. */
public final class Streams {

    private Streams() {}

    /** {@link Stream#distinct}, which there forgets what it saw whenever the stream before it pauses, as several laid end to end do. */
    public static <T> Stream<T> distinct(Stream<T> all) {
        return all.collect(Collectors.toCollection(LinkedHashSet::new)).stream();
    }
}
