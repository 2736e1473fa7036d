package org.dwimble.server.bringin;

import java.time.Clock;
import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Bundle;
import org.dwimble.core.edit.words.WithoutPictures;
import org.dwimble.core.grant.Act;
import org.dwimble.core.reveal.Gist;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Bundles: boards of a vocabulary kept on the shelf of one's own, without what is a student's. */
@RestController
class BundleApi {
    record BundleView(long vocabulary, String name, int boards) {
    }

    /** What would be kept. @param stays how many pictures and voices would stay, as they are a student's */
    record BundleLook(int boards, int words, int stays) {
    }

    /** @param boards none for all @param withAll true if all comes that they open */
    record Bundling(List<String> boards, boolean withAll, String name) {
        Bundling {
            Unacceptable.ifMissing(boards, name);
        }
    }

    private final VocabularyStore store;
    private final Sources sources;
    private final Supplier<String> ids;
    private final Clock clock;

    BundleApi(VocabularyStore store, Sources sources, Supplier<String> ids, Clock clock) {
        this.store = store;
        this.sources = sources;
        this.ids = ids;
        this.clock = clock;
    }

    @For(Act.TAKE)
    @GetMapping("/api/vocabularies/{vocabulary}/bundles/look")
    BundleLook look(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(defaultValue = "") List<String> boards,
        @RequestParam(defaultValue = "true") boolean withAll) {
        WithoutPictures.Made made = made(account, vocabulary, new Bundling(boards, withAll, "?"));
        return new BundleLook(made.vocabulary().boards().size(), made.vocabulary().boards().values().stream().mapToInt(b -> Gist.of(b).says()).sum(),
            made.left());
    }

    @For(Act.TAKE)
    @PostMapping("/api/vocabularies/{vocabulary}/bundles")
    BundleView keep(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Bundling bundling) {
        Vocabulary bundle = made(account, vocabulary, bundling).vocabulary().withName(bundling.name);
        String from = store.there(vocabulary).vocabulary().name();
        long id = store.bundle(bundle, account.id(), clock.instant(), Told.of("bundled", "from", from));
        return new BundleView(id, bundle.name(), bundle.boards().size());
    }

    private WithoutPictures.Made made(Account account, long vocabulary, Bundling bundling) {
        VocabularyStore.Kept kept = sources.from(account, vocabulary);
        return sources.onShelf(account, kept, there -> Bundle.of(there,
            bundling.boards.isEmpty() ? List.copyOf(there.boards().keySet()) : bundling.boards, bundling.withAll, bundling.name, ids));
    }
}
