package org.dwimble.server.version;

import org.dwimble.core.version.Made;
import org.dwimble.core.version.OnTop;
import org.dwimble.core.version.Touched;
import org.jspecify.annotations.Nullable;

/** Another person changed the same thing first. Neither change is lost: theirs is kept, yours is still in your hands. */
public final class Conflict extends RuntimeException {
    private final transient AtVersion<?> now;
    private final transient OnTop.Met<?> met;
    private final transient Version theirs;
    private final transient Deed act;

    Conflict(AtVersion<?> now, OnTop.Met<?> met, Version theirs, Deed act) {
        super("met on " + met.on() + " with version " + theirs.number());
        this.now = now;
        this.met = met;
        this.theirs = theirs;
        this.act = act;
    }

    public AtVersion<?> now() {
        return now;
    }

    /** What yours would have made of what you saw. */
    public Made<?> yours() {
        return met.yours();
    }

    /** The thing both changed; null if yours needed that nothing had changed at all. */
    public @Nullable Touched met() {
        return met.on();
    }

    /** The version that changed it. */
    public Version theirs() {
        return theirs;
    }

    public Deed act() {
        return act;
    }
}
