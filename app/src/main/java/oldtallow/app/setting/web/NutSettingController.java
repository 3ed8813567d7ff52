package oldtallow.app.setting.web;

import com.fasterxml.jackson.annotation.JsonAlias;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.app.setting.api.NutSettings;
import oldtallow.app.setting.model.NewNutSetting;
import oldtallow.app.setting.model.NewNutSetting.FinalTorque;
import oldtallow.app.setting.model.SettingSummary;
import oldtallow.app.setting.web.NutCalculationForm.ReadingForm;
import oldtallow.app.units.LengthEntry;
import oldtallow.app.units.LengthView;
import oldtallow.app.units.TorqueEntry;
import oldtallow.app.units.TorqueView;
import oldtallow.app.units.form.DialReadingsForm;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.setting.measure.DialReadings;
import oldtallow.core.setting.nut.NutReading;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/wheel-ends/{wheelEndId}/nut-settings")
class NutSettingController {

    private final NutSettings settings;

    NutSettingController(NutSettings settings) {
        this.settings = settings;
    }

    /** Settings of the wheel end, latest first. */
    @GetMapping
    List<NutSettingView> settings(@PathVariable UUID wheelEndId) {
        return settings.of(wheelEndId).stream().map(NutSettingView::of).toList();
    }

    /** Puts a setting on record; sent again it is the same one. */
    @PostMapping
    NutSettingView save(@PathVariable UUID wheelEndId, @RequestBody NutSettingForm form) {
        return NutSettingView.of(settings.save(form.toSetting(wheelEndId)).setting());
    }

    /** A mechanic answers for an apprentice's setting. */
    @PostMapping("/{settingId}/sign-off")
    NutSettingView signOff(@PathVariable UUID wheelEndId, @PathVariable UUID settingId) {
        return NutSettingView.of(settings.signOff(settingId));
    }

    /**
     * A setting as a mechanic reports it.
     *
     * @param id made by the client; the same id sent again is the same setting
     * @param backOffDegrees from where the nut stood at the reading, positive looser
     * @param torqueConfirmed that the final torque is meant although it was questioned
     * @param readings on the dial indicator after locking; they stand for the measured play
     */
    record NutSettingForm(
            UUID id,
            Instant setAt,
            // settings from before may still wait in a device's outbox
            @JsonAlias("school") String procedure,
            ReadingForm reading,
            BigDecimal backOffDegrees,
            @Nullable LengthEntry measuredEndPlay,
            @Nullable TorqueEntry finalTorque,
            @Nullable Boolean torqueConfirmed,
            @Nullable String note,
            @Nullable DialReadingsForm readings) {

        NewNutSetting toSetting(UUID wheelEndId) {
            var errors = new FieldErrors();
            @Nullable NutReading stands = reading.toReading("reading", errors);
            @Nullable DialReadings dial = readings == null ? null : readings.toReadings("readings", errors);
            @Nullable
            Length measured = dial != null
                    ? dial.endPlay()
                    : measuredEndPlay == null ? null : errors.at("measuredEndPlay.number", measuredEndPlay::toLength);
            @Nullable ProcedureId by = errors.at("procedure", () -> new ProcedureId(procedure));
            return new NewNutSetting(
                    id,
                    wheelEndId,
                    setAt,
                    errors.require(by),
                    errors.require(stands),
                    backOffDegrees,
                    measured,
                    finalTorque == null
                            ? null
                            : new FinalTorque(
                                    finalTorque.number(), finalTorque.unit(), Boolean.TRUE.equals(torqueConfirmed)),
                    note == null ? "" : note.strip(),
                    dial);
        }
    }

    /** A setting on record. */
    record NutSettingView(
            UUID id,
            Instant setAt,
            String setBy,
            boolean awaitsSignOff,
            @Nullable String signedOffBy,
            String procedure,
            String threadDesignation,
            String lockWords,
            int mark,
            double looserDegrees,
            double backOffDegrees,
            List<Integer> engagedMarks,
            LengthView endPlay,
            @Nullable LengthView measuredEndPlay,
            EndPlayVerdict verdict,
            LengthView windowLeast,
            LengthView windowMost,
            Authority windowAuthority,
            String windowSource,
            @Nullable TorqueView finalTorque,
            String note,
            @Nullable LengthView uncertainty,
            boolean certain) {

        static NutSettingView of(SettingSummary setting) {
            @Nullable Length measured = setting.measuredEndPlay();
            @Nullable Torque torque = setting.finalTorque();
            @Nullable Length uncertainty = setting.uncertainty();
            return new NutSettingView(
                    setting.id(),
                    setting.setAt(),
                    setting.setBy(),
                    setting.awaitsSignOff(),
                    setting.signedOffBy(),
                    setting.procedure().value(),
                    setting.threadDesignation(),
                    setting.lockWords(),
                    setting.mark(),
                    setting.looserDegrees(),
                    setting.backOffDegrees(),
                    setting.engagedMarks(),
                    LengthView.of(setting.endPlay()),
                    measured == null ? null : LengthView.of(measured),
                    setting.verdict(),
                    LengthView.of(setting.window().value().least()),
                    LengthView.of(setting.window().value().most()),
                    setting.window().authority(),
                    setting.window().source(),
                    torque == null ? null : TorqueView.of(torque),
                    setting.note(),
                    uncertainty == null ? null : LengthView.of(uncertainty),
                    setting.certain());
        }
    }
}
