package oldtallow.app.register.web;

import java.util.List;
import java.util.UUID;
import oldtallow.app.register.api.AdjustmentProcedures;
import oldtallow.app.register.reference.OwnProcedure;
import oldtallow.app.units.form.ProcedureForm;
import oldtallow.app.units.form.ProcedureView;
import oldtallow.core.fastening.sequence.ProcedureId;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/nut-schools")
class ProcedureController {

    private final AdjustmentProcedures schools;

    ProcedureController(AdjustmentProcedures schools) {
        this.schools = schools;
    }

    /** The workshop's own schools, those it offers no longer too. */
    @GetMapping("/own")
    List<OwnSchoolView> own() {
        return schools.own().stream().map(OwnSchoolView::of).toList();
    }

    /** Writes a school, or changes it: {@code version} as it was read, 0 for a new one. */
    @PutMapping("/own/{id}")
    List<OwnSchoolView> put(@PathVariable UUID id, @RequestParam int version, @RequestBody ProcedureForm form) {
        schools.put(new OwnProcedure(form.toSchool(new ProcedureId(id.toString())), false, version));
        return own();
    }

    /** Offers it no longer; what was set by it still names it. */
    @DeleteMapping("/own/{id}")
    List<OwnSchoolView> retire(@PathVariable UUID id) {
        schools.retire(id);
        return own();
    }

    /** A school of the workshop's own, as it is shown and as it is written. */
    record OwnSchoolView(ProcedureView school, ProcedureForm written, boolean retired, int version) {

        static OwnSchoolView of(OwnProcedure own) {
            return new OwnSchoolView(
                    ProcedureView.of(own.school()), ProcedureForm.of(own.school()), own.retired(), own.version());
        }
    }
}
