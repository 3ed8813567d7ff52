package oldtallow.core.travel.wheel;

import oldtallow.core.quantity.Length;

/**
 * How strong a stud is, by the mark on its end or head.
 *
 * <p>Source: stress under proof load, ISO 898-1; grades 5 and 8, SAE J429. From memory.
 */
public enum PropertyClass {
    CLASS_8_8("8.8", 580, 600),
    CLASS_10_9("10.9", 830, 830),
    CLASS_12_9("12.9", 970, 970),
    /** 85 ksi; the usual wheel stud of inch threads is stronger. */
    GRADE_5("grade 5", 586.05, 586.05),
    /** 120 ksi. */
    GRADE_8("grade 8", 827.37, 827.37);

    /** Up to this diameter class 8.8 has the lower proof stress, mm. */
    private static final double SMALL_MM = 16;

    private final String words;
    private final double smallMegapascals;
    private final double largeMegapascals;

    PropertyClass(String words, double smallMegapascals, double largeMegapascals) {
        this.words = words;
        this.smallMegapascals = smallMegapascals;
        this.largeMegapascals = largeMegapascals;
    }

    public String words() {
        return words;
    }

    /** Stress a stud of that diameter stands without staying longer, N/mm². */
    public double proofMegapascals(Length diameter) {
        return diameter.millimetres() <= SMALL_MM ? smallMegapascals : largeMegapascals;
    }
}
