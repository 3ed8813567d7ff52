package oldtallow.core.setting.rolling;

/**
 * Life of a pair against that at another setting, and how far insides nobody has measured may move it.
 *
 * <pre>
 * rel(G, stiffer) = rel(G·1.1^1.7, assumed)      rel(G, softer) = rel(G·0.9^1.7, assumed)      G end play [mm]
 * </pre>
 *
 * Number and length of the rollers are assumed. Both a tenth more make a bearing stiffer, by Z·l^(8/9); and a stiffer one at an
 * end play is loaded as the assumed one at an end play so many times longer (the movement of a line contact goes with Q^0.9,
 * Palmgren, from memory). A rigid hub and spindle are taken besides; real ones give, so that the tight side is milder.
 *
 * @param likely with the insides assumed, 1 is alike
 * @param softer with a tenth fewer and shorter rollers
 * @param stiffer with a tenth more and longer rollers
 */
public record RelativeLife(double likely, double softer, double stiffer) {

    /** 0.9 of the movement's exponent goes with Z, 0.8 with l. */
    private static final double MOVES = 1.7;

    static final double STIFFER = Math.pow(1.1, MOVES);
    static final double SOFTER = Math.pow(0.9, MOVES);

    public double least() {
        return Math.min(likely, Math.min(softer, stiffer));
    }

    public double most() {
        return Math.max(likely, Math.max(softer, stiffer));
    }

    /** Against that of another setting of the same hub. */
    public RelativeLife over(RelativeLife other) {
        return new RelativeLife(likely / other.likely, softer / other.softer, stiffer / other.stiffer);
    }
}
