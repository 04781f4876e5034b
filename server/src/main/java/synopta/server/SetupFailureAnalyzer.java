package synopta.server;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import synopta.server.account.SetupRefused;

/** Says in plain words why the first account cannot be opened, in place of a stack trace. */
class SetupFailureAnalyzer extends AbstractFailureAnalyzer<SetupRefused> {
    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, SetupRefused cause) {
        return new FailureAnalysis(
                cause.getMessage(),
                "Set SYNOPTA_SETUP_PASSWORD to such a password, or leave it out: then a code for /setup is printed.",
                cause);
    }
}
