package oldtallow.app.instrument.api;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oldtallow.app.instrument.api.Line.Battery;
import oldtallow.app.instrument.api.Line.Fault;
import oldtallow.app.instrument.api.Line.Hello;
import oldtallow.app.instrument.api.Line.Nonsense;
import oldtallow.app.instrument.api.Line.Reading;
import oldtallow.app.instrument.api.Line.Resolution;
import oldtallow.app.instrument.api.Line.Taken;
import oldtallow.app.instrument.api.Line.Unit;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.setting.measure.Instrument;

/** Reads the lines of docs/instruments.md, version 1. Whatever it does not know is nonsense, never an error. */
final class LineProtocol {

    static final String GREETING = "hello 1 oldtallow\n";
    static final int MOST_CHARACTERS = 200;

    private static final String VERSION = "1";
    private static final int MOST_NAME = 60;
    private static final int MOST_SERIAL = 40;
    private static final Pattern NUMBER = Pattern.compile("-?[0-9]{1,9}(\\.[0-9]{1,6})?");
    private static final Pattern COUNT = Pattern.compile("[0-9]{1,15}");
    private static final Pattern SERIAL = Pattern.compile("[A-Za-z0-9._-]{1," + MOST_SERIAL + "}");
    private static final Map<String, ReadingUnit> UNITS = Map.ofEntries(
            Map.entry("mm", ReadingUnit.MILLIMETRE),
            Map.entry("um", ReadingUnit.MICROMETRE),
            Map.entry("in", ReadingUnit.INCH),
            Map.entry("thou", ReadingUnit.THOU),
            Map.entry("Nm", ReadingUnit.NEWTON_METRE),
            Map.entry("lbfft", ReadingUnit.POUND_FORCE_FOOT),
            Map.entry("lbfin", ReadingUnit.POUND_FORCE_INCH),
            Map.entry("degC", ReadingUnit.DEGREE_CELSIUS),
            Map.entry("degF", ReadingUnit.DEGREE_FAHRENHEIT),
            Map.entry("N", ReadingUnit.NEWTON),
            Map.entry("lbf", ReadingUnit.POUND_FORCE));
    private static final Map<String, Instrument> KINDS = kinds();

    private LineProtocol() {}

    static Line read(String line) {
        if (line.length() > MOST_CHARACTERS) {
            return new Nonsense("longer than " + MOST_CHARACTERS + " characters");
        }
        List<String> words = Stream.of(line.strip().split(" +", -1)).toList();
        return switch (words.getFirst()) {
            case "hello" -> hello(words);
            case "unit" ->
                word(words, 1)
                        .flatMap(unit -> Optional.ofNullable(UNITS.get(unit)))
                        .<Line>map(Unit::new)
                        .orElseGet(() -> new Nonsense("a unit that the page does not list"));
            case "resolution" ->
                number(words, 1)
                        .filter(step -> step > 0)
                        .<Line>map(Resolution::new)
                        .orElseGet(() -> new Nonsense("a resolution that is no number above 0"));
            case "reading" -> reading(words);
            case "taken" ->
                counted(words).<Line>map(one -> new Taken(one.count, one.value)).orElseGet(LineProtocol::noReading);
            case "battery" ->
                count(words, 1)
                        .filter(percent -> percent <= 100)
                        .<Line>map(percent -> new Battery(percent.intValue()))
                        .orElseGet(() -> new Nonsense("a battery that is not 0 to 100"));
            case "error" ->
                word(words, 1)
                        .<Line>map(code -> new Fault(code, String.join(" ", words.subList(2, words.size()))))
                        .orElseGet(() -> new Nonsense("an error without a code"));
            default -> new Nonsense("a word that the page does not list");
        };
    }

    private static Line hello(List<String> words) {
        if (words.size() < 5 || !words.get(1).equals(VERSION)) {
            return new Nonsense("a hello of another version, or without kind, serial and name");
        }
        Instrument kind = KINDS.get(words.get(2));
        String name = String.join(" ", words.subList(4, words.size()));
        boolean isFit = SERIAL.matcher(words.get(3)).matches()
                && name.length() <= MOST_NAME
                && name.chars().noneMatch(Character::isISOControl);
        return kind == null || !isFit
                ? new Nonsense("a hello of a kind that the page does not list, or a name it cannot have")
                : new Hello(kind, words.get(3), name);
    }

    private static Line reading(List<String> words) {
        Optional<String> flag = word(words, 3).filter(word -> word.equals("steady") || word.equals("moving"));
        return counted(words)
                .flatMap(one -> flag.<Line>map(word -> new Reading(one.count, one.value, word.equals("steady"))))
                .orElseGet(LineProtocol::noReading);
    }

    private static Nonsense noReading() {
        return new Nonsense("a reading without count, number and steady or moving");
    }

    private record Counted(long count, double value) {}

    private static Optional<Counted> counted(List<String> words) {
        return count(words, 1).flatMap(count -> number(words, 2).map(value -> new Counted(count, value)));
    }

    private static Optional<Long> count(List<String> words, int at) {
        return word(words, at).filter(word -> COUNT.matcher(word).matches()).map(Long::valueOf);
    }

    private static Optional<Double> number(List<String> words, int at) {
        return word(words, at).filter(word -> NUMBER.matcher(word).matches()).map(Double::valueOf);
    }

    private static Optional<String> word(List<String> words, int at) {
        return at < words.size() ? Optional.of(words.get(at)) : Optional.empty();
    }

    private static Map<String, Instrument> kinds() {
        Map<String, Instrument> kinds = new HashMap<>();
        for (Instrument kind : Instrument.values()) {
            kinds.put(kind.name().toLowerCase(Locale.ROOT).replace('_', '-'), kind);
        }
        return Map.copyOf(kinds);
    }
}
