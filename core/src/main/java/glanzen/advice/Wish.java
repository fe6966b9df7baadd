package glanzen.advice;

import org.jspecify.annotations.Nullable;

/**
 * Something to do that is no change of the stack: a thing to measure or to get.
 *
 * @param what in a sentence
 * @param clean how many of twenty are expected to be good once it is done
 * @param thingId the thing of the kit that is to be measured; nothing where something is to be got
 */
public record Wish(String what, int clean, @Nullable String thingId) {}
