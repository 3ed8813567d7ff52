package oldtallow.app.setting.web;

import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.units.form.TorqueQuestionView;
import oldtallow.core.setting.nut.NutCase;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NutCalculationController {

    private final AdjustmentProcedures procedures;

    NutCalculationController(AdjustmentProcedures procedures) {
        this.procedures = procedures;
    }

    /** Works out where the nut may stop. Reads and saves nothing. */
    @PostMapping("/api/v1/nut-calculations")
    NutCalculationView calculate(@RequestBody NutCalculationForm form) {
        NutCase nutCase = form.toNutCase();
        return NutCalculationView.of(
                nutCase,
                form.toBackOff(),
                TorqueQuestionView.of(
                        form.finalTorque(),
                        form.toProcedure(procedures).finalTorque(),
                        nutCase.thread().nominalDiameter()));
    }
}
