package org.dwimble.server.reveal;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.plan.GoToStep;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.plan.Hold;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.dayword.OwnDays;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the student sees, and what is kept back. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class RevealApi {
    /**
     * @param kept            what keeps each button back that is not shown, by its id
     * @param leadsNowhereYet ids of buttons that say something, and would open boards that show nothing yet
     */
    record RevealedView(Map<String, Revealed.Kept> kept, Set<String> leadsNowhereYet) {
    }

    /** @param number of the step, from 1 */
    record TriedStep(int number, String name, List<BoardView> boards, RevealedView revealed) {
    }

    /**
     * @param reason none if it is for the team's owner and editors alone, or if nobody gave one
     * @param past   true if it was meant to have ended before today
     * @param left   the year somebody left, if it is a person who did
     */
    record HeldView(String board, String name, String button, Cell cell, String label, @Nullable String picture, @Nullable String reason, boolean fact,
        @Nullable LocalDate until, boolean past, @Nullable String by, @Nullable LocalDate since, @Nullable Integer left) {
        static HeldView of(Board board, Button b, boolean knows, LocalDate today) {
            Hold hold = Objects.requireNonNull(b.shown().hold());
            String reason = hold.reason().isEmpty() || hold.fact() && !knows ? null : hold.reason();
            return new HeldView(board.id(), board.name(), b.id(), b.cell(), b.called(), b.picture(), reason,
                hold.fact() && knows, hold.until(), hold.pastOn(today), hold.by(), hold.since(), b.shown().left());
        }
    }

    private final VocabularyStore store;
    private final Rights rights;
    private final OwnDays days;
    private final Clock clock;

    RevealApi(VocabularyStore store, Rights rights, OwnDays days, Clock clock) {
        this.store = store;
        this.rights = rights;
        this.days = days;
        this.clock = clock;
    }

    /** What the student does not see, of all boards. */
    @For(Act.SEE)
    @GetMapping("/revealed")
    RevealedView revealed(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        Revealed revealed = store.there(vocabulary).overview().revealed();
        return new RevealedView(revealed.kept(), revealed.leadsNowhereYet());
    }

    /** The boards as they would be if the student were at a step; nothing is kept. */
    @For(Act.CHANGE)
    @GetMapping("/steps/{step}/tried")
    TriedStep tried(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String step) {
        Vocabulary now = store.there(vocabulary).vocabulary();
        boolean there = now.plan().now().filter(s -> s.id().equals(step)).isPresent();
        Vocabulary tried = there ? now : new GoToStep(step, null).on(now, () -> "none").after();
        Revealed revealed = Revealed.of(tried);
        return new TriedStep(now.plan().numberOf(step), now.plan().step(step).name(), tried.boards().values().stream().map(BoardView::of).toList(),
            new RevealedView(revealed.kept(), revealed.leadsNowhereYet()));
    }

    /** Every held word: those past their day first, then those held longest. */
    @For(Act.LOOK)
    @GetMapping("/held")
    List<HeldView> held(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        boolean knows = rights.may(account, Act.KNOW, Thing.vocabulary(vocabulary));
        VocabularyStore.Kept kept = store.there(vocabulary);
        LocalDate today = days.today(kept.student(), clock.instant());
        List<HeldView> held = new ArrayList<>();
        kept.vocabulary().boards().values().forEach(board -> board.buttons().stream().filter(Button::hidden)
            .forEach(b -> held.add(HeldView.of(board, b, knows, today))));
        held.sort(Comparator.comparing((HeldView h) -> !h.past).thenComparing(HeldView::since, Comparator.nullsLast(Comparator.naturalOrder())));
        return held;
    }

    /** The words of a step, each once, so that another student's can be the same. @param step none for those that wait for no step */
    @For(Act.LOOK)
    @GetMapping("/step-words")
    List<String> stepWords(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable String step) {
        return store.there(vocabulary).vocabulary().boards().values().stream().flatMap(b -> b.buttons().stream())
            .filter(b -> !b.isWay() && !b.label().isEmpty() && (step == null ? b.shown().step() == null && !b.onlyOpens()
                : step.equals(b.shown().step())))
            .map(Button::label).distinct().toList();
    }
}
