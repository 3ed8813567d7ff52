package oldtallow.app.schedule.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.jenetics.jpx.GPX;
import io.jenetics.jpx.Track;
import io.jenetics.jpx.TrackSegment;
import io.jenetics.jpx.WayPoint;
import io.jenetics.jpx.geom.Geoid;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import oldtallow.core.refusal.InvalidInputException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RecordedTrackTest {

    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final String HEAD =
            "<?xml version=\"1.0\"?><gpx xmlns=\"http://www.topografix.com/GPX/1/1\" version=\"1.1\""
                    + " creator=\"test\"><trk><trkseg>";
    private static final String TAIL = "</trkseg></trk></gpx>";

    /**
     * Test lines of the ellipsoid: Flinders Peak to Buninyong, 54,972.271 m (the geodetic datum's technical manual, GRS 80,
     * which WGS 84 matches to the millimetre here); half a degree of the equator, 55,659.745 m, and of the meridian from it,
     * 55,287.152 m (the meridian's series, 111,132.9526 φ − 16,038.5084 sin 2φ + 16.8326 sin 4φ, φ in degrees). From memory. A gap below 100 km is bridged in one geodesic line.
     */
    @ParameterizedTest
    @CsvSource({
        "-37.95103341666667, 144.42486788888888, -37.65282113888889, 143.92649552777777, 54972.271, 0.001",
        "0, 0, 0, 0.5, 55659.745, 0.001",
        "0, 0, 0.5, 0, 55287.152, 0.002"
    })
    void matchesPublishedTestLines(double lat1, double lon1, double lat2, double lon2, double metres, double within) {
        RecordedTrack track = read(HEAD + "<trkpt lat=\"" + lat1 + "\" lon=\"" + lon1 + "\"/><trkpt lat=\"" + lat2
                + "\" lon=\"" + lon2 + "\"/>" + TAIL);

        assertThat(track.length().metres()).isCloseTo(metres, within(within));
    }

    /** A planned route and the track that was driven beside it, and the track once more: 10 km, not 30. */
    @Test
    void countsWhatWasDrivenOnce() {
        String points = Stream.iterate(0, i -> i <= 20, i -> i + 1)
                .map(i -> "<trkpt lat=\"0\" lon=\"" + i * 0.0044915764 + "\"><time>2026-05-01T08:" + (10 + i)
                        + ":00Z</time></trkpt>")
                .reduce("", String::concat);
        String route = points.replace("trkpt", "rtept").replaceAll("<time>[^<]*</time>", "");
        String begin = "<gpx xmlns=\"http://www.topografix.com/GPX/1/1\" version=\"1.1\" creator=\"test\">";
        String track = "<trk><trkseg>" + points + "</trkseg></trk>";

        RecordedTrack both = read(begin + "<rte>" + route + "</rte>" + track + track + "</gpx>");
        RecordedTrack planned = read(begin + "<rte>" + route + "</rte></gpx>");

        assertThat(both.length().kilometres()).isCloseTo(10, within(1e-3));
        assertThat(both.length().fixes()).isEqualTo(21);
        assertThat(both.twice()).isEqualTo(1);
        assertThat(both.warnings()).singleElement().asString().contains("counts once");
        assertThat(planned.length().kilometres())
                .as("a route alone is better than nothing")
                .isCloseTo(10, within(1e-3));
        // there and back are two tracks
        String back = "<trk><trkseg>"
                + Stream.iterate(20, i -> i >= 0, i -> i - 1)
                        .map(i -> "<trkpt lat=\"0\" lon=\"" + i * 0.0044915764 + "\"/>")
                        .reduce("", String::concat)
                + "</trkseg></trk>";
        assertThat(read(begin + track + back + "</gpx>").length().kilometres()).isCloseTo(20, within(0.05));
    }

    /** Against jpx, which reckons by Vincenty's formulae, on a drive of random turns written by jpx itself. */
    @Test
    void agreesWithAnIndependentLibrary() throws IOException {
        var random = new Random(5);
        List<WayPoint> points = new ArrayList<>();
        double latitude = 47;
        double longitude = 8;
        Instant at = Instant.parse("2026-03-29T00:50:00Z");
        for (int i = 0; i < 500; i++) {
            points.add(WayPoint.builder()
                    .lat(latitude)
                    .lon(longitude)
                    .time(at.plusSeconds(i * 20L))
                    .build());
            latitude += 0.001 + 0.002 * random.nextDouble();
            longitude += 0.003 * random.nextDouble();
        }
        double expected = points.stream().collect(Geoid.WGS84.toPathLength()).doubleValue();
        GPX gpx = GPX.builder()
                .addTrack(Track.builder().addSegment(TrackSegment.of(points)).build())
                .build();
        var bytes = new ByteArrayOutputStream();
        GPX.Writer.DEFAULT.write(gpx, bytes);

        RecordedTrack track = RecordedTrack.read(new ByteArrayInputStream(bytes.toByteArray()), ZONE);

        assertThat(track.length().metres()).isCloseTo(expected, within(0.01));
        assertThat(track.length().fixes()).isEqualTo(500);
        assertThat(track.warnings()).isEmpty();
    }

    /** 29 March 2026, 00:50 UTC is 01:50 in Berlin, ten minutes before summer time begins; 22:30 UTC is past midnight there. */
    @Test
    void tellsTheDayWhereTheRigIs() {
        RecordedTrack track =
                read(HEAD + point(47, 8, "2026-03-29T22:30:00Z") + point(47.01, 8, "2026-03-29T22:31:00Z") + TAIL);

        assertThat(track.from()).contains(LocalDate.of(2026, 3, 30));
        RecordedTrack offset = read(
                HEAD + point(47, 8, "2026-03-29T01:50:00+01:00") + point(47.01, 8, "2026-03-29T03:10:00+02:00") + TAIL);
        assertThat(offset.from()).contains(LocalDate.of(2026, 3, 29));
        assertThat(offset.length().backInTime())
                .as("the clock jumped, time did not")
                .isZero();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "not xml at all",
                "<gpx><trk><trkseg><trkpt lat='47' lon='8'>",
                "<kml></kml>",
                "<gpx></gpx>",
                "<gpx><wpt lat='47' lon='8'/><wpt lat='48' lon='8'/></gpx>",
                "<gpx><trk><trkseg><trkpt lat='47' lon='8'/></trkseg></trk></gpx>",
                "<gpx><trk><trkseg><trkpt lat='x' lon='8'/><trkpt lat='47' lon='8'/></trkseg></trk></gpx>",
                "<gpx><trk><trkseg><trkpt lon='8'/><trkpt lat='47' lon='8'/></trkseg></trk></gpx>",
                "<gpx><trk><trkseg><trkpt lat='97' lon='8'/><trkpt lat='47' lon='8'/></trkseg></trk></gpx>",
            })
    void saysWhatIsWrongWithAFile(String text) {
        assertThatThrownBy(() -> read(text))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        refused -> assertThat(refused.errors()).singleElement().satisfies(error -> {
                            assertThat(error.field()).isEqualTo("gpx");
                            assertThat(error.remedy()).isNotBlank();
                        }));
    }

    /** Neither a file of this machine nor a word blown up to gigabytes. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE gpx [<!ENTITY x SYSTEM \"file:///etc/hostname\">]><gpx><trk><name>&x;</name></trk></gpx>",
                "<!DOCTYPE gpx SYSTEM \"http://127.0.0.1:1/x.dtd\"><gpx>&x;</gpx>",
                "<!DOCTYPE gpx [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;\">]><gpx>&b;</gpx>"
            })
    void readsNoEntities(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(InvalidInputException.class);
    }

    @Test
    void refusesATrackThatRunsBackwards() {
        StringBuilder points = new StringBuilder();
        for (int i = 0; i < 20; i++) {
            points.append(point(
                    47 + i * 0.01,
                    8,
                    Instant.parse("2026-05-01T10:00:00Z").minusSeconds(i * 60L).toString()));
        }

        assertThatThrownBy(() -> read(HEAD + points + TAIL)).hasMessageContaining("gpx");
    }

    @Test
    void tellsWhatItBridgedAndLeftOut() {
        RecordedTrack track = read(HEAD
                + point(47, 8, "2026-05-01T10:00:00Z")
                + point(47.001, 8, "2026-05-01T10:00:10Z")
                + point(49, 8, "2026-05-01T10:00:11Z")
                + point(47.002, 8, "2026-05-01T10:00:20Z")
                + point(47.2, 8, "2026-05-01T10:40:00Z")
                + TAIL);

        assertThat(track.warnings()).hasSize(2).anyMatch(words -> words.contains("bridged straight"));
        assertThat(track.words()).startsWith("22.").contains("5 points").contains("1 gap");
    }

    /** A hundred megabytes come through without being held: the reader sees one point at a time. */
    @Test
    void readsAHugeFileAsItComes() {
        int rows = 1_000_000;
        Stream<InputStream> body = IntStream.range(0, rows / 1_000).mapToObj(block -> {
            var text = new StringBuilder();
            for (int i = 0; i < 1_000; i++) {
                text.append("<trkpt lat=\"")
                        .append((float) (40 + (block * 1_000 + i) * 0.000_01))
                        .append("\" lon=\"8\"><ele>400.0</ele><extensions><hdop>1.2</hdop></extensions></trkpt>\n");
            }
            return bytes(text.toString());
        });
        var huge = new SequenceInputStream(
                Collections.enumeration(Stream.of(Stream.of(bytes(HEAD)), body, Stream.of(bytes(TAIL)))
                        .flatMap(part -> part)
                        .toList()));

        RecordedTrack track = RecordedTrack.read(huge, ZONE);

        assertThat(track.length().fixes()).isEqualTo(rows);
        assertThat(track.length().kilometres()).isCloseTo(1_110.6, within(2.0));
    }

    private static ByteArrayInputStream bytes(String text) {
        return new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8));
    }

    private static RecordedTrack read(String text) {
        return RecordedTrack.read(bytes(text), ZONE);
    }

    private static String point(double latitude, double longitude, String time) {
        return "<trkpt lat=\"" + latitude + "\" lon=\"" + longitude + "\"><time>" + time + "</time></trkpt>";
    }
}
