package oldtallow.app.identity.web;

import oldtallow.app.identity.api.FirstOwnerNotice;
import oldtallow.app.identity.api.People;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DemoController {

    private final People people;
    private final FirstOwnerNotice notice;

    DemoController(People people, FirstOwnerNotice notice) {
        this.people = people;
        this.notice = notice;
    }

    /** Ends the demo; its owner opens the workshop with the word that is printed where it was started. */
    @PostMapping("/api/v1/workshop/demo-ended")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@RequestBody DemoEndForm form) {
        people.endDemo(form.keepRigs());
        notice.tellAfterCommit();
    }

    /** {@code keepRigs}: to go on with them; else they go with everything that was made up. */
    record DemoEndForm(boolean keepRigs) {}
}
