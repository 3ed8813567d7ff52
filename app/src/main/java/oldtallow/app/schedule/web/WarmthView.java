package oldtallow.app.schedule.web;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import oldtallow.app.schedule.api.WarmthLog;
import oldtallow.app.schedule.model.HubTemperatures;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.core.travel.warmth.Alarm;
import oldtallow.core.travel.warmth.HeatBand;
import oldtallow.core.travel.warmth.StopReading;
import oldtallow.core.travel.warmth.Touch;
import org.jspecify.annotations.Nullable;

/**
 * Hub temperatures of a rig.
 *
 * @param touches what a hand may tell, coolest first
 * @param bands of the one scale by which warmth is judged, coolest first
 * @param worst what presses most at the last stop; null before the first
 * @param stops the last one first
 * @param hubs from the front, left first
 */
record WarmthView(
        UUID rigId,
        String rigName,
        List<TouchView> touches,
        List<HeatBandView> bands,
        @Nullable AlarmView worst,
        List<WarmthStopView> stops,
        List<HubWarmthView> hubs) {

    static WarmthView of(WarmthLog.RigWarmth warmth) {
        return new WarmthView(
                warmth.rig().id(),
                warmth.rig().name(),
                Stream.of(Touch.values())
                        .map(touch -> new TouchView(touch, touch.words()))
                        .toList(),
                Stream.of(HeatBand.values()).map(HeatBandView::of).toList(),
                warmth.hubs().stream()
                        .flatMap(hub -> hub.alarm().stream())
                        .max(Alarm::compareTo)
                        .map(AlarmView::of)
                        .orElse(null),
                warmth.stops().reversed().stream().map(WarmthStopView::of).toList(),
                warmth.hubs().stream().map(HubWarmthView::of).toList());
    }

    record TouchView(Touch touch, String words) {}

    /** @param over °C above which it begins; null for the first */
    record HeatBandView(
            HeatBand band, String name, @Nullable Double over) {

        static HeatBandView of(HeatBand band) {
            return new HeatBandView(band, band.shortly(), band == HeatBand.FINE ? null : band.over());
        }
    }

    /** @param holdsTheRig whether it had better stay where it is until somebody has looked */
    record AlarmView(Alarm alarm, String words, boolean holdsTheRig) {

        static AlarmView of(Alarm alarm) {
            return new AlarmView(alarm, alarm.words(), alarm.holdsTheRig());
        }
    }

    record WarmthStopView(
            UUID id,
            Instant at,
            @Nullable UUID tripId,
            @Nullable Double tripKm,
            @Nullable UUID jobId,
            @Nullable Double dayCelsius,
            String person,
            String note) {

        static WarmthStopView of(WarmthStop stop) {
            return new WarmthStopView(
                    stop.id(),
                    stop.at(),
                    stop.tripId(),
                    stop.tripKm(),
                    stop.jobId(),
                    stop.dayCelsius(),
                    stop.person(),
                    stop.note());
        }
    }

    /**
     * A hub over time.
     *
     * @param axle what its axle is called; empty where it is the rig's only one
     * @param alarm what its last reading says to do; null before the first
     * @param gain K on its other side over its last stops; null where too few tell
     * @param readings in the order they were taken
     */
    record HubWarmthView(
            UUID wheelEndId,
            String name,
            String axle,
            @Nullable AlarmView alarm,
            @Nullable Double gain,
            List<WarmthReadingView> readings) {

        static HubWarmthView of(HubTemperatures hub) {
            return new HubWarmthView(
                    hub.wheelEnd().id(),
                    hub.wheelEnd().positionName(),
                    hub.wheelEnd().axleName(),
                    hub.alarm().map(AlarmView::of).orElse(null),
                    hub.gain().orElse(null),
                    IntStream.range(0, hub.readings().size())
                            .mapToObj(i -> WarmthReadingView.of(hub.readings().get(i), hub.alarmAt(i)))
                            .toList());
        }
    }

    /** @param about °C; of a hand's feel an estimate */
    record WarmthReadingView(
            Instant at, Touch touch, @Nullable Double celsius, double about, Alarm alarm) {

        static WarmthReadingView of(StopReading reading, Alarm alarm) {
            return new WarmthReadingView(
                    reading.at(),
                    reading.hub().touch(),
                    reading.hub().celsius().orElse(null),
                    reading.hub().about(),
                    alarm);
        }
    }
}
