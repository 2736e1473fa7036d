package org.dwimble.core.edit.whole;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.board.Whole;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Moves;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.boards.InsertLine;
import org.dwimble.core.edit.ways.PutOpener;
import org.dwimble.core.find.WordPlaces;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.look.Look;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;

/**
 * The step from first boards to a whole vocabulary: its boards come in, and its home is home from then on. A word of the first boards that stands
 * there too goes to that place and stays the same word, with its picture, its recording and its step of the plan. All others stay where they are, on
 * their boards, which are opened from home.
 *
 * @param onto never changed
 */
public record StepUp(Vocabulary onto) implements Intention {
    /** Boards that are stepped up from: more than these are a vocabulary already. */
    public static final int MOST_BOARDS = FirstBoard.MOST + 1;

    /** A word that goes to another place. @param touches from home to it, its own the last */
    public record GoesTo(String word, String board, int touches) {
    }

    /** @param stays words that keep their places @param opened what home has to open their boards by; empty if none stays */
    public record Report(List<GoesTo> moved, List<String> stays, String opened) {
    }

    /** What a step up does to the words there are. */
    public static Report report(Change change) {
        Vocabulary after = change.after();
        Routes routes = Routes.of(after);
        List<GoesTo> moved = new ArrayList<>();
        Set<String> goes = new HashSet<>();
        Moves.of(change).forEach(move -> {
            Board board = after.at(move.to().board());
            goes.add(move.button());
            moved.add(new GoesTo(board.button(move.button()).orElseThrow().label(), board.name(), routes.to(board.id()).map(t -> t.size() + 1).orElse(0)));
        });
        List<String> stays = words(change.before()).stream().filter(b -> !goes.contains(b.id())).map(Button::label).toList();
        return new Report(moved, stays, stays.isEmpty() ? "" : change.before().homeBoard().name());
    }

    /** Those nearest to home first. */
    private static List<Button> words(Vocabulary of) {
        return Routes.of(of).boardsInOrder().stream().flatMap(b -> b.buttons().stream()).filter(StepUp::isWord).toList();
    }

    private static boolean isWord(Button button) {
        return button.isWord() && button.leads() instanceof Leads.Stays;
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        if (now.boards().size() > MOST_BOARDS) {
            throw new Unacceptable("step-up-large", "vocabulary", now.name(), "boards", now.boards().size(), "most", MOST_BOARDS);
        }
        Vocabulary fresh = withOwnIds(now, ids);
        Map<String, Button> met = met(now, fresh);
        Set<String> goes = new HashSet<>();
        met.values().forEach(b -> goes.add(b.id()));
        List<Board> boards = new ArrayList<>();
        fresh.boards().values().forEach(board -> boards.add(board.withButtons(board.buttons().stream().map(b -> met.containsKey(b.id())
            ? as(b, met.get(b.id())) : b).toList())));
        boards.addAll(left(now, goes));
        Whole whole = now.whole().withHome(fresh.home()).withLook(now.whole().look().equals(Look.PLAIN) ? fresh.whole().look() : now.whole().look())
            .withPapers(now.whole().papers().isEmpty() ? fresh.whole().papers() : now.whole().papers());
        Vocabulary all = new Vocabulary(whole, byId(boards));
        Vocabulary after = all.board(now.home()).isPresent() ? opened(all, now.homeBoard(), fresh, ids) : all;
        return Change.of(now, after, Needs.ALL, Told.of("stepped-up", "onto", onto.name(), "words", met.size()));
    }

    private static Map<String, Board> byId(List<Board> boards) {
        Map<String, Board> byId = new HashMap<>();
        boards.forEach(b -> byId.put(b.id(), b));
        return byId;
    }

