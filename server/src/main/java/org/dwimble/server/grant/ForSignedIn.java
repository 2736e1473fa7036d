package org.dwimble.server.grant;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** An endpoint for anybody signed in: of no single thing, or it gives each what is his or hers. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface ForSignedIn {
    /** Why nothing is shown that is not this person's. */
    String value();
}
