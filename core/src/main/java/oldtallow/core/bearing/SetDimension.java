package oldtallow.core.bearing;

/** What can be measured on a bearing set. */
public enum SetDimension {
    CONE_BORE("cone bore"),
    CUP_OUTSIDE("cup outside diameter"),
    CUP_WIDTH("cup width"),
    CONE_WIDTH("cone width"),
    SET_WIDTH("overall width");

    private final String words;

    SetDimension(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
