package org.dwimble.server.screen;

import java.util.ArrayList;
import java.util.List;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.grant.Act;
import org.dwimble.core.measure.Length;
import org.dwimble.core.screen.CellSizes;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How large cells are on a student's screen, or on another. */
@RestController
class SizesApi {
    /** What a line is of. */
    enum Of {
        VOCABULARY, STARTER, GRID
    }

    /**
     * @param name  of the vocabulary or starter, of whose home board it is told; null for a grid alone
     * @param small true if many hands miss it
     * @param suits whether it is as large as this student's hand needs; null if that was not found out
     */
    record GridSize(Of of, @Nullable String name, int rows, int columns, double widthMm, double heightMm, boolean small, @Nullable Boolean suits) {
    }

    /** @param hand null if nothing was found right for it */
    record SizesView(Screen screen, @Nullable Hand hand, List<GridSize> lines) {
    }

    /**
     * A screen, by its sides; by its diagonal in inches and its dots; or by its dots and how many a bank card held against it is wide. None of them: the
     * student's own.
     */
    record Measured(@Nullable Long width, @Nullable Long height, @Nullable Double diagonal, @Nullable Double card, @Nullable Integer across,
        @Nullable Integer down) {
        Screen or(Screen own) {
            if (width != null && height != null) {
                return new Screen(new Length(width), new Length(height));
            }
            if (across == null || down == null) {
                return own;
            }
            if (across < 1 || down < 1 || diagonal != null && !(diagonal > 0) || card != null && !(card > 0)) {
                throw new Unacceptable("screen-dots");
            }
            return diagonal != null ? Screen.ofDiagonal(diagonal, across, down) : card != null ? Screen.besideCard(card, across, down) : own;
        }
    }

    private final StudentStore students;
    private final VocabularyStore store;

    SizesApi(StudentStore students, VocabularyStore store) {
        this.students = students;
        this.store = store;
    }

    /** This student's vocabularies first, then the starters, then usual grids from large cells to small. */
    @For(Act.LOOK)
    @GetMapping("/api/students/{student}/sizes")
    SizesView sizes(@AuthenticationPrincipal Account account, @PathVariable String student, @RequestParam(required = false) @Nullable Long width,
        @RequestParam(required = false) @Nullable Long height, @RequestParam(required = false) @Nullable Double diagonal,
        @RequestParam(required = false) @Nullable Double card, @RequestParam(required = false) @Nullable Integer across,
        @RequestParam(required = false) @Nullable Integer down) {
        Student who = students.find(student).orElseThrow(() -> Problem.notFound("student"));
        Screen screen = new Measured(width, height, diagonal, card, across, down).or(who.screen());
        List<GridSize> lines = new ArrayList<>();
        store.ofStudent(student).forEach(v -> lines.add(line(Of.VOCABULARY, store.there(v.id()).vocabulary(), screen, who.hand())));
        store.starters().forEach(s -> lines.add(line(Of.STARTER, s.vocabulary(), screen, who.hand())));
        CellSizes.usual(screen).forEach(g -> lines.add(line(Of.GRID, null, new TalkLayout(screen, g.rows(), g.columns()), who.hand())));
        return new SizesView(screen, who.hand(), lines);
    }

    private static GridSize line(Of of, Vocabulary vocabulary, Screen screen, @Nullable Hand hand) {
        Board home = vocabulary.homeBoard();
        return line(of, vocabulary.name(), TalkLayout.of(screen, home.shape(), home.look().over(vocabulary.whole().look())), hand);
    }

    private static GridSize line(Of of, @Nullable String name, TalkLayout layout, @Nullable Hand hand) {
        CellSizes.Size size = CellSizes.of(layout);
        return new GridSize(of, name, layout.shape().rows(), layout.shape().columns(), size.width().mm(), size.height().mm(), size.small(),
            hand == null ? null : size.suits(hand));
    }
}
