package org.dwimble.server.first;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.whole.StepUp;
import org.dwimble.core.grant.Act;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.edit.Learned;
import org.dwimble.server.grant.For;
import org.dwimble.server.limit.Bounded;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The step from first boards to a starter, each word kept as the same word. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/step-up")
class StepUpApi {

    /**
     * What the step to one starter would do.
     *
     * @param home   of the starter
     * @param moved  the words that go to where it has them
     * @param stays  the words that keep their places
     * @param opened what home gets to open their boards by; empty if none stays
     */
    record StepUpView(String starter, String name, String about, int rows, int columns, BoardView home, List<StepUp.GoesTo> moved, List<String> stays,
        String opened) {
    }

    /** @param needsReason true if the student’s places are kept */
    record StepsUp(List<StepUpView> steps, boolean needsReason) {
    }

    /** @param reason why words may move, where places are kept */
    record StepTo(int base, String starter, @Nullable String reason) {
        StepTo {
            Unacceptable.ifMissing(starter);
        }
    }

    private final VocabularyStore store;
    private final Editing editing;

    StepUpApi(VocabularyStore store, Editing editing) {
        this.store = store;
        this.editing = editing;
    }

    @For(Act.CHANGE)
    @GetMapping
    StepsUp steps(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        Vocabulary now = store.there(vocabulary).vocabulary();
        Student student = editing.student(vocabulary);
        return new StepsUp(store.starters().stream().map(starter -> step(starter, now)).toList(), student != null && student.placesKept());
    }

    private static StepUpView step(VocabularyStore.Kept starter, Vocabulary now) {
        AtomicInteger ids = new AtomicInteger();
        StepUp.Report report = StepUp.report(new StepUp(starter.vocabulary()).on(now, () -> "new-" + ids.incrementAndGet()));
        Vocabulary onto = starter.vocabulary();
        return new StepUpView(String.valueOf(starter.starter()), onto.name(), String.valueOf(starter.about()), onto.homeBoard().rows(),
            onto.homeBoard().columns(), BoardView.of(onto.homeBoard()), report.moved(), report.stays(), report.opened());
    }

    /** Makes the step. What moves was shown before. */
    @For(Act.CHANGE)
    @PostMapping
    @Bounded("REQUEST_BYTES")
    Editing.Changed stepUp(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody StepTo to) {
        Vocabulary onto = store.starters().stream().filter(s -> to.starter.equals(s.starter())).findFirst()
            .orElseThrow(() -> new Unacceptable("no-such-starter")).vocabulary();
        return editing.edit(account, vocabulary, to.base, new StepUp(onto), List.of(), null, new Learned.Answer(true, to.reason, false));
    }
}
