package org.dwimble.core.edit.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Facet;
import org.jspecify.annotations.Nullable;

/**
 * What has changed since in a vocabulary that words were brought from: words that are other there now, words that came to those boards, and words that are
 * there no more. Where a word stands is no part of it. Takes time in proportion to the buttons of both, once for each version words were brought at.
 */
public final class Newer {
    /** What a word may be other in. */
    private static final List<Facet<?>> LOOKED_AT = List.of(Facet.LABEL, Facet.PICTURE, Facet.SAYS, Facet.HOW, Facet.SOUND, Facet.DOINGS, Facet.KIND);

    /**
     * A vocabulary words were brought from.
     *
     * @param id    by which it is known
     * @param now   as it is there now, as it may come here: without pictures that stay behind
     * @param then  what it held at a version; none if that is not known any more
     */
    public record Source(String id, int version, Vocabulary now, IntFunction<Optional<Vocabulary>> then) {
    }

    /**
     * A word that is other there now.
     *
     * @param board   here
     * @param there   as it is there now
     * @param changed what it would be other in here; not empty
     * @param tooHere those of them that were changed here as well since
     */
    public record Changed(Board board, Button here, Button there, List<Facet<?>> changed, List<Facet<?>> tooHere) {
        /** The word here as it is there now, where it stands here. */
        Button taken(int version) {
            Button taken = here;
            for (Facet<?> facet : changed) {
                taken = like(taken, there, facet);
            }
            return taken.withOrigin(Objects.requireNonNull(here.origin()).at(version));
        }

        private static <T> Button like(Button one, Button other, Facet<T> facet) {
            return facet.with(one, facet.of(other));
        }
    }

    /**
     * A word that came there to a board of which words are here.
     *
     * @param board here: the one that has most of the words of that board
     * @param there its board there
     */
    public record Added(Board board, Board there, Button button) {
    }

    /** A word that is there no more. @param board here */
    public record Gone(Board board, Button here) {
    }

    private final Source source;
    private final Vocabulary here;
    private final List<Changed> changed = new ArrayList<>();
    private final List<Added> added = new ArrayList<>();
    private final List<Gone> gone = new ArrayList<>();
    private final Map<Integer, Optional<Index>> then = new HashMap<>();

    /** Where each button stands in a vocabulary. */
    private record Index(Map<String, Button> buttons, Map<String, Board> boards) {
        static Index of(Vocabulary vocabulary) {
            Map<String, Button> buttons = new HashMap<>();
            Map<String, Board> boards = new HashMap<>();
            vocabulary.boards().values().forEach(board -> board.buttons().forEach(b -> {
                buttons.put(b.id(), b);
                boards.put(b.id(), board);
            }));
            return new Index(buttons, boards);
        }
    }

    private Newer(Source source, Vocabulary here) {
        this.source = source;
        this.here = here;
    }

    public static Newer of(Source source, Vocabulary here) {
        Newer newer = new Newer(source, here);
        newer.look(Index.of(source.now));
        return newer;
    }

    /** The vocabularies that words here were brought from. */
    public static Set<String> sources(Vocabulary here) {
        return here.boards().values().stream().flatMap(b -> b.workedOut(Sources.class, Sources::of).ids().stream()).collect(Collectors.toSet());
    }

    private record Sources(Set<String> ids) {
        static Sources of(Board board) {
            return new Sources(board.buttons().stream().map(Button::origin).filter(Objects::nonNull).map(Origin::vocabulary).collect(Collectors.toSet()));
        }
    }

    private void look(Index now) {
        Map<String, Map<Board, Integer>> standHere = new HashMap<>();
        Map<String, Integer> oldest = new HashMap<>();
        Set<String> known = new HashSet<>();
        here.boards().values().forEach(board -> board.buttons().forEach(b -> {
            Origin origin = b.origin();
            if (origin == null || !origin.vocabulary().equals(source.id)) {
                return;
            }
            known.add(origin.button());
            if (origin.version() >= source.version) {
                return;
            }
            Button there = now.buttons.get(origin.button());
            if (there == null) {
                then(origin.version()).filter(i -> i.buttons.containsKey(origin.button())).ifPresent(i -> gone.add(new Gone(board, b)));
                return;
            }
            String from = Objects.requireNonNull(now.boards.get(origin.button())).id();
            standHere.computeIfAbsent(from, id -> new HashMap<>()).merge(board, 1, Integer::sum);
            oldest.merge(from, origin.version(), Math::min);
            then(origin.version()).map(i -> i.buttons.get(origin.button())).flatMap(was -> changed(board, b, was, there)).ifPresent(changed::add);
        }));
        source.now.boards().values().stream().filter(there -> standHere.containsKey(there.id())).forEach(there -> {
            Board onto = Objects.requireNonNull(standHere.get(there.id())).entrySet().stream()
                .max(Map.Entry.<Board, Integer>comparingByValue().thenComparing(e -> e.getKey().id())).orElseThrow().getKey();
            then(Objects.requireNonNull(oldest.get(there.id()))).ifPresent(was -> there.buttons().stream()
                .filter(b -> b.isWord() && !known.contains(b.id()) && !was.buttons.containsKey(b.id()))
                .forEach(b -> added.add(new Added(onto, there, b.leads() instanceof Leads.Stays || b.isWay() ? b : b.staying()))));
        });
        changed.sort(Comparator.comparing((Changed c) -> c.board.name()).thenComparing(c -> c.here.cell()));
    }

    private @Nullable Origin from(Button button) {
        Origin origin = button.origin();
        return origin != null && origin.vocabulary().equals(source.id) && origin.version() < source.version ? origin : null;
    }

    private Optional<Index> then(int version) {
        return then.computeIfAbsent(version, v -> source.then.apply(v).map(Index::of));
    }

    private static Optional<Changed> changed(Board board, Button here, Button was, Button there) {
        List<Facet<?>> other = LOOKED_AT.stream().filter(f -> !f.same(was, there) && !f.same(here, there)).toList();
        return other.isEmpty() ? Optional.empty()
            : Optional.of(new Changed(board, here, there, other, other.stream().filter(f -> !f.same(was, here)).toList()));
    }

    /** By the name of the board here, then as they stand there. */
    public List<Changed> changed() {
        return List.copyOf(changed);
    }

    public List<Added> added() {
        return List.copyOf(added);
    }

    public List<Gone> gone() {
        return List.copyOf(gone);
    }

    public boolean isNothing() {
        return changed.isEmpty() && added.isEmpty();
    }

    /** The boards here that have something of it, with the version it is known at set to now: nothing of what is told here is told again. */
    Stream<Board> settled(Vocabulary in) {
        return in.boards().values().stream().filter(b -> b.buttons().stream().anyMatch(w -> from(w) != null))
            .map(b -> b.withButtons(b.buttons().stream().map(this::settled).toList()));
    }

    private Button settled(Button button) {
        Origin origin = from(button);
        return origin == null ? button : button.withOrigin(origin.at(source.version));
    }
}
