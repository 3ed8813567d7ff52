package oldtallow.core.fit.seal;

import java.util.ArrayList;
import java.util.List;

/**
 * Standard metric sizes for shafts of 15 to 140 mm: ISO 6194-1, preferred sizes (from memory). Inch seals and many hub seals
 * are no standard sizes; those go by what is on the shelf and by the number on the old one.
 */
public final class StandardSeals {

    /** Shaft, then the bores it is made for. */
    private static final double[][] BORES = {
        {15, 26, 30, 35}, {16, 30}, {18, 30, 35}, {20, 35, 40}, {22, 35, 40, 47}, {25, 40, 47, 52},
        {28, 40, 47, 52}, {30, 42, 47, 52}, {32, 45, 47, 52}, {35, 50, 52, 55}, {38, 55, 58, 62}, {40, 55, 62},
        {42, 55, 62}, {45, 62, 65}, {50, 68, 72}, {55, 72, 80}, {60, 80, 85}, {65, 85, 90},
        {70, 90, 95}, {75, 95, 100}, {80, 100, 110}, {85, 110, 120}, {90, 120}, {95, 120},
        {100, 125}, {110, 140}, {120, 150}, {130, 160}, {140, 170},
    };

    private static final List<SealSize> SIZES = read();

    private StandardSeals() {}

    /** By shaft, then by bore. */
    public static List<SealSize> sizes() {
        return SIZES;
    }

    private static List<SealSize> read() {
        List<SealSize> sizes = new ArrayList<>();
        for (double[] row : BORES) {
            for (int i = 1; i < row.length; i++) {
                sizes.add(SealSize.ofMillimetres(row[0], row[i], width(row[0])));
            }
        }
        return List.copyOf(sizes);
    }

    private static double width(double shaft) {
        if (shaft <= 30) {
            return 7;
        }
        if (shaft <= 60) {
            return 8;
        }
        return shaft <= 80 ? 10 : shaft <= 130 ? 12 : 15;
    }
}
