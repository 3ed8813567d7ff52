package oldtallow.phone.jdk;

/** Stands in for {@link java.security.Principal}, which a session's person is on the server. */
public interface Principal {

    String getName();
}
