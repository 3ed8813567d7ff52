package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.api.Jobs;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.api.RigTouched;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.ServiceEvent.Kind;
import oldtallow.app.schedule.model.ServiceEvent.Source;
import oldtallow.app.setting.api.NutSettings;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.schedule.figure.FigureKind;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what falls due up to date: whatever changes a rig works its dates out again at once, and tells which moved. */
@Service
class DueUpdates {

    private final Register register;
    private final JobRecords jobs;
    private final ServiceLog services;
    private final DueRenewal dues;
    private final Clock clock;

    DueUpdates(Register register, JobRecords jobs, ServiceLog services, DueRenewal dues, Clock clock) {
        this.register = register;
        this.jobs = jobs;
        this.services = services;
        this.dues = dues;
        this.clock = clock;
    }

    @EventListener
    @Transactional
    public void follow(RigTouched touched) {
        dues.renew(List.of(register.rig(touched.rigId())), touched.why());
    }

    /** A setting counts as the service it mostly is, but while the nut is only adjusted. */
    @EventListener
    @Transactional
    public void follow(NutSettings.SettingRecorded recorded) {
        WheelEnd end = register.wheelEnd(recorded.wheelEndId());
        boolean adjusted = Optional.ofNullable(jobs.openAt(List.of(end.id())).get(end.id()))
                .filter(job -> jobs.bench(job).job().scope() == Scope.ADJUST)
                .isPresent();
        services.record(
                recorded.settingId(),
                end,
                adjusted ? Kind.ADJUST : Kind.REPACK,
                recorded.setAt().atZone(clock.getZone()).toLocalDate(),
                Source.SETTING,
                null,
                "");
        dues.renew(List.of(register.rig(end.rigId())), "a setting was recorded");
    }

    @EventListener
    @Transactional
    public void follow(NutSettings.SettingSigned signed) {
        dues.renew(List.of(register.rig(signed.rigId())), "");
    }

    /** What a job did is put on record first, and only then is its rig looked at again. */
    @EventListener
    @Transactional
    public void follow(Jobs.Ended ended) {
        LocalDate today = LocalDate.now(clock);
        Stream.concat(
                        ended.did().map(Kind::of).stream(),
                        ended.wheelWasOff() ? Stream.of(Kind.WHEEL_OFF) : Stream.empty())
                .forEach(kind ->
                        services.record(UUID.randomUUID(), ended.end(), kind, today, Source.JOB, ended.jobId(), ""));
        register.touched(
                ended.end().rigId(),
                ended.did().map(did -> "a job was closed: " + did.done()).orElse("a job was given up"));
    }

    /** A rule for all rigs moves every date. */
    @EventListener
    @Transactional
    public void follow(Figures.RuleChanged rule) {
        if (rule.kind() == FigureKind.INTERVAL) {
            dues.renewAll();
        }
    }
}
