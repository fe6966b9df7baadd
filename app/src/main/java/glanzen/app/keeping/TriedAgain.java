package glanzen.app.keeping;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.resilience.annotation.Retryable;

/**
 * Done once more, from the beginning, if something else was written at the same moment: for what does not depend on what a person
 * saw before.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Retryable(
        includes = {ConcurrencyFailureException.class, DataIntegrityViolationException.class},
        maxRetries = 6,
        delay = 20,
        multiplier = 2,
        jitter = 15)
public @interface TriedAgain {}
