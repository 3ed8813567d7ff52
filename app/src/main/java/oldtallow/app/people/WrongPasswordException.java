package oldtallow.app.people;

/** No such name, or not its password; which of the two is not told. */
public final class WrongPasswordException extends RuntimeException {}