    /** As it comes in: ids that are taken here are others. */
    private Vocabulary withOwnIds(Vocabulary now, Supplier<String> ids) {
        Set<String> taken = new HashSet<>();
        now.boards().values().forEach(b -> b.buttons().forEach(w -> taken.add(w.id())));
        Map<String, String> named = new HashMap<>();
        onto.boards().keySet().stream().filter(now.boards()::containsKey).forEach(id -> named.put(id, ids.get()));
        List<Board> boards = onto.boards().values().stream().map(board -> {
            List<Button> buttons = board.buttons().stream().map(b -> {
                Acts acts = b.leads() instanceof Leads.Opens opens && named.containsKey(opens.board())
                    ? b.acts().withLeads(new Leads.Opens(named.get(opens.board()), opens.once())) : b.acts();
                return new Button(taken.contains(b.id()) ? ids.get() : b.id(), b.standing(), b.face(), acts, b.shown().elsewhere(), b.extras());
            }).toList();
            return new Board(named.getOrDefault(board.id(), board.id()), board.name(), board.shape(), board.look(), buttons, board.facts(), board.extras());
        }).toList();
        return new Vocabulary(onto.whole().withHome(named.getOrDefault(onto.home(), onto.home())), byId(boards));
    }

    /** By the id of a button that comes in the word there is that takes its place: the nearest place of each word, each place once. */
    private static Map<String, Button> met(Vocabulary now, Vocabulary fresh) {
        Routes routes = Routes.of(fresh);
        Map<String, Button> met = new HashMap<>();
        words(now).forEach(word -> WordPlaces.exactly(fresh, routes, word.label()).stream().map(WordPlaces.Place::button)
            .filter(b -> b.isWord() && !met.containsKey(b.id())).findFirst().ifPresent(b -> met.put(b.id(), word)));
        return met;
    }

    /** A word in the place of one that came in: it leads where that led. What it did to end a first sentence it does no more. */
    private static Button as(Button came, Button word) {
        Acts acts = FirstBoard.endsSentence(word.acts()) ? came.acts().withSound(word.sound()) : word.acts().withLeads(came.leads());
        Button there = word.withStanding(came.standing()).withActs(acts);
        return word.kind() == null ? there.withFace(there.face().withKind(came.kind())) : there;
    }

    /** The boards there are without the words that go; those that keep none, and what only opened them, are left out. */
    private static List<Board> left(Vocabulary now, Set<String> goes) {
        Map<String, Board> left = new HashMap<>();
        now.boards().values().forEach(b -> left.put(b.id(), b.withButtons(b.buttons().stream().filter(w -> !goes.contains(w.id())).toList())));
        boolean less = true;
        while (less) {
            less = left.values().removeIf(b -> b.buttons().stream().allMatch(Button::isWay));
            left.replaceAll((id, board) -> board.withButtons(board.buttons().stream()
                .filter(w -> !(w.onlyOpens() && w.leads() instanceof Leads.Opens opens && now.boards().containsKey(opens.board())
                    && !left.containsKey(opens.board())))
                .toList()));
        }
        return List.copyOf(left.values());
    }

    /** What was home is opened from home now, and leads back there. A full board gets a row below; nothing on it moves. */
    private static Vocabulary opened(Vocabulary all, Board was, Vocabulary fresh, Supplier<String> ids) {
        Vocabulary inside = all.at(was.id()).emptyCells().isEmpty() ? withRowBelow(all, was.id(), ids) : all;
        boolean full = On.cellsToFill(inside, inside.homeBoard(), null).isEmpty();
        Vocabulary roomy = full ? withRowBelow(inside, all.home(), ids) : inside;
        Board first = roomy.at(was.id());
        Vocabulary led = roomy.with(first.with(WayHome.of(fresh).missingOn(first, ids)));
        return new PutOpener(all.home(), null, was.name(), was.picture(), new Leads.Opens(was.id())).on(led, ids).after();
    }

    private static Vocabulary withRowBelow(Vocabulary all, String board, Supplier<String> ids) {
        return new InsertLine(board, Axis.ROWS, all.at(board).rows()).on(all, ids).after();
    }
}
