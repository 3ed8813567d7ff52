package oldtallow.app.schedule.web;

import java.time.LocalDate;
import java.time.Month;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import oldtallow.app.register.model.Rig;
import oldtallow.app.schedule.model.KeptEntry;
import oldtallow.app.schedule.model.RigUsage;
import oldtallow.app.schedule.model.WaterNote;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.MeterEntry;
import oldtallow.core.schedule.distance.Odometry;
import oldtallow.core.schedule.distance.UseRate;
import org.jspecify.annotations.Nullable;

/**
 * How a rig is used.
 *
 * @param meter latest first
 * @param meterToday what its meter should show today, an estimate; null where none was read
 * @param yearlyKm what it runs, an estimate; null where nothing tells
 * @param monthlyKm the same by month, January first; empty where nothing tells
 * @param trips latest first
 * @param water latest first
 */
record UsageView(
        LocalDate today,
        Rig.Distance.By by,
        List<MeterView> meter,
        @Nullable Double meterToday,
        @Nullable Double yearlyKm,
        List<Double> monthlyKm,
        List<TripView> trips,
        List<WaterView> water) {

    private static final double DAYS_A_MONTH = 30.44;

    static UsageView of(RigUsage usage, LocalDate today) {
        Odometry odometry = usage.odometry();
        return new UsageView(
                today,
                usage.rig().distance().by(),
                usage.meter().stream()
                        .map(MeterView::of)
                        .sorted(Comparator.comparing(MeterView::on).reversed())
                        .toList(),
                usage.lastShown()
                        .map(last -> last.shows() + odometry.at(today) - odometry.at(last.on()))
                        .orElse(null),
                odometry.rate().map(UseRate::yearlyKm).orElse(null),
                odometry.rate()
                        .map(rate -> Arrays.stream(Month.values())
                                .map(month -> rate.kmPerDay(month) * DAYS_A_MONTH)
                                .toList())
                        .orElse(List.of()),
                usage.trips().stream()
                        .map(TripView::of)
                        .sorted(Comparator.comparing(TripView::from).reversed())
                        .toList(),
                usage.water().stream()
                        .map(WaterView::of)
                        .sorted(Comparator.comparing(WaterView::on).reversed())
                        .toList());
    }

    record MeterView(
            UUID id,
            int version,
            LocalDate on,
            double shows,
            MeterEntry.Kind kind,
            @Nullable Double before,
            String note) {

        static MeterView of(KeptEntry kept) {
            MeterEntry entry = kept.entry();
            return new MeterView(
                    kept.id(),
                    kept.version(),
                    entry.on(),
                    entry.shows(),
                    entry.kind(),
                    entry.before().orElse(null),
                    kept.note());
        }
    }

    record WaterView(UUID id, LocalDate on, WaterEntry.Kind kind, boolean salt, boolean hot, String note) {

        static WaterView of(WaterNote water) {
            return new WaterView(
                    water.id(), water.entry().on(), water.entry().kind(), water.salt(), water.hot(), water.note());
        }
    }
}
