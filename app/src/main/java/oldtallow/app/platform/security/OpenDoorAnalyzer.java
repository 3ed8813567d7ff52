package oldtallow.app.platform.security;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in plain words why the application does not start, and what to do. */
class OpenDoorAnalyzer extends AbstractFailureAnalyzer<OpenDoorException> {

    @Override
    protected FailureAnalysis analyze(Throwable failure, OpenDoorException cause) {
        return new FailureAnalysis(cause.getMessage(), cause.remedy(), failure);
    }
}
