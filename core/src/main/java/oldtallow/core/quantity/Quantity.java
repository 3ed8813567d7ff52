package oldtallow.core.quantity;

/** Something that is measured, counted or written down: a refusal says which, so that the place it was typed in is found. */
public interface Quantity {

    /** In the words of the trade, in mid-sentence. */
    String words();
}
