package oldtallow.app.register.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.UUID;
import javax.imageio.ImageIO;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(OldTallowExtension.class)
class PhotoIT {

    private static final String PHOTO = "/api/v1/rigs/" + Demo.rig("Flatbed") + "/photo";

    @Test
    void keepsAPhotoAndServesItAsWhatItIs(RunningOldTallow app) throws IOException {
        Http tobe = app.http();
        assertThat(tobe.get(PHOTO).status()).isEqualTo(404);

        Answer put = tobe.putBytes(PHOTO, png());
        assertThat(put.status()).as(put.text()).isEqualTo(204);

        Answer served = tobe.get(PHOTO);
        assertThat(served.type()).isEqualTo("image/jpeg");
        assertThat(served.headers().firstValue("x-content-type-options")).contains("nosniff");
        assertThat(tobe.get("/api/v1/rigs/" + Demo.rig("Flatbed"))
                        .json()
                        .path("hasPhoto")
                        .asBoolean())
                .isTrue();
        assertThat(
                        app.db()
                                .fetchValue(
                                        "select count(*) from audit_entry where record = 'rig_photo' and (before ?? 'image' or after ?? 'image')"))
                .as("the trail tells of the change, not the picture")
                .isEqualTo(0L);
        assertThat(tobe.delete(PHOTO).status()).isEqualTo(204);
        assertThat(tobe.get(PHOTO).status()).isEqualTo(404);
    }

    @Test
    void refusesWhatIsNoPicture(RunningOldTallow app) throws IOException {
        byte[] page = "<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8);
        byte[] cut = Arrays.copyOf(png(), 12);

        for (byte[] bytes : new byte[][] {page, cut, new byte[] {0}}) {
            Answer answer = app.http().putBytes(PHOTO, bytes);
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.remedyFor("photo")).contains("JPEG, PNG or GIF");
        }
    }

    @Test
    void refusesOverTenMegabytes(RunningOldTallow app) {
        Answer answer = app.http().putBytes(PHOTO, new byte[10 * 1024 * 1024 + 1]);

        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.text()).contains("over 10 MB");
    }

    @Test
    void knowsNoRigThatIsNotThere(RunningOldTallow app) throws IOException {
        assertThat(app.http()
                        .putBytes("/api/v1/rigs/" + UUID.randomUUID() + "/photo", png())
                        .status())
                .isEqualTo(404);
    }

    private static byte[] png() throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 6, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }
}
