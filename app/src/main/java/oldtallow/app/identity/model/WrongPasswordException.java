package oldtallow.app.identity.model;

/** No such name, or not its password; which of the two is not told. */
public final class WrongPasswordException extends RuntimeException {}
