package org.dwimble.server.board;

import java.util.List;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Counts;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.route.Finding;
import org.dwimble.core.route.Mending;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.sheet.Screen;
import org.dwimble.core.sheet.TalkLayout;
import org.dwimble.core.sheet.UsualScreen;
import org.dwimble.server.student.Role;
import org.dwimble.server.student.Student;
import org.jspecify.annotations.Nullable;

/**
 * A vocabulary without its buttons: all the bench shows round a board.
 *
 * @param version  the version in force, which edits are made against
 * @param findings what is worth a look, with ways to mend it
 * @param art      the part of a picture's address that makes it look as this student wants it
 * @param layout   how the student's screen is divided when talking
 */
record VocabularyView(long id, String name, @Nullable Student student, @Nullable String starter, Role role, int version, VocabularyStore.Steps steps,
                      String home, String locale, List<BoardLine> boards, List<Finding> findings, Counts counts, Layout layout, String art) {

    /**
     * @param keptFree empty cells best left so, because other boards have back or home there
     * @param route the shortest taps from home; null if no tap leads there
     * @param openers how many boards have a button that opens it
     */
    record BoardLine(String id, String name, int rows, int columns, int buttons, int empty, List<Cell> keptFree, @Nullable List<Routes.Tap> route, int openers,
                     double cellWidthMm, double cellHeightMm, boolean small) {
    }

    /** Shares of the screen: margin and gap of its width, message of its height. */
    record Layout(double screenWidthMm, double screenHeightMm, double margin, double gap, double message) {
    }

    static VocabularyView of(VocabularyStore.Kept kept, @Nullable Student student, Role role, VocabularyStore.Steps steps, Supplier<String> ids) {
        Vocabulary vocabulary = kept.vocabulary();
        Routes routes = Routes.of(vocabulary);
        WayHome wayHome = WayHome.of(vocabulary);
        Screen screen = student == null ? UsualScreen.COMMON.screen() : student.screen();
        List<BoardLine> lines = routes.boardsInOrder().stream().map(board -> line(board, wayHome, routes, screen)).toList();
        return new VocabularyView(kept.id(), vocabulary.name(), student, kept.starter(), role, kept.version(), steps, vocabulary.home(), vocabulary.locale(),
            lines, Mending.of(vocabulary, routes, ids), Counts.of(vocabulary),
            new Layout(screen.width().mm(), screen.height().mm(), TalkLayout.MARGIN, TalkLayout.GAP, TalkLayout.MESSAGE),
            (student == null ? Appearance.USUAL : student.appearance()).slug());
    }

    private static BoardLine line(Board board, WayHome wayHome, Routes routes, Screen screen) {
        TalkLayout layout = new TalkLayout(screen, board.rows(), board.columns());
        return new BoardLine(board.id(), board.name(), board.rows(), board.columns(), board.buttons().size(), board.emptyCells().size(), wayHome.keptFree(board),
            routes.to(board.id()).orElse(null), routes.openersOf(board.id()).size(), layout.cellWidth().mm(), layout.cellHeight().mm(), layout.small());
    }
}
