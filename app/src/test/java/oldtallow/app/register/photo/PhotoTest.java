package oldtallow.app.register.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import oldtallow.core.refusal.InvalidInputException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PhotoTest {

    private static final String PLACE = "taken at the third gate, 52.1N 4.9E";

    /** Where the red half of a picture that is red at its left and blue at its right stands, by the eight values of the tag. */
    @ParameterizedTest(name = "orientation {0}")
    @CsvSource({"1, LEFT", "2, RIGHT", "3, RIGHT", "4, LEFT", "5, TOP", "6, TOP", "7, BOTTOM", "8, BOTTOM"})
    void standsAsTheCameraWasHeld(int orientation, String red) throws IOException {
        BufferedImage kept =
                read(Photo.read(withExif(picture(64, 32, "jpeg"), orientation)).bytes());

        boolean isOnItsSide = orientation > 4;
        assertThat(kept.getWidth()).isEqualTo(isOnItsSide ? 32 : 64);
        assertThat(kept.getHeight()).isEqualTo(isOnItsSide ? 64 : 32);
        int x = red.equals("RIGHT") ? kept.getWidth() - 4 : 4;
        int y = red.equals("BOTTOM") ? kept.getHeight() - 4 : 4;
        assertThat(isRed(kept, x, y)).isTrue();
        assertThat(isRed(kept, kept.getWidth() - 1 - x, kept.getHeight() - 1 - y))
                .isFalse();
    }

    @Test
    void keepsNothingOfWhatTheCameraWroteIntoTheFile() throws IOException {
        byte[] sent = withExif(picture(64, 32, "jpeg"), 1);
        assertThat(new String(sent, StandardCharsets.ISO_8859_1)).contains(PLACE);

        byte[] kept = Photo.read(sent).bytes();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain(PLACE, "Exif");
    }

    @Test
    void isNoLargerThanAnybodyLooksAt() throws IOException {
        BufferedImage kept = read(Photo.read(picture(6000, 4000, "jpeg")).bytes());

        assertThat(kept.getWidth()).isBetween(1280, Photo.LONGEST);
        assertThat((double) kept.getWidth() / kept.getHeight()).isBetween(1.49, 1.51);
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "gif"})
    void takesOtherFormatsToo(String format) throws IOException {
        Photo kept = Photo.read(picture(64, 32, format));

        assertThat(kept.mediaType()).isEqualTo("image/jpeg");
        assertThat(isRed(read(kept.bytes()), 4, 16)).isTrue();
    }

    /** Few bytes that claim a thousand million pixels: refused by what stands in its head, before any of it is drawn. */
    @Test
    void refusesAPictureLargerThanTheMemory() throws IOException {
        byte[] bomb = picture(64, 32, "png");
        for (int i = 0; i < 4; i++) { // width and height in the header chunk (PNG, third edition, 11.2.1)
            bomb[16 + i] = (byte) (32_000 >> (24 - 8 * i));
            bomb[20 + i] = (byte) (32_000 >> (24 - 8 * i));
        }
        assertThatThrownBy(() -> Photo.read(bomb)).isInstanceOf(InvalidInputException.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpeg", "png", "gif"})
    void refusesWhatIsCutOff(String format) throws IOException {
        byte[] whole = picture(64, 32, format);
        for (int length : new int[] {0, 3, 7, 12, 20, whole.length / 3}) {
            byte[] cut = Arrays.copyOf(whole, length);
            assertThatThrownBy(() -> Photo.read(cut))
                    .as("%s, %s bytes", format, length)
                    .isInstanceOf(InvalidInputException.class)
                    .hasMessageContaining("photo");
        }
    }

    private static byte[] picture(int width, int height, String format) throws IOException {
        var picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D canvas = picture.createGraphics();
        canvas.setColor(Color.RED);
        canvas.fillRect(0, 0, width / 2, height);
        canvas.setColor(Color.BLUE);
        canvas.fillRect(width / 2, 0, width / 2, height);
        canvas.dispose();
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, format, bytes);
        return bytes.toByteArray();
    }

    /** A JPEG file with an orientation and a description in it (CIPA DC-008, 4.5 and 4.6: APP1, TIFF, IFD0). */
    private static byte[] withExif(byte[] jpeg, int orientation) throws IOException {
        byte[] words = (PLACE + "\0").getBytes(StandardCharsets.US_ASCII);
        var tiff = new ByteArrayOutputStream();
        var out = new DataOutputStream(tiff);
        out.writeBytes("MM");
        out.writeShort(42);
        out.writeInt(8);
        out.writeShort(2);
        out.writeShort(0x010E); // description: text, behind the table
        out.writeShort(2);
        out.writeInt(words.length);
        out.writeInt(8 + 2 + 2 * 12 + 4);
        out.writeShort(0x0112); // orientation: a short
        out.writeShort(3);
        out.writeInt(1);
        out.writeShort(orientation);
        out.writeShort(0);
        out.writeInt(0);
        out.write(words);
        var file = new ByteArrayOutputStream();
        var all = new DataOutputStream(file);
        all.write(jpeg, 0, 2);
        all.writeShort(0xFFE1);
        all.writeShort(2 + 6 + tiff.size());
        all.writeBytes("Exif\0\0");
        all.write(tiff.toByteArray());
        all.write(jpeg, 2, jpeg.length - 2);
        return file.toByteArray();
    }

    private static BufferedImage read(byte[] bytes) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(bytes));
    }

    private static boolean isRed(BufferedImage picture, int x, int y) {
        var color = new Color(picture.getRGB(x, y));
        return color.getRed() > 150 && color.getBlue() < 100;
    }
}
