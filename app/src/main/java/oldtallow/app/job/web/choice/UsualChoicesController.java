package oldtallow.app.job.web.choice;

import java.util.List;
import oldtallow.app.job.api.UsualChoices;
import oldtallow.app.job.form.ChoiceAskedView;
import oldtallow.app.job.form.ChoicesForm;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the workshop does what can be done in several ways. */
@RestController
@RequestMapping("/api/v1/workshop/usual-choices")
class UsualChoicesController {

    private final UsualChoices choices;

    UsualChoicesController(UsualChoices choices) {
        this.choices = choices;
    }

    /** What can be done in several ways, and how this workshop does it. */
    @GetMapping
    List<ChoiceAskedView> usual() {
        return ChoiceAskedView.all(choices.now());
    }

    /** Jobs that are opened from now on begin with these; what is left out stays as it is. */
    @PutMapping
    List<ChoiceAskedView> keep(@RequestBody ChoicesForm form) {
        choices.keep(ChoicesForm.over(choices.now(), form));
        return usual();
    }
}
