package oldtallow.app.outlet.model;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import org.jspecify.annotations.Nullable;

/** Where it is kept who is reminded by mail, and what went out. */
public interface MailStore {

    /** Everybody who wants to be, of all workshops. */
    List<SignedIn> wanted();

    Optional<MailReminder> of(UUID personId);

    /** False where what is kept is no longer of this version. */
    boolean put(MailReminder reminder);

    /**
     * Keeps the digest of a code that is about to be sent; false where one was sent after {@code noneSince}.
     */
    boolean takeCode(UUID personId, String codeHash, Instant now, Instant noneSince);

    /**
     * Confirms the address as it is kept now, by the code sent there after {@code sentSince}; false where it is another code, or
     * one tried more than {@code tries} times.
     */
    boolean confirm(UUID personId, String codeHash, Instant sentSince, int tries);

    /**
     * Takes a day's mail on, so that no other instance sends it too; false where it is taken or sent.
     *
     * @param until whoever took it on must be through by then: after a crash it is tried again
     */
    boolean take(UUID personId, LocalDate day, Instant now, Instant until);

    /** After the round: what was told, or when it is to be tried again. */
    void settle(UUID personId, String content, @Nullable Instant tryAgainAt, @Nullable LocalDate sentOn);

    void add(SentMail mail);

    /** The last of a person's, latest first. */
    List<SentMail> sent(UUID personId, int most);
}
