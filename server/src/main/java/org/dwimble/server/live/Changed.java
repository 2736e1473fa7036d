package org.dwimble.server.live;

import org.dwimble.core.grant.Thing;

/** Something has a new version on disk: whoever has it open is told. */
public record Changed(Thing thing, Live.Revised revised) {
}
