package oldtallow.standin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class MailBoxTest {

    /** The dialogue of RFC 5321, appendix D.1, spoken over a plain socket. */
    @Test
    void takesAMailAsRfc5321SaysIt() throws IOException {
        int port = freePort();
        try (MailBox box = MailBox.start(port);
                var socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            var in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII));
            OutputStream out = socket.getOutputStream();
            assertThat(in.readLine()).startsWith("220");
            assertThat(say(in, out, "HELO bar.example")).startsWith("250");
            assertThat(say(in, out, "MAIL FROM:<smith@bar.example>")).startsWith("250");
            assertThat(say(in, out, "RCPT TO:<jones@foo.example>")).startsWith("250");
            assertThat(say(in, out, "DATA")).startsWith("354");
            assertThat(say(in, out, "Subject: due\r\n\r\nBlah blah blah...\r\n..\r\n."))
                    .startsWith("250");
            assertThat(say(in, out, "QUIT")).startsWith("221");

            assertThat(box.letters()).hasSize(1);
            MailBox.Letter letter = box.letters().getFirst();
            assertThat(letter.from()).isEqualTo("smith@bar.example");
            assertThat(letter.to()).isEqualTo("jones@foo.example");
            assertThat(letter.text()).contains("Subject: due").contains("Blah blah blah...");
        }
    }

    @Test
    void saysThatItsPortIsTaken() throws IOException {
        try (var taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertThatIllegalStateException()
                    .isThrownBy(() -> MailBox.start(taken.getLocalPort()))
                    .withMessageContaining("is taken");
        }
    }

    private static String say(BufferedReader in, OutputStream out, String line) throws IOException {
        out.write((line + "\r\n").getBytes(StandardCharsets.US_ASCII));
        out.flush();
        return in.readLine();
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
