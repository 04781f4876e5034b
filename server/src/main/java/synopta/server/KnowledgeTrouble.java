package synopta.server;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import synopta.formats.knowledge.PackRefused;

/** Says in plain words what is wrong with the file that tags are read by, in place of a stack trace. */
class KnowledgeTrouble extends AbstractFailureAnalyzer<PackRefused> {
    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, PackRefused cause) {
        return new FailureAnalysis(
                cause.getMessage(),
                "No tag can be read without it. Mend the file, or put back the one that came with the program.",
                cause);
    }
}
