package org.dwimble.server.grant;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.dwimble.core.grant.Act;

/**
 * What an endpoint does with the thing its path names ({@code {student}}, {@code {vocabulary}} or {@code {list}}; with none of these, the school).
 * {@link Gatekeeper} asks before it is called; what it reads besides, it asks {@link Rights} about itself.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface For {
    Act value();
}
