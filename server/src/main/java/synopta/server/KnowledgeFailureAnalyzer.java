package synopta.server;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import synopta.formats.knowledge.PackRejectedException;

/** Says in plain words what is wrong with the file that tags are read by, in place of a stack trace. */
class KnowledgeFailureAnalyzer extends AbstractFailureAnalyzer<PackRejectedException> {
    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, PackRejectedException cause) {
        return new FailureAnalysis(
                cause.getMessage(),
                "Tags cannot be read without it. Correct the file, or restore the shipped one.",
                cause);
    }
}
