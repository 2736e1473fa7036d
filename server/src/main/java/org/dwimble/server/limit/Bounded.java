package org.dwimble.server.limit;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What bounds the work of one request. Every endpoint of a class that lays out, draws, reads or writes files says it, as a test holds: a
 * new one is not forgotten.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface Bounded {
    /** Names of fields of {@link Limits}; empty where the request does no such work, or hands it to a job. */
    String[] value() default {};
}
