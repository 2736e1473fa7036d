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

    /** As {@link #of}, in less time where the change before is not about how boards hang together. */
    public static Overview after(Overview before, Vocabulary now) {
        return new Overview(now, Routes.after(before.routes, now), WayHome.after(before.wayHome, before.vocabulary, now), Revealed.of(now));
    }

    /** True if what is told of a board that stayed as it was is the same here. */
    boolean tellsBoardsAs(Overview before) {
        return routes.likeThoseOf(before.routes) && wayHome == before.wayHome && revealed.showsLike(before.revealed)
            && vocabulary.whole().look().equals(before.vocabulary.whole().look());
    }

    /** Not kept: there can be very many. */
    public List<Finding> findings() {
        return Mending.of(vocabulary, routes, wayHome);
    }
}
