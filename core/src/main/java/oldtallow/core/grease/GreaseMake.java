package oldtallow.core.grease;

import oldtallow.core.quantity.OutOfRangeException;

/** What a grease is made of, as far as it decides with which others it goes. */
public record GreaseMake(Thickener thickener, BaseOil oil) {

    /** Nobody knows. */
    public static final GreaseMake UNKNOWN = new GreaseMake(Thickener.UNKNOWN, BaseOil.NOT_SAID);

    /**
     * With the base oil its code tells.
     *
     * @param code as on the tin; blank, or one that cannot be read, tells nothing
     */
    public static GreaseMake of(Thickener thickener, String code) {
        if (code.isBlank()) {
            return new GreaseMake(thickener, BaseOil.NOT_SAID);
        }
        try {
            return new GreaseMake(thickener, GreaseCode.parse(code).oil());
        } catch (OutOfRangeException e) {
            return new GreaseMake(thickener, BaseOil.NOT_SAID); // a trade name from before codes were read
        }
    }
}
