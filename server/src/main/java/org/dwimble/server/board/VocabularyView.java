package org.dwimble.server.board;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.grant.Act;
import org.dwimble.core.look.Colour;
import org.dwimble.core.look.Look;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.reveal.Counts;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.screen.TalkLayout;
import org.dwimble.core.screen.UsualScreen;
import org.dwimble.core.student.Student;
import org.dwimble.server.version.AtVersion;
import org.jspecify.annotations.Nullable;

/**
 * A vocabulary without its buttons: all the bench shows round a board.
 *
 * @param version the version in force, which edits are made against
 * @param may     all that this person may do with it
 * @param art     the part of a picture's address that makes it look as this student wants it
 * @param look    how all boards look; what they say themselves goes before it
 * @param papers  the paper of each kind
 * @param layout  how the student's screen is divided when talking
 */
public record VocabularyView(long id, String name, @Nullable Student student, @Nullable String starter, Set<Act> may, int version,
    String home, String locale, Look look, Map<Kind, Colour> papers, PlanView plan,
    List<BoardLine> boards, Counts counts, Layout layout, String art) {

    /**
     * @param revision names what the board now holds: the same number is the same content, for ever
     * @param keptFree empty cells best left so, because other boards have back or home there
     * @param route    the shortest taps from home; null if no tap leads there
     * @param openers  how many boards have a button that opens it
     * @param words    different words it has, and how many of them the student sees
     * @param toMend   true if something on it is worth a look
     */
    public record BoardLine(String id, String name, long revision, int rows, int columns, int buttons, int empty, List<Cell> keptFree,
        @Nullable List<Routes.Tap> route, int openers, int words, int shown,
        boolean toMend, double cellWidthMm, double cellHeightMm, boolean small) {
    }

    /** Shares of the screen: margin of its width, message of its height. */
    public record Layout(double screenWidthMm, double screenHeightMm, double margin, double message) {
    }

    public static VocabularyView of(VocabularyStore.Kept kept, @Nullable Student student, Set<Act> may) {
        return of(kept, student, may, kept.lines(screen(student)).values());
    }

    /** With the lines of those boards only of which something is told otherwise than before. */
    public static VocabularyView changed(VocabularyStore.Kept before, VocabularyStore.Kept after, @Nullable Student student, Set<Act> may) {
        Map<String, BoardLine> were = before.lines(screen(student));
        return of(after, student, may, after.lines(screen(student)).values().stream().filter(line -> {
            BoardLine was = were.get(line.id());
            return line != was && !line.equals(was);
        }).toList());
    }

    private static VocabularyView of(VocabularyStore.Kept kept, @Nullable Student student, Set<Act> may, Collection<BoardLine> lines) {
        Screen screen = screen(student);
        return new VocabularyView(kept.id(), kept.vocabulary().name(), student, kept.starter(), may, kept.version(), kept.vocabulary().home(),
            kept.vocabulary().locale(), kept.vocabulary().whole().look(), kept.vocabulary().whole().papers(), PlanView.of(kept.vocabulary().plan()),
            List.copyOf(lines), kept.counts(),
            new Layout(screen.width().mm(), screen.height().mm(), TalkLayout.MARGIN, TalkLayout.MESSAGE),
            (student == null ? Appearance.USUAL : student.appearance()).slug());
    }

    public static Screen screen(@Nullable Student student) {
        return student == null ? UsualScreen.COMMON.screen() : student.screen();
    }

    static Map<String, BoardLine> lines(AtVersion<Vocabulary> at, Overview overview, Screen screen) {
        Set<String> toMend = toMend(overview.routes());
        Map<String, BoardLine> lines = new LinkedHashMap<>();
        overview.routes().boardsInOrder().forEach(board -> lines.put(board.id(), line(at, board, overview, screen, toMend.contains(board.id()))));
        return lines;
    }

    /** The same after a change, of which only the boards that are other than before are told anew: {@link Overview#tellsBoardsAs}. */
    static Map<String, BoardLine> lines(AtVersion<Vocabulary> at, Overview overview, Screen screen, Map<String, BoardLine> before, Vocabulary was) {
        Map<String, BoardLine> lines = new LinkedHashMap<>();
        before.forEach((id, line) -> {
            Board board = at.content().at(id);
            lines.put(id, board == was.at(id) ? line : line(at, board, overview, screen, line.toMend));
        });
        return lines;
    }

    private static BoardLine line(AtVersion<Vocabulary> at, Board board, Overview overview, Screen screen, boolean toMend) {
        TalkLayout layout = TalkLayout.of(screen, board.shape(), board.look().over(at.content().whole().look()));
        Revealed.Line shown = overview.revealed().line(board);
        return new BoardLine(board.id(), board.name(), at.revisionOf(board.id()), board.rows(), board.columns(), board.buttons().size(),
            board.emptyCells().size(), overview.wayHome().keptFree(board), overview.routes().to(board.id()).orElse(null),
            overview.routes().openersOf(board.id()).size(), shown.words(), shown.shown(), toMend, layout.cellWidth().mm(), layout.cellHeight().mm(),
            layout.small());
    }

    private static Set<String> toMend(Routes routes) {
        Set<String> boards = new HashSet<>();
        routes.looseEnds().forEach(end -> boards.add(end.board()));
        routes.withNoWayOut().forEach(b -> boards.add(b.id()));
        routes.unreachable().forEach(b -> boards.add(b.id()));
        return boards;
    }
}
