package oldtallow.core.setting.measure;

/**
 * What few readings are worth: quantiles at 95 %, by degrees of freedom, one to nineteen.
 *
 * <p>Source: tables of Student's t (two-sided) and of χ² (upper tail), as in any handbook of statistics; from memory, checked in
 * the tests against Apache Commons Math.
 */
final class FewReadings {

    static final int MOST_FREE = 19;

    private static final double[] STUDENT = {
        12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.160, 2.145, 2.131, 2.120,
        2.110, 2.101, 2.093
    };
    private static final double[] CHI_SQUARE = {
        3.841, 5.991, 7.815, 9.488, 11.070, 12.592, 14.067, 15.507, 16.919, 18.307, 19.675, 21.026, 22.362, 23.685,
        24.996, 26.296, 27.587, 28.869, 30.144
    };

    private FewReadings() {}

    /** Times the standard deviation of a mean that hold it 95 times of 100. */
    static double student(int free) {
        return STUDENT[free - 1];
    }

    /** Sum of squares over the variance expected that is passed 5 times of 100. */
    static double chiSquare(int free) {
        return CHI_SQUARE[free - 1];
    }
}
