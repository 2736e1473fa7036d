package org.dwimble.server.bringin;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.dwimble.core.edit.Facet;
import org.dwimble.core.edit.words.Newer;
import org.dwimble.core.edit.words.TakeNewer;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.limit.Bounded;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is newer where words were brought from, and taking it over. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/newer")
class NewerApi {
    /** A vocabulary in which something is newer. */
    record NewerSource(long vocabulary, String name, int changed, int added) {
    }

    /**
     * @param board   id of the board here
     * @param facets  what it is other in there
     * @param tooHere those of them that were changed here too
     */
    record NewerWord(String board, String boardName, BoardView.ButtonView here, BoardView.ButtonView there, List<String> facets, List<String> tooHere) {
    }

    /** @param board id of the board here it would come to */
    record NewWord(String board, String boardName, BoardView.ButtonView there) {
    }

    record GoneWord(String boardName, String label) {
    }

    /** @param version of what the words come from, as it was seen */
    record NewerView(long vocabulary, String name, int version, List<NewerWord> changed, List<NewWord> added, List<GoneWord> gone) {
    }

    /**
     * @param seen    the version of what the words come from in which it was seen what is newer
     * @param words   ids of buttons here
     * @param added   ids of buttons there
     * @param settled true if the rest is right as it is here
     */
    record Taking(int base, int seen, List<String> words, List<String> added, boolean settled) {
        Taking {
            Unacceptable.ifMissing(words, added);
        }
    }

    private final VocabularyStore store;
    private final Sources sources;
    private final Rights rights;
    private final Editing editing;

    NewerApi(VocabularyStore store, Sources sources, Rights rights, Editing editing) {
        this.store = store;
        this.sources = sources;
        this.rights = rights;
        this.editing = editing;
    }

    /** Where something is newer, of the vocabularies one may take from. */
    @For(Act.CHANGE)
    @GetMapping
    List<NewerSource> newer(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        VocabularyStore.Kept to = store.there(vocabulary);
        return new TreeSet<>(Newer.sources(to.vocabulary())).stream().map(Long::valueOf).filter(id -> rights.may(account, Act.TAKE, Thing.vocabulary(id)))
            .flatMap(id -> told(account, store.there(id), to).stream()).toList();
    }

    private Optional<NewerSource> told(Account account, VocabularyStore.Kept from, VocabularyStore.Kept to) {
        Newer newer = Newer.of(source(account, from, to), to.vocabulary());
        return newer.isNothing() ? Optional.empty()
            : Optional.of(new NewerSource(from.id(), from.vocabulary().name(), newer.changed().size(), newer.added().size()));
    }

    /** Word by word, as each is here and as it is there. */
    @For(Act.CHANGE)
    @GetMapping("/{from}")
    NewerView words(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable long from) {
        VocabularyStore.Kept there = sources.from(account, from);
        VocabularyStore.Kept to = store.there(vocabulary);
        Newer newer = Newer.of(source(account, there, to), to.vocabulary());
        return new NewerView(from, there.vocabulary().name(), there.version(),
            newer.changed().stream().map(c -> new NewerWord(c.board().id(), c.board().name(), BoardView.ButtonView.of(c.here()),
                BoardView.ButtonView.of(c.there()), names(c.changed()), names(c.tooHere()))).toList(),
            newer.added().stream().map(a -> new NewWord(a.board().id(), a.board().name(), BoardView.ButtonView.of(a.button()))).toList(),
            newer.gone().stream().map(g -> new GoneWord(g.board().name(), g.here().called())).toList());
    }

    private static List<String> names(List<Facet<?>> facets) {
        return facets.stream().map(Facet::name).toList();
    }

    /** Takes over what was chosen, as one change. */
    @For(Act.CHANGE)
    @PostMapping("/{from}")
    @Bounded("REQUEST_BYTES")
    Editing.Changed take(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable long from, @RequestBody Taking taking) {
        VocabularyStore.Kept there = sources.from(account, from);
        if (there.version() != taking.seen) {
            throw new Unacceptable("bring-source-changed", "vocabulary", there.vocabulary().name());
        }
        TakeNewer take = new TakeNewer(source(account, there, store.there(vocabulary)), Set.copyOf(taking.words), Set.copyOf(taking.added), taking.settled);
        return editing.edit(account, vocabulary, taking.base, take, null);
    }

    private Newer.Source source(Account account, VocabularyStore.Kept from, VocabularyStore.Kept to) {
        return new Newer.Source(String.valueOf(from.id()), from.version(), sources.comes(account, from, to, false).vocabulary(),
            version -> sources.then(from, version));
    }
}
