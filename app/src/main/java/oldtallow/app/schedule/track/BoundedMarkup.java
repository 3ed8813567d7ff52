package oldtallow.app.schedule.track;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/**
 * An XML file in UTF-8 whose single pieces, a text, a tag, a comment, are short: a reader holds each of them whole, and one without
 * end would take all the memory there is. How long the file is does not matter.
 */
final class BoundedMarkup extends FilterInputStream {

    /** Bytes of a piece; an extension of a recorder with all its attributes has some hundred. */
    static final int LONGEST = 64 * 1024;

    private static final String COMMENT = "!--";
    private static final String CHARACTERS = "![CDATA[";
    private static final String INSTRUCTION = "?";
    private static final int LONGEST_HEAD = CHARACTERS.length();

    private final StringBuilder head = new StringBuilder(LONGEST_HEAD);
    /** How the piece ends that is being read; a text before the next tag ends with its beginning. */
    private String end = "<";

    private int matched;
    private int size;
    private long at;

    BoundedMarkup(InputStream inner) {
        super(inner);
    }

    @Override
    public int read() throws IOException {
        int one = super.read();
        if (one >= 0) {
            see(one);
        }
        return one;
    }

    @Override
    public int read(byte[] buffer, int offset, int length) throws IOException {
        int got = super.read(buffer, offset, length);
        for (int i = offset; i < offset + got; i++) {
            see(buffer[i] & 0xFF);
        }
        return got;
    }

    private void see(int one) throws IOException {
        if (one == 0 && at < 4) {
            throw new IOException("is not in UTF-8");
        }
        at++;
        if (++size > LONGEST) {
            throw new IOException("has a piece without end");
        }
        if (end.equals(">") && head.length() < LONGEST_HEAD) {
            head.append((char) one);
            end = switch (head.toString()) {
                case COMMENT -> "-->";
                case CHARACTERS -> "]]>";
                case INSTRUCTION -> "?>";
                default -> end;
            };
            if (!end.equals(">")) {
                matched = 0;
                return;
            }
        }
        matched =
                one == end.charAt(matched) ? matched + 1 : one == end.charAt(0) && end.length() < 3 ? 1 : repeated(one);
        if (matched == end.length()) {
            end = end.equals("<") ? ">" : "<";
            head.setLength(0);
            matched = 0;
            size = 0;
        }
    }

    /** "--->" ends a comment as well: the two before the last may stand there once more. */
    private int repeated(int one) {
        return end.length() == 3 && one == end.charAt(0) ? Math.min(matched, 2) : 0;
    }
}
