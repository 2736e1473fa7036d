package org.dwimble.server.board;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Edit;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Unacceptable;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Credits;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.picture.WordChoices;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.Access;
import org.dwimble.server.student.Role;
import org.dwimble.server.student.Student;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Opening a vocabulary and changing it. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class VocabularyApi {
    private static final int VERSIONS_LISTED = 100;

    record EditRequest(int base, Edit edit) {
    }

    /**
     * Words to put on a board, as typed or as chosen.
     *
     * @param picture chosen for the first typed word; none to take the best found
     * @param chosen  words with their pictures, instead of a text
     */
    record WordsRequest(int base, String board, @Nullable Cell from, @Nullable String text, @Nullable String picture, @Nullable List<ChosenWord> chosen) {
        List<WordLine.Entry> entries() {
            if (chosen != null) {
                return chosen.stream().map(c -> new WordLine.Entry(c.word, c.word, c.picture)).toList();
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

    record StepRequest(int base) {
    }

    /** @param boards those that changed, as they are now; @param added ids of boards and buttons that are new */
    record Changed(VocabularyView vocabulary, List<Board> boards, List<String> added) {
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final Access access;
    private final Pictures pictures;
    private final WordChoices choices;
    private final Supplier<String> ids;
    private final Clock clock;

    VocabularyApi(VocabularyStore store, StudentStore students, Access access, Pictures pictures, WordChoices choices, Supplier<String> ids, Clock clock) {
        this.store = store;
        this.students = students;
        this.access = access;
        this.pictures = pictures;
        this.choices = choices;
        this.ids = ids;
        this.clock = clock;
    }

    @GetMapping
    VocabularyView vocabulary(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        Role role = access.toVocabulary(vocabulary, account);
        return view(kept(vocabulary), role);
    }

    /** Every board with its buttons: what the talk view needs to go on when the network does not. */
    @GetMapping("/boards")
    List<Board> boards(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        access.toVocabulary(vocabulary, account);
        return List.copyOf(kept(vocabulary).vocabulary().boardsById().values());
    }

    @GetMapping("/boards/{board}")
    Board board(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board) {
        access.toVocabulary(vocabulary, account);
        return kept(vocabulary).vocabulary().board(board).orElseThrow(() -> Problem.notFound("board"));
    }

    /** Whose the pictures are, of all boards or of one. */
    @GetMapping("/credits")
    List<Credits.Use> credits(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable String board) {
        access.toVocabulary(vocabulary, account);
        Vocabulary all = kept(vocabulary).vocabulary();
        return pictures.credits(board == null ? all.boards().values() : List.of(all.board(board).orElseThrow(() -> Problem.notFound("board")))).uses();
    }

    @GetMapping("/versions")
    List<VocabularyStore.Version> versions(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        access.toVocabulary(vocabulary, account);
        return store.versions(vocabulary, VERSIONS_LISTED);
    }

    @PostMapping("/edits")
    Changed edit(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody EditRequest request) {
        access.toChangeVocabulary(vocabulary, account);
        if (request.edit() == null) {
            throw new Unacceptable("There is nothing to change.");
        }
        VocabularyStore.Kept before = kept(vocabulary);
        Changed changed = change(account, vocabulary, request.base(), now -> request.edit());
        if (request.edit() instanceof Edit.ChangeButton edited && before.student() != null) {
            before.vocabulary().board(edited.board()).flatMap(b -> b.button(edited.button().id())).ifPresent(was -> remember(before.student(), was, edited.button()));
        }
        return changed;
    }

    /** A picture or kind chosen for a word is what the word gets for this student from now on. */
    private void remember(String student, Button was, Button now) {
        if (now.picture() != null && now.layers().isEmpty() && !now.picture().equals(was.picture())) {
            choices.choosePicture(student, now.label(), now.picture());
        }
        if (now.kind() != was.kind()) {
            choices.chooseKind(student, now.label(), now.kind());
        }
    }

    @PostMapping("/words")
    Changed words(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody WordsRequest request) {
        access.toChangeVocabulary(vocabulary, account);
        Changed changed = change(account, vocabulary, request.base(), now -> {
            Board board = now.board(request.board()).orElseThrow(() -> new Unacceptable("That board is no longer in this vocabulary. Nothing was changed."));
            Cell from = request.from() == null ? new Cell(0, 0) : request.from();
            return WordLine.put(request.entries(), board, from, WayHome.of(now).keptFree(board), pictures.guesses(account, studentOf(vocabulary)), ids);
        });
        String student = studentOf(vocabulary);
        if (student != null && request.picture() != null) {
            request.entries().stream().limit(1).forEach(e -> choices.choosePicture(student, e.pictureWord(), request.picture()));
        }
        return changed;
    }

    /** A new board with its way home and back where its siblings have them, opened by a button if one is named. */
    @PostMapping("/boards")
    Changed addBoard(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody NewBoardRequest request) {
        access.toChangeVocabulary(vocabulary, account);
        return change(account, vocabulary, request.base(), now -> {
            Board added = WayHome.newBoard(ids.get(), request.name(), now, ids);
            List<Edit> edits = new ArrayList<>(List.of(new Edit.AddBoard(added)));
            if (request.openedFrom() != null && request.openedBy() != null) {
                Button opener = now.board(request.openedFrom()).flatMap(b -> b.button(request.openedBy()))
                    .orElseThrow(() -> new Unacceptable("The button that was to open the new board is gone. Nothing was changed."));
                edits.add(new Edit.ChangeButton(request.openedFrom(), opener.withLeads(new Leads.Opens(added.id()))));
            }
            if (request.chosen() != null && !request.chosen().isEmpty()) {
                List<WordLine.Entry> entries = request.chosen().stream().map(c -> new WordLine.Entry(c.word, c.word, c.picture)).toList();
                edits.addAll(WordLine.put(entries, added, new Cell(0, 0), List.of(), pictures.guesses(account, studentOf(vocabulary)), ids).edits());
            }
            return new Edit.Several(edits);
        });
    }

    @PostMapping("/undo")
    Changed undo(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody StepRequest request) {
        access.toChangeVocabulary(vocabulary, account);
        VocabularyStore.Kept before = kept(vocabulary);
        return changed(before, store.undo(vocabulary, request.base()), account);
    }

    @PostMapping("/redo")
    Changed redo(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody StepRequest request) {
        access.toChangeVocabulary(vocabulary, account);
        VocabularyStore.Kept before = kept(vocabulary);
        return changed(before, store.redo(vocabulary, request.base()), account);
    }

    private Changed change(Account account, long vocabulary, int base, VocabularyStore.EditMaker maker) {
        VocabularyStore.Kept before = kept(vocabulary);
        try {
            Set<String> put = new LinkedHashSet<>();
            VocabularyStore.Kept after = store.edit(vocabulary, base, now -> {
                Edit edit = maker.on(now);
                put.addAll(mayUse(edit.pictures(), now, account, before.student()));
                return edit;
            }, account.id(), clock.instant());
            if (before.student() != null) {
                choices.used(before.student(), List.copyOf(put), clock.instant());
            }
            return changed(before, after, account);
        } catch (VocabularyStore.Conflict conflict) {
            throw refusal(conflict);
        }
    }

    /** Those of the pictures that the vocabulary did not have; own ones only if this account may use them for this student. */
    private Set<String> mayUse(Set<String> wanted, Vocabulary now, Account account, @Nullable String student) {
        Set<String> fresh = new LinkedHashSet<>(wanted);
        now.boards().values().forEach(board -> board.buttons().forEach(button -> fresh.removeAll(button.pictures())));
        for (String id : fresh) {
            if (id.startsWith("own/") && pictures.byId(id, pictures.may(account, student)).isEmpty()) {
                throw new Unacceptable("One of these pictures is not there any more, or is not yours to use for this student. Nothing was changed; choose another picture.");
            }
        }
        return fresh;
    }

    /** Both values, so that a person can choose: "yours" was not kept, "theirs" stands. */
    private static Problem refusal(VocabularyStore.Conflict conflict) {
        Map<String, Object> more = new LinkedHashMap<>();
        more.put("version", conflict.theirs().version());
        String who = Optional.ofNullable(conflict.lastChange().by()).orElse("Somebody");
        String sentence = who + " changed the same thing first (" + conflict.lastChange().summary() + "). Your change was not made and theirs stands; choose which to keep.";
        if (conflict.yours() instanceof Edit.ChangeButton change) {
            more.put("yours", change.button());
            conflict.theirs().vocabulary().board(change.board()).flatMap(b -> b.button(change.button().id())).ifPresent(b -> more.put("theirs", b));
        } else if (conflict.yours() instanceof Edit.TakeOffButton taken) {
            conflict.theirs().vocabulary().board(taken.board()).flatMap(b -> b.button(taken.button())).ifPresent(b -> more.put("theirs", b));
        } else if (conflict.yours() instanceof Edit.PutButton put) {
            more.put("yours", put.button());
            conflict.theirs().vocabulary().board(put.board()).flatMap(b -> b.at(put.button().cell())).ifPresent(b -> more.put("theirs", b));
        }
        return new Problem(HttpStatus.CONFLICT, sentence, more);
    }

    private Changed changed(VocabularyStore.Kept before, VocabularyStore.Kept after, Account account) {
        List<Board> boards = after.vocabulary().boards().values().stream()
            .filter(b -> before.vocabulary().boards().get(b.id()) != b && !b.equals(before.vocabulary().boards().get(b.id()))).toList();
        List<String> added = new ArrayList<>();
        for (Board board : boards) {
            Optional<Board> was = before.vocabulary().board(board.id());
            if (was.isEmpty()) {
                added.add(board.id());
            }
            board.buttons().stream().map(Button::id).filter(id -> was.flatMap(b -> b.button(id)).isEmpty()).forEach(added::add);
        }
        return new Changed(view(after, access.toVocabulary(after.id(), account)), boards, added);
    }

    private @Nullable String studentOf(long vocabulary) {
        return kept(vocabulary).student();
    }

    private VocabularyStore.Kept kept(long vocabulary) {
        return store.find(vocabulary).orElseThrow(() -> Problem.notFound("vocabulary"));
    }

    private VocabularyView view(VocabularyStore.Kept kept, Role role) {
        Student student = kept.student() == null ? null : students.find(kept.student()).orElse(null);
        return VocabularyView.of(kept, student, role, store.steps(kept.id(), kept.version()), ids);
    }
}
