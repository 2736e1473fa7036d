package org.dwimble.core.edit.people;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.boards.NewBoard;
import org.dwimble.core.edit.ways.OpenedFrom;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.WayHome;
import org.dwimble.core.text.Text;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Needs;
import org.dwimble.core.version.Touched;
import org.jspecify.annotations.Nullable;

/**
 * Adds people of the student's own: each beside the general word for such a person, which stays. The place is the empty
 * cell nearest that word, on its board; if that board is full, on a board it opens; if the word stands nowhere, on the
 * board with most who words. Near is the distance between cells' middles, on one row before another; ties go to the
 * right and down first. Who is to go on the board of his kind of people goes on the first free cell of that; if there is
 * none yet, it is made like its siblings, and opened from where the first of them would have gone.
 */
@JsonTypeName("add-people")
public record AddPeople(List<Person> people) implements Intention {
    public static final int MOST = 60;

    /**
     * @param name    or nickname, as it is to be said
     * @param general the word for such a person, such as sister or teacher; empty if none fits
     * @param picture null for the name alone
     * @param board   the kind of people whose board it is to be; null for beside the general word
     */
    public record Person(String name, String general, @Nullable String picture, @Nullable Folk board) {
        public Person {
            name = Text.tidy(name);
            general = Text.tidy(general);
            if (name.isEmpty()) {
                throw new Unacceptable("person-without-name");
            }
        }
    }

    /** Where a person goes. @param beside the general word there; null if it stands nowhere */
    public record Place(String board, Cell cell, @Nullable String beside) {
    }

    public AddPeople {
        people = List.copyOf(people);
        if (people.isEmpty()) {
            throw new Unacceptable("nobody-to-add");
        }
        if (people.size() > MOST) {
            throw new Unacceptable("too-many-people", "most", MOST, "has", people.size());
        }
    }

    @Override
    public Change on(Vocabulary now, Supplier<String> ids) {
        Vocabulary after = now;
        WayHome wayHome = WayHome.of(now);
        Routes routes = Routes.of(now);
        Set<Touched> needs = new LinkedHashSet<>();
        for (Person person : people) {
            if (person.board != null && person.board.boardIn(after, routes).isEmpty()) {
                Place opener = place(after, routes, wayHome, person.general, null).orElseThrow(() -> noRoom(person));
                Change made = new OpenedFrom(new NewBoard(person.board.board(), opener.board, null, null, List.of()), opener.board, opener.cell,
                    person.board.board(), person.picture).on(after, ids);
                after = made.after();
                needs.addAll(made.needs().keys());
                routes = Routes.of(after);
            }
            Place place = place(after, routes, wayHome, person.general, person.board).orElseThrow(() -> noRoom(person));
            needs.add(new Key.OfCell(place.board, place.cell));
            needs.add(new Key.OfShape(place.board));
            after = after.with(after.at(place.board).with(Button.word(ids.get(), place.cell, person.name, person.picture, Kind.WHO)));
        }
        return Change.of(now, after, Needs.of(needs), Told.of("added-people", "names", people.stream().limit(3).map(p -> Text.cut(p.name, 30)).toList(),
            "more", Math.max(0, people.size() - 3)));
    }

    private static Unacceptable noRoom(Person person) {
        return new Unacceptable("no-room-for-person", "name", person.name);
    }

    /**
     * Where somebody for whom this is the general word would go; empty if no board for people has room.
     *
     * @param own the kind of people whose board it is to be, if it is there; null for beside the general word
     */
    public static Optional<Place> place(Vocabulary now, Routes routes, WayHome wayHome, String general, @Nullable Folk own) {
        Optional<Board> theirs = own == null ? Optional.empty() : own.boardIn(now, routes);
        if (theirs.isPresent()) {
            return Stream.concat(theirs.stream(), further(now, theirs.get()))
                .flatMap(b -> b.emptyCells().stream().filter(c -> !wayHome.keptFree(b).contains(c)).map(cell -> new Place(b.id(), cell, null))).findFirst();
        }
        String sought = Names.folded(Text.tidy(general));
        record Found(Board board, Button word) {
        }
        Optional<Found> word = sought.isEmpty() ? Optional.empty() : now.boards().values().stream()
            .flatMap(b -> b.buttons().stream().filter(w -> Names.folded(w.label()).equals(sought) && w.isWord()).map(w -> new Found(b, w)))
            .min(Comparator.comparing((Found f) -> f.word.kind() != Kind.WHO)
                .thenComparing(f -> routes.to(f.board.id()).map(List::size).orElse(Integer.MAX_VALUE))
                .thenComparing(f -> f.board.id()).thenComparing(f -> f.word.cell()));
        Board first = word.map(Found::board).orElseGet(() -> boardOfPeople(now));
        Cell from = word.map(f -> f.word.cell()).orElse(new Cell(0, 0));
        return Stream.concat(Stream.of(first), further(now, first))
            .flatMap(b -> nearest(b, b == first ? from : new Cell(0, 0), wayHome).stream()
                .map(cell -> new Place(b.id(), cell, word.map(f -> f.word.label()).orElse(null))))
            .findFirst();
    }

    private static Board boardOfPeople(Vocabulary now) {
        return now.boards().values().stream()
            .max(Comparator.comparingLong((Board b) -> b.buttons().stream().filter(w -> w.kind() == Kind.WHO).count())
                .thenComparing(b -> !b.id().equals(now.home())))
            .orElseThrow();
    }

    private static Stream<Board> further(Vocabulary now, Board board) {
        return board.buttons().stream().filter(b -> b.leads() instanceof Leads.Opens).map(b -> ((Leads.Opens) b.leads()).board())
            .filter(id -> !id.equals(now.home()) && !id.equals(board.id())).distinct().map(now.boards()::get).filter(b -> b != null)
            .filter(b -> b.buttons().stream().anyMatch(w -> w.kind() == Kind.WHO));
    }

    private static Optional<Cell> nearest(Board board, Cell from, WayHome wayHome) {
        List<Cell> free = new ArrayList<>(board.emptyCells());
        free.removeAll(wayHome.keptFree(board));
        return free.stream().min(Comparator.comparingInt((Cell c) -> square(c.row() - from.row()) + square(c.column() - from.column()))
            .thenComparing(c -> c.row() != from.row()).thenComparing(c -> c.column() < from.column()).thenComparing(c -> c.row() < from.row())
            .thenComparing(c -> c));
    }

    private static int square(int n) {
        return n * n;
    }
}
