package oldtallow.app.identity.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.Passkeys;
import oldtallow.app.identity.api.People;
import oldtallow.app.identity.api.SignIn;
import oldtallow.app.identity.model.PasskeyStore.Passkey;
import oldtallow.app.platform.write.OwnTransactions;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Passkeys, of whoever asks and at the door. What browsers make and read stays as they have it: JSON in a text. */
@RestController
class PasskeyController {

    private static final JsonMapper BROWSERS =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();

    private final Passkeys passkeys;
    private final People people;
    private final SignIn signIn;
    private final SessionController sessions;
    private final SessionDoor door;

    PasskeyController(Passkeys passkeys, People people, SignIn signIn, SessionController sessions, SessionDoor door) {
        this.passkeys = passkeys;
        this.people = people;
        this.signIn = signIn;
        this.sessions = sessions;
        this.door = door;
    }

    /** Those of whoever asks, the oldest first. */
    @GetMapping("/api/v1/second-factor/passkeys")
    PasskeysView mine() {
        return new PasskeysView(
                passkeys.arePossible(),
                passkeys.mine().stream().map(PasskeyView::of).toList());
    }

    /** What the device is to make a passkey for. */
    @OwnTransactions("a try with a wrong password is counted though it is refused")
    @PostMapping("/api/v1/second-factor/passkeys/wanted")
    BrowserView wanted(@RequestBody SecondFactorController.CurrentForm form, HttpServletRequest request) {
        people.requireOwnPassword(form.current());
        return BrowserView.of(passkeys.creation(door.challenge(request)));
    }

    /** Keeps what the device made. */
    @PostMapping("/api/v1/second-factor/passkeys")
    PasskeysView add(@RequestBody NewPasskeyForm form, HttpServletRequest request) {
        passkeys.add(
                challenge(request),
                read(
                        form.made(),
                        new TypeReference<PublicKeyCredential<AuthenticatorAttestationResponse>>() {},
                        "clientDataJSON",
                        "attestationObject"),
                form.label());
        return mine();
    }

    /** Forgets a passkey of mine. */
    @DeleteMapping("/api/v1/second-factor/passkeys/{id}")
    PasskeysView remove(@PathVariable UUID id) {
        passkeys.remove(id);
        return mine();
    }

    /** What the device of somebody whose password was right just now is asked. */
    @PostMapping("/api/v1/session/passkey/wanted")
    BrowserView wantedAtTheDoor(HttpServletRequest request) {
        return BrowserView.of(passkeys.request(waiting(request), door.challenge(request)));
    }

    /** Lets in whoever's passkey answered the challenge given before. */
    @OwnTransactions("a try with a wrong key is counted though it is refused")
    @PostMapping("/api/v1/session/passkey")
    SessionView answer(@RequestBody PasskeyAnswerForm form, HttpServletRequest request, HttpServletResponse response) {
        SignedIn person = waiting(request);
        Bytes challenge = challenge(request);
        if (!signIn.hasPasskey(
                person,
                challenge,
                read(
                        form.answer(),
                        new TypeReference<PublicKeyCredential<AuthenticatorAssertionResponse>>() {},
                        "clientDataJSON",
                        "authenticatorData",
                        "signature"))) {
            throw new InvalidInputException("passkey", "", "is none of yours; take another device, or the code");
        }
        return sessions.enter(person, request, response);
    }

    private SignedIn waiting(HttpServletRequest request) {
        return door.waiting(request)
                .orElseThrow(
                        () -> new InvalidInputException("passkey", "", "came too late; begin with the password again"));
    }

    private Bytes challenge(HttpServletRequest request) {
        return door.takeChallenge(request)
                .orElseThrow(() -> new InvalidInputException("passkey", "", "came too late; begin again"));
    }

    /** {@code said}: what must be in its response; the library reads without looking. */
    private static <T> T read(BrowserJson sent, TypeReference<T> type, String... said) {
        try {
            JsonNode json = BROWSERS.readTree(String.join("", sent.parts()));
            if (!Stream.of("id", "rawId", "type").allMatch(json::has)
                    || !Stream.of(said).allMatch(json.path("response")::has)) {
                throw new IllegalArgumentException("half of it is missing");
            }
            return BROWSERS.treeToValue(json, type);
        } catch (JacksonException | IllegalArgumentException e) {
            throw new InvalidInputException("passkey", "", "is not what browsers make of one; begin again");
        }
    }

    /** JSON as a browser wrote it, cut into parts that any text may be as long as. */
    record BrowserJson(List<String> parts) {}

    /** What a browser reads. */
    record BrowserView(String json) {

        static BrowserView of(Object wanted) {
            return new BrowserView(BROWSERS.writeValueAsString(wanted));
        }
    }

    record NewPasskeyForm(String label, BrowserJson made) {}

    record PasskeyAnswerForm(BrowserJson answer) {}

    /** {@code arePossible}: whether this installation goes by a name that one can be bound to. */
    record PasskeysView(boolean arePossible, List<PasskeyView> all) {}

    record PasskeyView(UUID id, String label, Instant createdAt, Instant lastUsedAt) {

        static PasskeyView of(Passkey one) {
            return new PasskeyView(one.id(), one.label(), one.createdAt(), one.lastUsedAt());
        }
    }
}
