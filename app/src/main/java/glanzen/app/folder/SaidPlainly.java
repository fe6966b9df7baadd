package glanzen.app.folder;

import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;
import org.springframework.boot.logging.LogLevel;
import org.springframework.boot.logging.LoggingSystem;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Says a trouble in one line where Glanzen was started from, instead of the framework's own frame around it. */
@Order(Ordered.HIGHEST_PRECEDENCE)
final class SaidPlainly implements FailureAnalysisReporter {

    private static final String FRAMED = "org.springframework.boot.diagnostics.LoggingFailureAnalysisReporter";

    @Override
    public void report(FailureAnalysis analysis) {
        LoggingSystem.get(SaidPlainly.class.getClassLoader()).setLogLevel(FRAMED, LogLevel.OFF);
        System.err.println(analysis.getDescription() + " " + analysis.getAction());
    }
}
