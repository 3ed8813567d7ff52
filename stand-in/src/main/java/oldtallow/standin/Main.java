package oldtallow.standin;

import java.io.IOException;
import java.util.concurrent.CountDownLatch;

/** All five on neighbouring ports: {@code java -cp stand-in.jar oldtallow.standin.Main [first port]}. */
public final class Main {

    private static final int FIRST_PORT = 7801;

    private Main() {}

    /** Starts them and waits until the process is ended. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        int port = arguments.length > 0 ? Integer.parseInt(arguments[0]) : FIRST_PORT;
        for (Simulated kind : Simulated.values()) {
            StandIn standIn = StandIn.start(kind, port++);
            System.out.println(kind.word() + " listens on " + standIn.port());
        }
        new CountDownLatch(1).await();
    }
}
