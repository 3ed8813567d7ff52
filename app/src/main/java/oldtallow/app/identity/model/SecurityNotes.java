package oldtallow.app.identity.model;

/** Takes down what an owner wants to read of later: who did what that the others rely on. */
public interface SecurityNotes {

    /** By the person who does it now. */
    void note(SecurityEvent.Kind kind, String details);
}
