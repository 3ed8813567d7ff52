package oldtallow.core.procedure.bench;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import oldtallow.core.procedure.judge.Comparison.OtherSide;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.judge.Spot;
import org.jspecify.annotations.Nullable;

/** What a job found, beside what it looked at. */
public final class BenchFindings {

    private static final int BOTH = 2;

    private BenchFindings() {}

    public static List<Finding> of(Bench<?> bench) {
        return bench.judged().values().stream()
                .flatMap(judged -> judged.findings().stream())
                .toList();
    }

    public static OtherSide asOtherSide(Bench<?> bench) {
        return new OtherSide(of(bench), lookedAt(bench));
    }

    /** What was judged; the bearings where both were looked at well enough to tell. */
    private static Set<Spot.Item> lookedAt(Bench<?> bench) {
        Set<Spot.Item> looked = EnumSet.noneOf(Spot.Item.class);
        long bearings = bench.judged().values().stream()
                .filter(judged -> judged.item().isBearing())
                .filter(judged -> {
                    @Nullable Looked how = judged.looked();
                    return how != null && how.suffices();
                })
                .count();
        if (bearings == BOTH) {
            looked.add(Spot.Item.BEARING);
        }
        if (bench.judged().containsKey(JudgedItem.SPINDLE)) {
            looked.add(Spot.Item.SPINDLE);
        }
        if (bench.judged().containsKey(JudgedItem.HUB)) {
            looked.add(Spot.Item.HUB);
        }
        return looked;
    }
}
