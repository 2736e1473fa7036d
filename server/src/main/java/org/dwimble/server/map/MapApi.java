package org.dwimble.server.map;

import java.util.List;
import org.dwimble.core.grant.Act;
import org.dwimble.core.map.BoardMap;
import org.dwimble.core.route.Routes;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All boards drawn from home outwards. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class MapApi {
    /** More boards than this are drawn with everything behind home's own boards folded. */
    private static final int MANY_BOARDS = 60;

    private final VocabularyStore store;

    MapApi(VocabularyStore store) {
        this.store = store;
    }

    /**
     * The map of all boards.
     *
     * @param folded boards whose further boards are not to be drawn; none at all to fold by itself what would be too many
     */
    @For(Act.LOOK)
    @GetMapping("/map")
    BoardMap map(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable List<String> folded) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        Routes routes = kept.overview().routes();
        boolean many = kept.vocabulary().boards().size() > MANY_BOARDS;
        return BoardMap.of(kept.vocabulary(), routes, board -> folded != null ? folded.contains(board)
            : many && !board.equals(kept.vocabulary().home()));
    }

    private VocabularyStore.Kept kept(Account account, long vocabulary) {
        return store.there(vocabulary);
    }
}
