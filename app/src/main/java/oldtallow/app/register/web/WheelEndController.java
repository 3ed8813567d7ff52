package oldtallow.app.register.web;

import java.util.List;
import java.util.UUID;
import oldtallow.app.register.Register;
import oldtallow.app.register.Side;
import oldtallow.app.register.SpindleNut;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.wire.FigureForm;
import oldtallow.app.wire.LockForm;
import oldtallow.app.wire.ThreadForm;
import oldtallow.core.quantity.Length;
import oldtallow.core.sequence.NutSchool;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WheelEndController {

    private final Register register;

    WheelEndController(Register register) {
        this.register = register;
    }

    /** Every wheel end of the workshop, by rig. */
    @GetMapping("/api/wheel-ends")
    List<WheelEndView> wheelEnds() {
        return register.rigs().stream()
                .flatMap(rig -> rig.axles().stream())
                .flatMap(axle -> axle.wheelEnds().stream())
                .map(WheelEndView::of)
                .toList();
    }

    @GetMapping("/api/wheel-ends/{id}")
    WheelEndView wheelEnd(@PathVariable UUID id) {
        return WheelEndView.of(register.wheelEnd(id));
    }

    /**
     * A wheel end.
     *
     * @param position the trade's name for it, such as front left
     * @param figures every end play window that could govern, common practice last; the first one does
     */
    record WheelEndView(
            UUID id,
            UUID rigId,
            String rigName,
            String position,
            Side side,
            String construction,
            ThreadForm thread,
            LockForm lock,
            @Nullable Double washerThicknessMillimetres,
            NutSchool school,
            List<FigureForm> figures) {

        static WheelEndView of(WheelEnd end) {
            SpindleNut nut = end.nut();
            @Nullable Length washer = nut.washerThickness();
            return new WheelEndView(
                    end.id(),
                    end.rigId(),
                    end.rigName(),
                    end.positionName(),
                    end.side(),
                    end.construction(),
                    ThreadForm.of(nut.threadDesignation(), nut.thread()),
                    LockForm.of(nut.lock()),
                    washer == null ? null : washer.millimetres(),
                    end.school(),
                    end.allWindows().stream().map(FigureForm::of).toList());
        }
    }
}
