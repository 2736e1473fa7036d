package org.dwimble.server.bringin;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.bringin.Likely;
import org.dwimble.core.bringin.WayOut;
import org.dwimble.core.edit.words.WithoutPictures;
import org.dwimble.core.reveal.Gist;
import org.jspecify.annotations.Nullable;

/**
 * What would come, before anything happens.
 *
 * @param version     of what they come from: as it was seen
 * @param boards      those that come, and those that are here already, the nearest first
 * @param words       how many words come
 * @param apart       how many of them no other that comes opens: several get a board of their own
 * @param loose       buttons that would lead nowhere, board by board
 * @param looseBefore buttons that lead nowhere there already
 * @param elsewhere   buttons that open a vocabulary of the other student, and only speak here
 * @param stays       pictures and voices that stay behind
 * @param keptBack    words that are held here or wait, and so do when they come
 * @param otherGrids  boards that come by their grid, where it is not that of the board they are opened from; the most first
 * @param opener      what is written on the button that opens them; null if none does
 * @param does        what it does to what is here; null if it cannot be brought so
 * @param refusal     why it cannot be brought so; null if it can
 */
record ArrivalView(int version, List<ArrivingBoard> boards, int words, int apart, List<LooseButton> loose, List<EndedButton> looseBefore,
    List<EndedButton> elsewhere, List<StaysBehind> stays, List<String> keptBack, List<ArrivingGrid> otherGrids, @Nullable String opener,
    @Nullable Does does, @Nullable String refusal) {

    /** @param by name of the board there over which it comes; null if it was chosen @param here id of the board here that it meets; null if it is new */
    record ArrivingBoard(String board, String name, int words, @Nullable String by, Arrival.Meets meets, boolean comes, @Nullable String here) {
    }

    /** @param missing id of the board there that it opens */
    record LooseButton(String board, String boardName, String button, String label, String missing, String missingName, int missingWords,
        @Nullable Likely likely, WayOut way) {
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

    /**
     * @param kept   words here that keep place and route
     * @param moved  those that would not
     */
    record Does(int kept, int moved) {
    }

    static List<ArrivingBoard> boards(Arrival arrival, Vocabulary there) {
        return arrival.met().stream().map(m -> new ArrivingBoard(m.board().id(), m.board().name(), words(m.board()),
            m.by() == null ? null : there.at(m.by()).name(), m.meets(), m.comes(), m.here())).toList();
    }

    static List<LooseButton> loose(Arrival arrival) {
        return arrival.loose().stream().map(l -> new LooseButton(l.board().id(), l.board().name(), l.button().id(), l.button().called(), l.missing().id(),
            l.missing().name(), words(l.missing()), l.likely(), l.way())).toList();
    }

    static List<EndedButton> looseBefore(Arrival arrival) {
        return arrival.looseBefore().stream().map(e -> new EndedButton(e.board().name(), e.button().called())).toList();
    }

    /** What stays of the buttons that come. */
    static List<WithoutPictures.Stayed> ofComing(Arrival arrival, List<WithoutPictures.Stayed> stayed) {
        Set<String> coming = arrival.carrying().stream().flatMap(b -> b.buttons().stream()).map(Button::id).collect(Collectors.toSet());
        return stayed.stream().filter(s -> coming.contains(s.button().id())).toList();
    }

    static List<ArrivingGrid> otherGrids(Arrival arrival, Shape onto) {
        record Grid(int rows, int columns) {
        }
        return arrival.coming().stream().map(b -> new Grid(b.rows(), b.columns())).filter(g -> !g.equals(new Grid(onto.rows(), onto.columns())))
            .collect(Collectors.groupingBy(g -> g)).entrySet().stream()
            .map(e -> new ArrivingGrid(e.getKey().rows, e.getKey().columns, e.getValue().size()))
            .sorted(Comparator.comparing(ArrivingGrid::boards).reversed().thenComparing(ArrivingGrid::rows).thenComparing(ArrivingGrid::columns)).toList();
    }

    static int words(Board board) {
        return Gist.of(board).says();
    }
}
