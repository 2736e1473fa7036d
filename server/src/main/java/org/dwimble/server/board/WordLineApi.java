package org.dwimble.server.board;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Cell;
import org.dwimble.core.edit.NewBoard;
import org.dwimble.core.edit.PutWords;
import org.dwimble.core.edit.ReadyWord;
import org.dwimble.core.wordline.Choice;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Words typed or chosen become buttons, on a board that is there or on a new one. Pictures are found before anything is locked. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class WordLineApi {
    /**
     * Words to put on a board, as typed or as chosen.
     *
     * @param from    the cell promised for the first word; none for the first empty one
     * @param picture chosen for the first typed word; none to take the best found
     * @param chosen  words with their pictures, instead of a text
     */
    record WordsRequest(int base, String board, @Nullable Cell from, @Nullable String text, @Nullable String picture, @Nullable List<ChosenWord> chosen) {
        List<WordLine.Entry> entries() {
            if (chosen != null) {
                return entriesOf(chosen);
            }
            List<WordLine.Entry> typed = new ArrayList<>(WordLine.read(text == null ? "" : text));
            if (picture != null && !typed.isEmpty()) {
                typed.set(0, new WordLine.Entry(typed.get(0).pictureWord(), typed.get(0).label(), picture));
            }
            return typed;
        }
    }

    record ChosenWord(String word, String picture) {
    }

    /** @param chosen words the new board begins with; its grid is that of its siblings */
    record NewBoardRequest(int base, String name, @Nullable String openedFrom, @Nullable String openedBy, @Nullable List<ChosenWord> chosen) {
    }

    private final Editing editing;

    WordLineApi(Editing editing) {
        this.editing = editing;
    }

    private static List<WordLine.Entry> entriesOf(List<ChosenWord> chosen) {
        return chosen.stream().map(c -> new WordLine.Entry(c.word, c.word, c.picture)).toList();
    }

    @PostMapping("/words")
    Editing.Changed words(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody WordsRequest request) {
        List<WordLine.Entry> entries = request.entries();
        List<ReadyWord> ready = editing.ready(account, vocabulary, entries);
        List<Choice> choices = request.picture() == null ? List.of() : List.of(Choice.ofPicture(entries.get(0).pictureWord(), request.picture()));
        return editing.edit(account, vocabulary, request.base(), new PutWords(request.board(), request.from(), ready), choices);
    }

    /** A new board with its way home and back where its siblings have them, opened by a button if one is named. */
    @PostMapping("/boards")
    Editing.Changed addBoard(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody NewBoardRequest request) {
        List<ReadyWord> ready = request.chosen() == null || request.chosen().isEmpty() ? List.of()
            : editing.ready(account, vocabulary, entriesOf(request.chosen()));
        return editing.edit(account, vocabulary, request.base(), new NewBoard(request.name(), request.openedFrom(), request.openedBy(), ready));
    }
}
