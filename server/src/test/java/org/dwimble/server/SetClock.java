package org.dwimble.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/** A clock that stands until it is moved on. */
public final class SetClock extends Clock {
    private Instant now;

    public SetClock(String now) {
        this.now = Instant.parse(now);
    }

    public void on(Duration by) {
        now = now.plus(by);
    }

    @Override
    public ZoneId getZone() {
        return ZoneId.systemDefault();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }

    @Override
    public Instant instant() {
        return now;
    }
}
