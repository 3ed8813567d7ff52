package oldtallow.app.schedule.track;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.Set;
import java.util.function.ToDoubleBiFunction;
import oldtallow.app.platform.write.Digest;
import oldtallow.core.schedule.track.Fix;
import oldtallow.core.schedule.track.TrackLength;

/** Tracks and routes of one file, as they are read; keeps no point. */
final class GpxWays {

    private final ToDoubleBiFunction<Fix, Fix> metres;
    private final MessageDigest points = Digest.sha256();
    private final Set<String> seen = new HashSet<>();
    private TrackLength tracks = TrackLength.NONE;
    private TrackLength routes = TrackLength.NONE;
    private TrackLength before = TrackLength.NONE;
    private boolean newStretch;
    private int twice;

    GpxWays(ToDoubleBiFunction<Fix, Fix> metres) {
        this.metres = metres;
    }

    void beginTrack() {
        before = tracks;
        points.reset();
        newStretch = true;
    }

    void beginStretch() {
        newStretch = true;
    }

    void addToTrack(Fix fix) {
        points.update(ByteBuffer.allocate(2 * Double.BYTES)
                .putDouble(fix.latitude())
                .putDouble(fix.longitude())
                .flip());
        fix.at().ifPresent(at -> points.update(at.toString().getBytes(StandardCharsets.UTF_8)));
        tracks = with(tracks, fix);
    }

    void addToRoute(Fix fix) {
        routes = with(routes, fix);
    }

    /** A track whose every point was there already is another copy of it. */
    void endTrack() {
        if (!seen.add(HexFormat.of().formatHex(points.digest())) && tracks.fixes() > before.fixes()) {
            tracks = before;
            twice++;
        }
    }

    /** What was driven: the tracks, and the routes only where there is no track. */
    TrackLength driven() {
        return (tracks.fixes() > 0 ? tracks : routes).ended(metres);
    }

    int twice() {
        return twice;
    }

    private TrackLength with(TrackLength way, Fix fix) {
        TrackLength longer = newStretch ? way.atNewStretch(fix, metres) : way.plus(fix, metres);
        newStretch = false;
        return longer;
    }
}
