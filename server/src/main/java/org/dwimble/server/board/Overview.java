package org.dwimble.server.board;

import java.util.List;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.mend.Finding;
import org.dwimble.core.mend.Mending;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;

/** What is worked out of one version of a vocabulary, once. */
public record Overview(Vocabulary vocabulary, Routes routes, WayHome wayHome, Revealed revealed) {
    public static Overview of(Vocabulary vocabulary) {
        return new Overview(vocabulary, Routes.of(vocabulary), WayHome.of(vocabulary), Revealed.of(vocabulary));
    }

    /** Not kept: there can be very many. */
    public List<Finding> findings() {
        return Mending.of(vocabulary, routes, wayHome);
    }
}
