package org.dwimble.server.bringin;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.bringin.Likely;
import org.dwimble.core.bringin.WayOut;
import org.dwimble.server.board.BoardView;
import org.jspecify.annotations.Nullable;

/**
 * What would come, before anything happens.
 *
 * @param boards      those that come, and those that are here already, the nearest first
 * @param words       how many words come
 * @param apart       how many of them no other that comes opens: several get a board of their own
 * @param loose       buttons that would lead nowhere, board by board
 * @param looseBefore buttons that lead nowhere there already
 * @param elsewhere   buttons that open another vocabulary there, and only speak here
 * @param stays       pictures and voices that stay behind
 * @param otherGrids  boards that come by their grid, where it is not that of the board they are opened from
 * @param kept        words here that keep place and route
 * @param moved       those that would not
 * @param refusal     why it cannot be brought so; null if it can
 */
record ArrivalView(List<ArrivingBoard> boards, int words, int apart, List<LooseButton> loose, List<EndedButton> looseBefore, List<EndedButton> elsewhere,
    List<StaysBehind> stays, List<ArrivingGrid> otherGrids,
    int kept, int moved, @Nullable String refusal) {

    /**
     * @param by     name of the board there over which it comes; null if it was chosen
     * @param here   id of the board here that it meets; null if it is new
     * @param there  as it is there, where it is to be shown beside the one here; else null
     * @param beside the one here; else null
     */
    record ArrivingBoard(String board, String name, int words, @Nullable String by, Arrival.Meets meets, boolean comes, @Nullable String here,
        @Nullable BoardView there, @Nullable BoardView beside) {
    }

    /** @param missing id of the board there that it opens */
    record LooseButton(String board, String boardName, String button, String label, String missing, String missingName, int missingWords,
        @Nullable Likely likely,
        WayOut way) {
    }

    record EndedButton(String boardName, String label) {
    }

    /** Why a picture or a voice does not come. */
    enum Why {
        /** It may show somebody else, and people’s photos are not to come. */
        NOT_WANTED,
        /** It may not be used for this student. */
        NOT_TO_USE
    }

    /** @param voice true of a recording */
    record StaysBehind(String boardName, String label, boolean voice, Why why) {
    }

    record ArrivingGrid(int rows, int columns, int boards) {
    }

    static List<ArrivingBoard> comes(Arrival arrival, Vocabulary there, Vocabulary here) {
        return arrival.met().stream().map(m -> {
            boolean alike = m.meets() == Arrival.Meets.NAMED_ALIKE;
            return new ArrivingBoard(m.board().id(), m.board().name(), words(m.board()), m.by() == null ? null : there.at(m.by()).name(), m.meets(), m.comes(),
                m
                    .here(),
                alike ? BoardView.of(m.board()) : null, alike && m.here() != null ? BoardView.of(here.at(m.here())) : null);
        }).toList();
    }

    static List<LooseButton> loose(Arrival arrival) {
        return arrival.loose().stream()
            .map(l -> new LooseButton(l.board().id(), l.board().name(), l.button().id(), called(l.button()), l.missing().id(), l.missing()
                .name(), words(l.missing()), l.likely(), l.way()))
            .toList();
    }

    static List<EndedButton> ended(List<Arrival.Ended> ended) {
        return ended.stream().map(e -> new EndedButton(e.board().name(), called(e.button()))).toList();
    }

    /** The most frequent first. */
    static List<ArrivingGrid> otherGrids(Arrival arrival, Board onto) {
        Map<String, ArrivingGrid> grids = new TreeMap<>();
        arrival.coming().stream().filter(b -> b.rows() != onto.rows() || b.columns() != onto.columns())
            .forEach(
                b -> grids.merge(b.rows() + " " + b.columns(), new ArrivingGrid(b.rows(), b.columns(), 1), (all, one) -> new ArrivingGrid(all.rows, all.columns,
                    all.boards + 1)));
        return grids.values().stream().sorted((a, b) -> b.boards - a.boards).toList();
    }

    static int words(Board board) {
        return (int) board.buttons().stream().filter(Button::isWord).count();
    }

    static String called(Button button) {
        return button.label().isEmpty() ? button.spoken() : button.label();
    }
}
