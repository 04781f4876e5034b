package synopta.server;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import synopta.store.Store;

/** Says in plain words why the data folder cannot be used, in place of a stack trace. */
class DataFolderFailureAnalyzer extends AbstractFailureAnalyzer<Store.Unusable> {
    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, Store.Unusable cause) {
        return new FailureAnalysis(
                cause.getMessage(),
                "If another Synopta has it open, stop that one, or name another folder with --data."
                        + " If it cannot be written, change its permissions.",
                cause);
    }
}
