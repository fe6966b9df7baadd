package glanzen.app.folder;

import java.sql.SQLException;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.exception.FlywayValidateException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalyzer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** What is said if Glanzen cannot start: what is wrong, and what helps. */
@Order(Ordered.HIGHEST_PRECEDENCE)
final class StartTroubles implements FailureAnalyzer {

    private static final Logger LOG = LoggerFactory.getLogger(StartTroubles.class);

    @Override
    public FailureAnalysis analyze(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            FailureAnalysis known = known(cause);
            if (known != null) {
                return known;
            }
        }
        LOG.error("not started", failure);
        return new FailureAnalysis(
                "Glanzen could not start: " + first(failure) + ".",
                "The file glanzen.log in its folder says more.",
                failure);
    }

    private static @Nullable FailureAnalysis known(Throwable cause) {
        if (cause instanceof StartTrouble trouble) {
            return new FailureAnalysis(trouble.getMessage(), trouble.doThis(), cause);
        }
        if (cause instanceof FlywayValidateException) {
            return new FailureAnalysis(
                    "The folder was last used by a newer Glanzen, or its database was changed by another program.",
                    "Start that newer Glanzen, or start with another folder: ./start PORT FOLDER.",
                    cause);
        }
        if (cause instanceof FlywayException) {
            return new FailureAnalysis(
                    "The database in the folder is none of Glanzen's.",
                    "Start with another folder: ./start PORT FOLDER.",
                    cause);
        }
        if (cause instanceof SQLException sql) {
            return new FailureAnalysis(
                    "The database cannot be opened: " + first(sql) + ".",
                    "See that its folder can be written to and no other program has it open.",
                    cause);
        }
        return null;
    }

    /** The first line of what was said, without its end. */
    private static String first(Throwable trouble) {
        String said = trouble.getMessage() == null ? trouble.getClass().getSimpleName() : trouble.getMessage();
        return said.lines().findFirst().orElse("").replaceAll("[.;:\\s]+$", "");
    }
}
