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
@RequestMapping("/api/v1/adjustment-procedures")
class ProcedureController {

    private final AdjustmentProcedures procedures;

    ProcedureController(AdjustmentProcedures procedures) {
        this.procedures = procedures;
    }

    /** The workshop's own procedures, those it offers no longer too. */
    @GetMapping("/own")
    List<OwnProcedureView> own() {
        return procedures.own().stream().map(OwnProcedureView::of).toList();
    }

    /** Writes a procedure, or changes it: {@code version} as it was read, 0 for a new one. */
    @PutMapping("/own/{id}")
    List<OwnProcedureView> put(@PathVariable UUID id, @RequestParam int version, @RequestBody ProcedureForm form) {
        procedures.put(new OwnProcedure(form.toProcedure(new ProcedureId(id.toString())), false, version));
        return own();
    }

    /** Offers it no longer; what was set by it still names it. */
    @DeleteMapping("/own/{id}")
    List<OwnProcedureView> retire(@PathVariable UUID id) {
        procedures.retire(id);
        return own();
    }

    /** A procedure of the workshop's own, as it is shown and as it is written. */
    record OwnProcedureView(ProcedureView procedure, ProcedureForm written, boolean retired, int version) {

        static OwnProcedureView of(OwnProcedure own) {
            return new OwnProcedureView(
                    ProcedureView.of(own.procedure()), ProcedureForm.of(own.procedure()), own.retired(), own.version());
        }
    }
}
