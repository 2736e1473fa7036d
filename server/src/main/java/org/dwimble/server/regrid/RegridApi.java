package org.dwimble.server.regrid;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.boards.RegridBoards;
import org.dwimble.core.edit.boards.RegridInSteps;
import org.dwimble.core.edit.plan.Ahead;
import org.dwimble.core.grant.Act;
import org.dwimble.core.regrid.InSteps;
import org.dwimble.core.regrid.Onto;
import org.dwimble.core.regrid.Regrid;
import org.dwimble.core.regrid.Regridded;
import org.dwimble.core.regrid.SecondBoard;
import org.dwimble.core.regrid.Weights;
import org.dwimble.core.regrid.WordTopics;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.Scope;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.board.VocabularyView;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.edit.Learned;
import org.dwimble.server.grant.For;
import org.dwimble.server.library.Library;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.use.SaidOften;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Boards laid on another grid. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/regrid")
class RegridApi {
    /**
     * @param board  the one that is meant
     * @param turned true if the screen is held the other way from then on
     * @param pinned rows that stay together, from 0
     * @param how    null for each as near to its place as can be
     * @param topics that go to boards of their own if not all fit; null for those proposed
     * @param shown  of the boards the one that is told about; null for the one that is meant
     * @param steps  null for all at once
     */
    record Regridding(int base, String board, Scope scope, int rows, int columns, @Nullable Boolean turned, @Nullable List<Integer> pinned,
        Onto.@Nullable How how, @Nullable List<String> topics, @Nullable String shown,
        @Nullable StepsAhead steps) {
        Regridding {
            Unacceptable.ifMissing(board, scope, pinned == null ? List.of() : pinned, topics == null ? List.of() : topics);
        }

        Onto onto(Screen screen) {
            return new Onto(new Shape(rows, columns), screen, Boolean.TRUE.equals(turned) ? screen.turned() : screen,
                new HashSet<>(pinned == null ? List.of() : pinned), how == null ? Onto.How.NEAREST : how, topics);
        }

        List<String> boards(Vocabulary now) {
            return scope.of(now, board);
        }
    }

    /** @param most so many words move at a step */
    record StepsAhead(int most, Ahead ahead) {
        StepsAhead {
            Unacceptable.ifMissing(ahead);
        }
    }

    private final VocabularyStore store;
    private final Editing editing;
    private final SaidOften said;
    private final Library library;
    private final Pictures pictures;
    private final StudentStore students;

    RegridApi(VocabularyStore store, Editing editing, SaidOften said, Library library, Pictures pictures, StudentStore students) {
        this.store = store;
        this.editing = editing;
        this.said = said;
        this.library = library;
        this.pictures = pictures;
        this.students = students;
    }

    /** What it would be; nothing is kept. */
    @For(Act.CHANGE)
    @PostMapping("/preview")
    @Bounded("REQUEST_BYTES")
    RegridView preview(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Regridding regridding) {
        Vocabulary now = store.there(vocabulary).vocabulary();
        Onto onto = regridding.onto(screen(vocabulary));
        Weights weights = weights(account, vocabulary);
        WordTopics topics = topics(account, vocabulary);
        List<String> boards = regridding.boards(now);
        Regridded done = regridded(now, boards, onto, weights, topics);
        List<RegridView.RegridWay> ways = new ArrayList<>(List.of(RegridView.way(onto.how(), done)));
        Onto.How other = onto.how() == Onto.How.NEAREST ? Onto.How.SAME_CELLS : Onto.How.NEAREST;
        if (other == Onto.How.NEAREST || onto.from().equals(onto.to()) && boards.stream().allMatch(b -> onto.holds(now.at(b).shape()))) {
            ways.add(RegridView.way(other, regridded(now, boards, onto.with(other), weights, topics)));
        }
        String shown = regridding.shown != null && boards.contains(regridding.shown) ? regridding.shown : boards.get(0);
        return new RegridView(done.boards().stream().map(RegridView::line).toList(), done.boards().stream().filter(b -> b.before().id().equals(shown))
            .map(b -> RegridView.RegridBoard.of(b, weights)).findFirst().orElseThrow(), ways,
            RegridView.SecondView.of(SecondBoard.of(now, now.at(regridding.board))), !weights.said().isEmpty(),
            regridding.steps == null ? null : stepped(regridding, now, done, onto, weights));
    }

    private static List<RegridView.RegridStep> stepped(Regridding regridding, Vocabulary now, Regridded done, Onto onto,
        Weights weights) {
        return InSteps.of(now, done, onto, held(regridding).most, weights).steps().stream().map(RegridView.RegridStep::of).toList();
    }

    /** A screen is turned once. */
    private static StepsAhead held(Regridding regridding) {
        if (Boolean.TRUE.equals(regridding.turned)) {
            throw new Unacceptable("regrid-steps-turned");
        }
        return Objects.requireNonNull(regridding.steps);
    }

    private Regridded regridded(Vocabulary now, List<String> boards, Onto onto, Weights weights, WordTopics topics) {
        AtomicInteger ids = new AtomicInteger();
        return Regrid.of(now, boards, onto, weights, topics, () -> "new-" + ids.incrementAndGet());
    }

    /** Lays them so, all at once or as steps of the plan; where the screen is turned for it, it is known to be held so from then on. */
    @For(Act.CHANGE)
    @PostMapping
    @Bounded("REQUEST_BYTES")
    Editing.Changed regrid(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Regridding regridding,
        @RequestParam(required = false) @Nullable Boolean sure, @RequestParam(required = false) @Nullable String reason) {
        Vocabulary now = store.there(vocabulary).vocabulary();
        RegridBoards boards = new RegridBoards(regridding.boards(now), regridding.onto(screen(vocabulary)), weights(account, vocabulary),
            topics(account, vocabulary));
        Intention intention = regridding.steps == null ? boards : new RegridInSteps(boards, held(regridding).most, regridding.steps.ahead);
        Editing.Changed changed = editing.edit(account, vocabulary, regridding.base, intention, List.of(), null, Learned.Answer.of(sure, reason));
        Student student = editing.student(vocabulary);
        if (Boolean.TRUE.equals(regridding.turned) && student != null) {
            students.change(student.withScreen(student.screen().turned()), student);
        }
        return changed;
    }

    private Screen screen(long vocabulary) {
        return VocabularyView.screen(editing.student(vocabulary));
    }

    private WordTopics topics(Account account, long vocabulary) {
        return new KnownTopics(library, pictures.guesses(account, store.there(vocabulary).student()));
    }

    private Weights weights(Account account, long vocabulary) {
        return new Weights(said.of(account, editing.student(vocabulary)));
    }
}
