package oldtallow.app.photo;

/**
 * A picture as it was sent.
 *
 * @param mediaType image/jpeg, image/png or image/gif
 */
@SuppressWarnings("ArrayRecordComponent") // bytes of a file, compared by nobody
public record Photo(String mediaType, byte[] bytes) {}
