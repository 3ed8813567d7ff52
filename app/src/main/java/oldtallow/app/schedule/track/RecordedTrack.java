package oldtallow.app.schedule.track;

import java.io.InputStream;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import net.sf.geographiclib.Geodesic;
import net.sf.geographiclib.GeodesicMask;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.schedule.track.Fix;
import oldtallow.core.schedule.track.TrackLength;
import org.jspecify.annotations.Nullable;

/**
 * A track recorded as GPX 1.1, read point by point, so that a file of any size takes no more memory than a small one. Lengths
 * are on the WGS 84 ellipsoid. Document types and entities are not read at all.
 *
 * <p>What was driven is the track: a planned route beside it does not count, and a track that stands in the file twice counts once.
 *
 * @param twice tracks left out because they stood in the file already
 */
public record RecordedTrack(TrackLength length, int twice, ZoneId zone) {

    private static final String FIELD = "gpx";
    /** A time has some thirty characters. */
    private static final int MOST_TEXT = 100;
    /** More than this share of fixes out of order in time is no track of a drive. */
    private static final double MOST_BACK_IN_TIME = 0.1;

    /** Reads a file; throws {@link InvalidInputException} saying in which line what is wrong. */
    public static RecordedTrack read(InputStream gpx, ZoneId zone) {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, false);
        try {
            XMLStreamReader xml = factory.createXMLStreamReader(new BoundedMarkup(gpx));
            try {
                GpxWays ways = ways(xml);
                return new RecordedTrack(usable(ways.driven()), ways.twice(), zone);
            } finally {
                xml.close();
            }
        } catch (XMLStreamException e) {
            int line = e.getLocation() == null ? 1 : e.getLocation().getLineNumber();
            throw new InvalidInputException(
                    FIELD, "line " + line, "is no GPX file, or broken there; record or export it again");
        }
    }

    /** First day, where its fixes have a time. */
    public Optional<LocalDate> from() {
        return length.start().map(this::day);
    }

    public Optional<LocalDate> to() {
        return length.end().map(this::day);
    }

    /** How it was measured, in a sentence. */
    public String words() {
        return String.format(
                Locale.ROOT,
                "%.1f km by a recorded track of %,d points%s",
                length.kilometres(),
                length.fixes(),
                length.gaps() == 0
                        ? ""
                        : String.format(
                                Locale.ROOT,
                                ", %.1f km of it straight over %d gap%s",
                                length.bridgedMetres() / 1000,
                                length.gaps(),
                                length.gaps() == 1 ? "" : "s"));
    }

    /** What was bridged or left out. */
    public List<String> warnings() {
        List<String> warnings = new ArrayList<>();
        if (length.gaps() > 0) {
            warnings.add(String.format(
                    Locale.ROOT,
                    "%d gap%s bridged straight, %.1f km: the road was longer.",
                    length.gaps(),
                    length.gaps() == 1 ? "" : "s",
                    length.bridgedMetres() / 1000));
        }
        if (length.lostGaps() > 0) {
            warnings.add(length.lostGaps() + " gap(s) of more than 100 km left out: add that way by hand.");
        }
        if (length.leaps() > 0) {
            warnings.add(length.leaps() + " point(s) left out: nobody drives that fast, or they lie far off the road.");
        }
        if (twice > 0) {
            warnings.add("A track stands in the file " + (twice == 1 ? "twice" : twice + 1 + " times")
                    + "; it counts once.");
        }
        if (length.backInTime() > 0) {
            warnings.add(length.backInTime() + " point(s) left out: earlier than the one before.");
        }
        return warnings;
    }

    private LocalDate day(Instant at) {
        return at.atZone(zone).toLocalDate();
    }

    private static TrackLength usable(TrackLength track) {
        if (track.fixes() < 2) {
            throw new InvalidInputException(
                    FIELD,
                    track.fixes() + " points",
                    "must have a track of two points at least; waypoints do not count");
        }
        if (track.backInTime() > MOST_BACK_IN_TIME * track.fixes()) {
            throw new InvalidInputException(
                    FIELD,
                    track.backInTime() + " of " + track.fixes() + " points",
                    "run backwards in time; join the recordings in their order and send them again");
        }
        return track;
    }

    private static GpxWays ways(XMLStreamReader xml) throws XMLStreamException {
        var ways = new GpxWays(RecordedTrack::metres);
        boolean rootSeen = false;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("trk")) {
                ways.endTrack();
            }
            if (event != XMLStreamConstants.START_ELEMENT) {
                continue;
            }
            String name = xml.getLocalName();
            if (!rootSeen && !name.equals("gpx")) {
                throw new InvalidInputException(FIELD, "<" + name + ">", "is no GPX file; its root must be <gpx>");
            }
            rootSeen = true;
            switch (name) {
                case "trk" -> ways.beginTrack();
                case "trkseg", "rte" -> ways.beginStretch();
                case "trkpt" -> ways.addToTrack(fix(xml, name));
                case "rtept" -> ways.addToRoute(fix(xml, name));
                default -> {}
            }
        }
        return ways;
    }

    private static Fix fix(XMLStreamReader xml, String element) throws XMLStreamException {
        int line = xml.getLocation().getLineNumber();
        double latitude = degrees(xml, "lat", line);
        double longitude = degrees(xml, "lon", line);
        Optional<Instant> at = Optional.empty();
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals(element)) {
                break;
            }
            if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("time")) {
                at = time(text(xml));
            }
        }
        try {
            return new Fix(latitude, longitude, at);
        } catch (OutOfRangeException e) {
            throw new InvalidInputException(FIELD, "line " + line, e.getMessage() + "; record it again");
        }
    }

    /** The text of an element, as far as anybody reads it. */
    private static String text(XMLStreamReader xml) throws XMLStreamException {
        var text = new StringBuilder();
        for (int event = xml.next(); event != XMLStreamConstants.END_ELEMENT; event = xml.next()) {
            if (xml.hasText() && text.length() < MOST_TEXT) {
                text.append(xml.getText());
            }
        }
        return text.toString();
    }

    private static double degrees(XMLStreamReader xml, String attribute, int line) {
        @Nullable String text = xml.getAttributeValue(null, attribute);
        try {
            return Double.parseDouble(text == null ? "" : text);
        } catch (NumberFormatException e) {
            throw new InvalidInputException(
                    FIELD, "line " + line, "has a point without a " + attribute + " that is a number; record it again");
        }
    }

    /** A point's time; one that cannot be read counts as none. */
    private static Optional<Instant> time(String text) {
        try {
            return Optional.of(OffsetDateTime.parse(text.strip()).toInstant());
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static double metres(Fix one, Fix other) {
        return Geodesic.WGS84.Inverse(
                        one.latitude(), one.longitude(), other.latitude(), other.longitude(), GeodesicMask.DISTANCE)
                .s12;
    }
}
