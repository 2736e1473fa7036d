package org.dwimble.server.leaving;

/** For whom something is printed, and for others what stands where photos of people are. */
public enum PrintedFor {
    /** Those who work with the student: everything is on it. */
    TEAM,
    /** Others, with drawn symbols. */
    OTHERS_DRAWN,
    /** Others, with empty places. */
    OTHERS_EMPTY,
    /** Others, with the photos, as somebody said. */
    OTHERS_WITH_PHOTOS
}
