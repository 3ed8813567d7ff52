package oldtallow.app.identity.web;

import java.util.List;
import oldtallow.app.identity.api.People;
import oldtallow.app.identity.api.SecondFactors;
import oldtallow.app.platform.QrCode;
import oldtallow.app.platform.write.OwnTransactions;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A code of the moment beside the password, of whoever asks. */
@RestController
@RequestMapping("/api/v1/second-factor")
class SecondFactorController {

    private static final String COUNTED = "a try with a wrong password is counted though it is refused";
    private static final int CODE_MM = 50;

    private final SecondFactors factors;
    private final People people;

    SecondFactorController(SecondFactors factors, People people) {
        this.factors = factors;
        this.people = people;
    }

    /** Whether I have a second factor, and of which kind. */
    @GetMapping
    FactorView mine() {
        return new FactorView(factors.isMine());
    }

    /** A new key for an authenticator program, told this once; asked for when it is confirmed. */
    @OwnTransactions(COUNTED)
    @PostMapping
    NewKeyView begin(@RequestBody CurrentForm form) {
        people.requireOwnPassword(form.current());
        SecondFactors.NewKey key = factors.begin();
        return new NewKeyView(key.key(), new QrCode(key.address()).svg(CODE_MM));
    }

    /** A code of the new key; the codes for the day the device is lost, told this once. */
    @PostMapping("/confirmed")
    RecoveryView confirm(@RequestBody FactorCodeForm form) {
        return new RecoveryView(factors.confirm(form.code()));
    }

    /** Takes my second factor away; asks for the password. */
    @OwnTransactions(COUNTED)
    @PostMapping("/removed")
    FactorView remove(@RequestBody CurrentForm form) {
        people.requireOwnPassword(form.current());
        factors.remove();
        return mine();
    }

    /** {@code isOn}: whether it is asked for at sign-in. */
    record FactorView(boolean isOn) {}

    /** {@code current}: the password of whoever asks. */
    record CurrentForm(String current) {

        /** A password must never reach a log. */
        @Override
        public String toString() {
            return "CurrentForm";
        }
    }

    record FactorCodeForm(String code) {}

    /**
     * A key, told once.
     *
     * @param picture of its QR code, SVG
     */
    record NewKeyView(String key, String picture) {

        @Override
        public String toString() {
            return "NewKeyView";
        }
    }

    record RecoveryView(List<String> codes) {

        @Override
        public String toString() {
            return "RecoveryView";
        }
    }
}
