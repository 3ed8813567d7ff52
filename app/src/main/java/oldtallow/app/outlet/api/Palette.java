package oldtallow.app.outlet.api;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.model.PastJob;
import oldtallow.app.outlet.model.PaletteStore;
import oldtallow.app.outlet.model.PaletteStore.Entry;
import oldtallow.app.outlet.model.PaletteStore.Kind;
import oldtallow.app.register.api.FittedParts;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.api.RigTouched;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.api.Recall;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds things by a few letters of their words. */
@Service
public class Palette {

    private static final int MOST_HITS = 12;
    private static final int MOST_JOBS = 3;
    private static final int MOST_WORDS = 6;
    private static final int LONGEST_WORD = 80;
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}]+");
    /** Words of positions: they pick wheel ends among the rigs that the other words find. */
    private static final Set<String> POSITION_WORDS = Set.of("left", "right", "front", "rear", "middle", "axle");

    /** Words that ask for jobs that are over, of whatever the other words find. */
    private static final Set<String> JOB_WORDS = Set.of("job", "jobs", "sheet", "sheets", "closed");

    private final PaletteStore store;
    private final Register register;
    private final FittedParts fitted;
    private final Recall recall;
    private final JobRecords jobs;

    Palette(PaletteStore store, Register register, FittedParts fitted, Recall recall, JobRecords jobs) {
        this.store = store;
        this.register = register;
        this.fitted = fitted;
        this.recall = recall;
        this.jobs = jobs;
    }

    /** What was found. */
    public sealed interface Hit {

        record OfRig(Rig rig) implements Hit {}

        record OfOwner(Rig rig) implements Hit {}

        record OfWheelEnd(Rig rig, WheelEnd end) implements Hit {}

        record OfPart(Rig rig, WheelEnd end, FittedPart part) implements Hit {}

        /** A job that is over. */
        record OfJob(Rig rig, WheelEnd end, PastJob job) implements Hit {}

        /** A batch on the shelf. */
        record OfBatch(StockItem item, StockBatch batch) implements Hit {}
    }

    /** The best hits for what was typed so far. */
    @Transactional(readOnly = true)
    public List<Hit> find(String typed) {
        List<String> typedWords = words(typed).stream().limit(MOST_WORDS).toList();
        List<String> all =
                typedWords.stream().filter(word -> !JOB_WORDS.contains(word)).toList();
        if (all.isEmpty()) {
            return List.of();
        }
        boolean jobsOnly = all.size() < typedWords.size();
        List<String> positions = positions(all);
        List<String> asked =
                all.stream().filter(word -> !positions.contains(word)).toList();
        List<Entry> found = store.find(asked, MOST_HITS);
        Map<UUID, Rig> rigs = register
                .rigs(found.stream().map(Entry::rigId).distinct().toList())
                .stream()
                .collect(Collectors.toMap(Rig::id, Function.identity()));
        Map<UUID, FittedPart> parts = parts(found, rigs.values());
        List<Hit> hits = new ArrayList<>();
        Set<String> owners = new HashSet<>();
        for (Entry entry : found) {
            Rig rig = rigs.get(entry.rigId());
            if (rig != null) {
                hits.addAll(hits(entry, rig, parts, positions, owners));
            }
        }
        List<Hit> over = jobs(hits, jobsOnly ? MOST_HITS : MOST_JOBS);
        return jobsOnly
                ? over
                : Stream.of(batches(typed), hits.stream().limit(MOST_HITS - over.size()), over.stream())
                        .flatMap(Function.identity())
                        .limit(MOST_HITS)
                        .toList();
    }

    /** Jobs that are over on the rigs and wheel ends that were found, the latest first. */
    private List<Hit> jobs(List<Hit> hits, int most) {
        Map<UUID, Hit.OfWheelEnd> ends = new LinkedHashMap<>();
        for (Hit hit : hits) {
            switch (hit) {
                case Hit.OfRig(Rig rig) ->
                    rig.wheelEnds().forEach(end -> ends.putIfAbsent(end.id(), new Hit.OfWheelEnd(rig, end)));
                case Hit.OfWheelEnd one -> ends.putIfAbsent(one.end().id(), one);
                default -> {}
            }
        }
        return ends.isEmpty()
                ? List.of()
                : jobs.past(ends.keySet()).stream()
                        .flatMap(job -> Optional.ofNullable(ends.get(job.wheelEndId())).stream()
                                .<Hit>map(at -> new Hit.OfJob(at.rig(), at.end(), job)))
                        .limit(most)
                        .toList();
    }

    /** Batches of the shelf; one letter would find too many to be of use. */
    private Stream<Hit> batches(String typed) {
        String number = typed.strip();
        return number.length() < 2
                ? Stream.of()
                : recall.batches(number).stream().map(known -> new Hit.OfBatch(known.item(), known.batch()));
    }

    /** Renews the words of a rig that changed. */
    @EventListener
    @Transactional
    public void index(RigTouched touched) {
        Rig rig = register.rig(touched.rigId());
        List<Entry> entries = new ArrayList<>();
        Set<String> names = new LinkedHashSet<>(words(rig.name()));
        names.addAll(words(rig.plate()));
        String plain = BETWEEN_WORDS.matcher(rig.plate()).replaceAll("").toLowerCase(Locale.ROOT);
        if (!plain.isEmpty()) {
            names.add(plain);
        }
        names.addAll(words(rig.kind().words()));
        entries.add(new Entry(Kind.RIG, rig.id(), rig.id(), names));
        Set<String> owner = words(rig.owner().name());
        if (!owner.isEmpty()) {
            entries.add(new Entry(Kind.OWNER, rig.id(), rig.id(), owner));
        }
        List<UUID> ends = rig.wheelEnds().map(WheelEnd::id).toList();
        fitted.of(ends).stream()
                .filter(part -> part.isFitted() || !part.batch().isEmpty())
                .forEach(part -> {
                    Set<String> numbers = new LinkedHashSet<>();
                    numbers.addAll(plainAndPieces(part.batch()));
                    numbers.addAll(plainAndPieces(part.designation()));
                    numbers.addAll(plainAndPieces(part.cupDesignation() == null ? "" : part.cupDesignation()));
                    entries.add(new Entry(Kind.PART, part.id(), rig.id(), numbers));
                });
        store.index(rig.id(), entries);
    }

    private static List<Hit> hits(
            Entry entry, Rig rig, Map<UUID, FittedPart> parts, List<String> positions, Set<String> owners) {
        return switch (entry.kind()) {
            case OWNER -> owners.add(rig.owner().name()) ? List.of(new Hit.OfOwner(rig)) : List.of();
            case PART -> {
                FittedPart part = parts.get(entry.targetId());
                yield part == null
                        ? List.of()
                        : ends(rig, positions)
                                .filter(end -> end.id().equals(part.wheelEndId()))
                                .<Hit>map(end -> new Hit.OfPart(rig, end, part))
                                .toList();
            }
            case RIG ->
                positions.isEmpty()
                        ? List.of(new Hit.OfRig(rig))
                        : ends(rig, positions)
                                .<Hit>map(end -> new Hit.OfWheelEnd(rig, end))
                                .toList();
        };
    }

    private static Stream<WheelEnd> ends(Rig rig, List<String> positions) {
        return rig.wheelEnds().filter(end -> isCalled(end.positionName(), positions));
    }

    /** Each asked word begins a word of its own: in rear r, the r is for right and not for rear again. */
    private static boolean isCalled(String position, List<String> asked) {
        List<String> unmatched = new ArrayList<>(words(position));
        for (String beginning : asked) {
            Optional<String> match = unmatched.stream()
                    .filter(word -> word.startsWith(beginning))
                    .findFirst();
            if (match.isEmpty()) {
                return false;
            }
            unmatched.remove(match.get());
        }
        return true;
    }

    private Map<UUID, FittedPart> parts(List<Entry> found, Collection<Rig> rigs) {
        Set<UUID> wanted = found.stream()
                .filter(entry -> entry.kind() == Kind.PART)
                .map(Entry::targetId)
                .collect(Collectors.toSet());
        if (wanted.isEmpty()) {
            return Map.of();
        }
        List<UUID> ends =
                rigs.stream().flatMap(Rig::wheelEnds).map(WheelEnd::id).toList();
        return fitted.of(ends).stream()
                .filter(part -> wanted.contains(part.id()))
                .collect(Collectors.toMap(FittedPart::id, Function.identity()));
    }

    /**
     * Words of a position, typed in full, or begun behind another word; one letter only behind a position, such as rear l. None
     * where nothing else is asked for.
     */
    private static List<String> positions(List<String> all) {
        List<String> positions = new ArrayList<>();
        for (String word : all) {
            boolean begun = POSITION_WORDS.stream().anyMatch(position -> position.startsWith(word));
            boolean behind = !word.equals(all.getFirst()) && (word.length() >= 2 || !positions.isEmpty());
            if (POSITION_WORDS.contains(word) || (begun && behind)) {
                positions.add(word);
            }
        }
        return positions.size() == all.size() ? List.of() : positions;
    }

    private static Set<String> words(String text) {
        return Arrays.stream(BETWEEN_WORDS.split(text.toLowerCase(Locale.ROOT), -1))
                .filter(word -> !word.isEmpty())
                .map(word -> word.length() > LONGEST_WORD ? word.substring(0, LONGEST_WORD) : word)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static Set<String> plainAndPieces(String number) {
        Set<String> all = words(number);
        String whole = String.join("", all);
        if (!whole.isEmpty()) {
            all.add(whole);
        }
        return all;
    }
}
