package org.dwimble.server.people;

import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.board.Cell;
import org.dwimble.core.edit.people.AddPeople;
import org.dwimble.core.edit.people.Folk;
import org.dwimble.core.grant.Act;
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

/** The people a student talks about: where they stand, and where somebody would go. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class FolkApi {
    /** Where somebody would go. @param beside the general word there; none if it stands nowhere */
    record PersonPlace(String board, String name, Cell cell, @Nullable String beside) {
    }

    /** @param boardName of the board of their own; @param there true if there is one */
    record FolkView(Folk kind, List<String> words, String boardName, boolean there) {
    }

    private final VocabularyStore store;

    FolkApi(VocabularyStore store) {
        this.store = store;
    }

    /** Where somebody would go for whom this is the general word; none if no board for people has room. */
    @For(Act.LOOK)
    @GetMapping("/place-for-person")
    List<PersonPlace> placeForPerson(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(defaultValue = "") String general,
        @RequestParam(required = false) @Nullable Folk own) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        return AddPeople.place(kept.vocabulary(), kept.overview().routes(), kept.overview().wayHome(), general, own)
            .map(p -> new PersonPlace(p.board(), kept.vocabulary().at(p.board()).name(), p.cell(), p.beside())).stream().toList();
    }

    /** The kinds of people around a student, and whether they have a board of their own here. */
    @For(Act.LOOK)
    @GetMapping("/folk")
    List<FolkView> folk(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        return Stream.of(Folk.values())
            .map(f -> new FolkView(f, f.words(), f.board(), f.boardIn(kept.vocabulary(), kept.overview().routes()).isPresent())).toList();
    }

    private VocabularyStore.Kept kept(Account account, long vocabulary) {
        return store.there(vocabulary);
    }
}
