package org.dwimble.server.reach;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.dwimble.core.access.ScanCost;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.grant.Act;
import org.dwimble.core.reach.Reach;
import org.dwimble.core.student.Student;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.board.VocabularyView;
import org.dwimble.server.grant.For;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What it costs to say words. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}")
class ReachApi {
    private static final int COSTLY_LISTED = 12;

    record CostView(String button, Cell cell, int taps, double travelMm, @Nullable ScanCost scanned) {
    }

    record CostlyWord(String board, String name, Cell cell, String label, int taps, double travelMm, @Nullable ScanCost scanned) {
    }

    /**
     * @param here      what each button of the board costs
     * @param costliest of the whole vocabulary
     * @param average   what a word costs by scanning; null if nothing is scanned
     */
    record ReachView(List<CostView> here, List<CostlyWord> costliest, @Nullable ScanCost average) {
    }

    private final VocabularyStore store;
    private final StudentStore students;

    ReachApi(VocabularyStore store, StudentStore students) {
        this.store = store;
        this.students = students;
    }

    /** What it costs to say the words of a board, and which words of the vocabulary cost most. */
    @For(Act.LOOK)
    @GetMapping("/boards/{board}/reach")
    ReachView reach(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String board) {
        VocabularyStore.Kept kept = kept(account, vocabulary);
        Board on = kept.vocabulary().board(board).orElseThrow(() -> Problem.notFound("board"));
        Student student = Optional.ofNullable(kept.student()).flatMap(students::find).orElse(null);
        Reach reach = new Reach(kept.vocabulary(), kept.overview().routes(), VocabularyView.screen(student),
            student == null ? null : student.access().scanning(), b -> !kept.overview().revealed().shows(b));
        Map<String, Reach.Cost> costs = reach.on(on);
        List<CostView> here = new ArrayList<>();
        on.buttons().forEach(b -> {
            Reach.Cost cost = costs.get(b.id());
            if (cost != null) {
                here.add(new CostView(b.id(), b.cell(), cost.taps(), cost.travelMm(), cost.scanned()));
            }
        });
        return new ReachView(here, reach.costliest(COSTLY_LISTED).stream()
            .map(w -> new CostlyWord(w.board(), w.name(), w.button().cell(), w.button().label(), w.cost().taps(), w.cost().travelMm(), w.cost().scanned()))
            .toList(), reach.average());
    }

    private VocabularyStore.Kept kept(Account account, long vocabulary) {
        return store.there(vocabulary);
    }
}
