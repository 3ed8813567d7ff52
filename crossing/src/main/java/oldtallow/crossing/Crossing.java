package oldtallow.crossing;

import com.palantir.javapoet.JavaFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Writes the sources of the crossing: {@code Crossing LIST OUTPUT}. */
public final class Crossing {

    private static final Pattern SPACES = Pattern.compile("\\s+");

    private Crossing() {}

    /**
     * Reads the list of what crosses and writes the sources. A line of the list is {@code controller CLASS}, whose requests can be
     * answered, all of them or only those of the methods named behind it; {@code part CLASS}, which implements what another is made
     * with; {@code reads CLASS}, a record that is read and written by itself; {@code gives CLASS}, the part that is handed to
     * whoever puts the rest together; or a remark behind a {@code #}.
     *
     * @param args the list, and the folder to write into
     * @throws IllegalArgumentException where something cannot cross, and why
     */
    public static void main(String[] args) throws IOException, ClassNotFoundException {
        Map<Class<?>, List<String>> controllers = new LinkedHashMap<>();
        List<Class<?>> parts = new ArrayList<>();
        List<Class<?>> records = new ArrayList<>();
        Class<?> given = void.class;
        for (String line : Files.readAllLines(Path.of(args[0]))) {
            String[] words = SPACES.split(line.strip(), -1);
            switch (words[0]) {
                case "", "#" -> {}
                case "controller" ->
                    controllers.put(named(words[1]), List.of(words).subList(2, words.length));
                case "part" -> parts.add(named(words[1]));
                case "reads" -> records.add(named(words[1]));
                case "gives" -> given = named(words[1]);
                default -> throw new IllegalArgumentException("no such line in " + args[0] + ": " + line);
            }
        }
        for (JavaFile file : files(controllers, parts, records, given)) {
            file.writeTo(Path.of(args[1]));
        }
    }

    /** The sources: one class beside those it calls in each of their packages, and what puts them together. */
    static List<JavaFile> files(
            Map<Class<?>, List<String>> controllers, List<Class<?>> parts, List<Class<?>> records, Class<?> given) {
        var bridges = new Bridges();
        var codecs = new Codecs(bridges);
        records.forEach(codecs::ask);
        PartGraph graph = PartGraph.of(controllers.keySet(), parts);
        var makers = new Makers(bridges);
        graph.inOrder().forEach(makers::write);
        controllers.forEach(new RouteWriter(bridges, codecs)::write);
        codecs.writeAll();
        List<JavaFile> files = new ArrayList<>(bridges.files());
        files.addAll(new Wiring(graph, given).files());
        return files;
    }

    private static Class<?> named(String name) throws ClassNotFoundException {
        return Class.forName(name, false, Crossing.class.getClassLoader());
    }
}
