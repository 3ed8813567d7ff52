package oldtallow.app.outlet.api;

import java.net.InetAddress;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.stereotype.Component;

/** Hands mails to the mail server. */
@Component
public class Post {

    private final JavaMailSender sender;
    private final String from;

    private final boolean reachesNobody;

    @Autowired
    Post(
            JavaMailSender sender,
            @Value("${oldtallow.mail-from}") String from,
            @Value("${oldtallow.mail-open-line}") boolean mayBeOpen,
            @Value("${oldtallow.demo}") boolean demo,
            @Value("${spring.mail.port}") int port,
            @Value("${oldtallow.mail-stand-in-port}") int standInPort) {
        this(sender, from, demo && port == standInPort);
        if (!mayBeOpen && sender instanceof JavaMailSenderImpl line && !isHere(line.getHost())) {
            line.getJavaMailProperties().setProperty("mail.smtp.starttls.required", "true");
            line.getJavaMailProperties().setProperty("mail.smtp.ssl.checkserveridentity", "true");
        }
    }

    private static boolean isHere(@Nullable String host) {
        try {
            return "localhost".equals(host)
                    || (host != null && InetAddress.ofLiteral(host).isLoopbackAddress());
        } catch (IllegalArgumentException e) {
            return false; // a name, which is elsewhere
        }
    }

    Post(JavaMailSender sender, String from, boolean reachesNobody) {
        this.sender = sender;
        this.from = from;
        this.reachesNobody = reachesNobody;
    }

    /** Whether mails go to the simulated mail server of this machine. */
    public boolean reachesNobody() {
        return reachesNobody;
    }

    /** Why it did not go out; empty where the mail server took it. */
    String send(String address, MailText text) {
        var message = new SimpleMailMessage();
        message.setFrom(from);
        message.setTo(address);
        message.setSubject(text.subject());
        message.setText(text.body());
        try {
            sender.send(message);
            return "";
        } catch (MailException e) {
            return "the mail server did not take it: "
                    + Optional.ofNullable(e.getMessage()).orElse("no reason given");
        }
    }
}
