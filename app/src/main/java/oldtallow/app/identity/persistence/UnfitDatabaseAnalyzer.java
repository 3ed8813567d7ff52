package oldtallow.app.identity.persistence;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in plain words why the application does not start, and what to do. */
class UnfitDatabaseAnalyzer extends AbstractFailureAnalyzer<UnfitDatabaseException> {

    @Override
    protected @Nullable FailureAnalysis analyze(Throwable failure, UnfitDatabaseException cause) {
        return new FailureAnalysis(cause.getMessage(), cause.remedy(), failure);
    }
}
