package org.dwimble.server.bringin;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Alike;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.bringin.WayOut;
import org.dwimble.core.edit.Brings;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.edit.words.BringButtons;
import org.dwimble.core.edit.words.WithoutPictures;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Need;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.map.BoardMap;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.grant.For;
import org.dwimble.server.job.JobApi;
import org.dwimble.server.job.Jobs;
import org.dwimble.server.job.Progress;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Bringing boards of another vocabulary in, seen before it happens. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/arrivals")
class BringInApi {
    /** @param whose name of the student; null for a starter or a bundle @param keptAt when a bundle was kept; null for what is none */
    record ArrivalSource(long vocabulary, String name, @Nullable String whose, int boards, @Nullable String keptAt) {
    }

    /** @param depth how many taps from home; 0 too for those no taps lead to */
    record SourceBoard(String board, String name, int words, int depth) {
    }

    /** @param boards as a tree is read: each before those it opens first; those no taps lead to come last */
    record SourceView(long vocabulary, String name, List<SourceBoard> boards) {
    }

    /** Two boards of one name. @param onlyThere ids of buttons there that the board here has not in the same cells @param onlyHere the other way round */
    record AlikeView(BoardView there, BoardView here, List<String> onlyThere, List<String> onlyHere) {
    }

    /**
     * @param at      null for the first empty cell
     * @param name    of the button that opens them; blank for the first board’s
     * @param section true for a board of their own
     */
    record OpenedIn(String board, @Nullable Cell at, String name, @Nullable Boolean section) {
        OpenedIn {
            Unacceptable.ifMissing(board, name);
        }
    }

    /** Single buttons of a board there, which are put on the board here. */
    record Carried(String board, List<String> buttons) {
        Carried {
            Unacceptable.ifMissing(board, buttons);
        }
    }

    /**
     * @param boards  that are wanted; may be none if buttons are carried
     * @param carried buttons that come by themselves; null if boards come, opened by a button
     * @param withAll true if all comes that they open
     * @param instead boards there for which the board here of the same name is taken
     * @param people  true to bring photos that may show somebody else, and voices
     * @param looks   true if they keep how they look there
     * @param seen    the version of what they come from in which it was seen what comes; asked for when they are brought
     */
    record Bringing(int base, long from, @Nullable Integer seen, List<String> boards, @Nullable Carried carried, boolean withAll,
        @Nullable List<String> instead,
        @Nullable Map<String, WayOut> ways, @Nullable Map<String, WayOut> single, @Nullable Boolean people, @Nullable Boolean looks, OpenedIn where) {
        Bringing {
            Unacceptable.ifMissing(boards, where);
            instead = instead == null ? List.of() : instead;
            ways = ways == null ? Map.of() : ways;
            single = single == null ? Map.of() : single;
            Unacceptable.ifMissing(instead, ways.values(), single.values());
        }

        Wanted wanted() {
            return new Wanted(boards, withAll, Set.copyOf(Objects.requireNonNull(instead)), Objects.requireNonNull(ways), Objects.requireNonNull(single));
        }
    }

    /** What is looked at, made ready, worked out and kept. */
    private static final int PARTS = 4;

    private final VocabularyStore store;
    private final StudentStore students;
    private final Editing editing;
    private final Sources sources;
    private final Jobs jobs;
    private final Wording wording;

    BringInApi(VocabularyStore store, StudentStore students, Editing editing, Sources sources, Jobs jobs, Wording wording) {
        this.store = store;
        this.students = students;
        this.jobs = jobs;
        this.editing = editing;
        this.sources = sources;
        this.wording = wording;
    }

    /** What boards can be brought from: the vocabularies of students one may take from, the bundles on one’s own shelf, then the starters. */
    @For(Act.CHANGE)
    @GetMapping("/sources")
    List<ArrivalSource> from(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        List<ArrivalSource> all = new ArrayList<>();
        students.caseload(account.id()).stream().filter(row -> row.role().may(Act.TAKE)).forEach(row -> store.ofStudent(row.student().id()).stream()
            .filter(v -> v.id() != vocabulary).forEach(v -> all.add(new ArrivalSource(v.id(), v.name(), row.student().name(), v.boards(), null))));
        store.bundles(account.id()).stream().filter(b -> b.id() != vocabulary)
            .forEach(b -> all.add(new ArrivalSource(b.id(), b.name(), null, b.boards(), b.madeAt().toString())));
        store.starters().forEach(s -> all.add(new ArrivalSource(s.id(), s.vocabulary().name(), null, s.vocabulary().boards().size(), null)));
        return all;
    }

    @For(Act.CHANGE)
    @GetMapping("/sources/{from}")
    SourceView source(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable long from) {
        VocabularyStore.Kept kept = sources.from(account, from);
        Vocabulary there = kept.vocabulary();
        return new SourceView(from, there.name(), BoardMap.of(there, kept.overview().routes(), b -> false).nodes().stream()
            .map(n -> new SourceBoard(n.board(), n.name(), ArrivalView.words(there.at(n.board())), Math.max(0, n.taps()))).toList());
    }

    /** A board there beside one here, as it would come. */
    @For(Act.CHANGE)
    @GetMapping("/sources/{from}/alike")
    AlikeView alike(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable long from, @RequestParam String there,
        @RequestParam String here, @RequestParam(defaultValue = "false") boolean people) {
        VocabularyStore.Kept kept = sources.from(account, from);
        VocabularyStore.Kept to = store.there(vocabulary);
        Board one = On.board(kept.vocabulary(), there);
        Vocabulary alone = new Vocabulary(kept.vocabulary().whole().withHome(there), Map.of(there, one));
        Board ready = sources.comes(account, kept, to, alone, people).vocabulary().at(there);
        Alike alike = Alike.of(ready, kept.vocabulary(), On.board(to.vocabulary(), here), to.vocabulary());
        return new AlikeView(BoardView.of(alike.there()), BoardView.of(alike.here()), alike.onlyThere(), alike.onlyHere());
    }

    /** What would come, and what not. Nothing is kept. */
    @For(Act.CHANGE)
    @PostMapping("/look")
    @Bounded("REQUEST_BYTES")
    ArrivalView look(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Bringing bringing) {
        VocabularyStore.Kept from = sources.from(account, bringing.from);
        VocabularyStore.Kept to = store.there(vocabulary);
        Vocabulary now = to.vocabulary();
        Sources.Comes comes = sources.comes(account, from, to, Boolean.TRUE.equals(bringing.people));
        Brings brings = brings(account, vocabulary, comes.vocabulary(), bringing);
        Arrival arrival = brings.arrival(now);
        List<WithoutPictures.Stayed> stayed = ArrivalView.ofComing(arrival, comes.made().stayed());
        String opener = brings instanceof BringIn in ? in.openedBy(now).map(Button::called).orElseGet(() -> in.name(arrival)) : null;
        ArrivalView.Does does = null;
        String refusal = null;
        try {
            does = does(brings, now, arrival);
        } catch (Unacceptable refused) {
            refusal = wording.of(refused.told());
        }
        return new ArrivalView(from.version(), ArrivalView.boards(arrival, from.vocabulary()), arrival.words(), arrival.first().size(),
            ArrivalView.loose(arrival), ArrivalView.looseBefore(arrival), elsewhere(stayed, from.vocabulary()), comes.stays(stayed, from.vocabulary()),
            arrival.keptBack(),
            ArrivalView.otherGrids(arrival, On.board(now, bringing.where.board).shape()), opener, does, refusal);
    }

    private static ArrivalView.Does does(Brings brings, Vocabulary now, Arrival arrival) {
        AtomicInteger ids = new AtomicInteger();
        Comparison.Share kept = Comparison.of(now, brings.on(now, arrival, () -> "new-" + ids.incrementAndGet()).after()).kept();
        return new ArrivalView.Does((int) kept.kept(), (int) (kept.of() - kept.kept()));
    }

    private static List<ArrivalView.EndedButton> elsewhere(List<WithoutPictures.Stayed> stayed, Vocabulary from) {
        return stayed.stream().filter(s -> s.what() == WithoutPictures.What.WAY)
            .map(s -> new ArrivalView.EndedButton(from.at(s.board()).name(), s.button().called())).toList();
    }

    /** Brings them in, as one change. */
    @For(Act.CHANGE)
    @PostMapping
    @Bounded("REQUEST_BYTES")
    Editing.Changed bring(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Bringing bringing,
        @RequestParam(required = false) @Nullable String step) {
        return bring(account, vocabulary, bringing, step, Progress.UNTOLD);
    }

    /** The same as a piece of work, for many boards: while it is done it can be ended, and nothing of it stays. */
    @For(Act.CHANGE)
    @PostMapping("/work")
    @Bounded({"REQUEST_BYTES", "WORKS_OF_ONE_PERSON"})
    JobApi.JobView bringAsWork(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Bringing bringing,
        @RequestParam(required = false) @Nullable String step) {
        String name = sources.from(account, bringing.from).vocabulary().name();
        return JobApi.JobView.of(jobs.start(account.id(), List.of(new Need(Act.CHANGE, Thing.vocabulary(vocabulary))),
            wording.of(Told.of("job-bring-boards", "name", name)), (out, progress) -> {
                bring(account, vocabulary, bringing, step, progress);
                return new Jobs.Result(null, null, null);
            }));
    }

    private Editing.Changed bring(Account account, long vocabulary, Bringing bringing, @Nullable String step, Progress progress) {
        VocabularyStore.Kept from = sources.from(account, bringing.from);
        VocabularyStore.Kept to = store.there(vocabulary);
        if (!Objects.equals(from.version(), bringing.seen)) {
            throw new Unacceptable("bring-source-changed", "vocabulary", from.vocabulary().name());
        }
        progress.told(1, PARTS);
        Vocabulary there = sources.comes(account, from, to, Boolean.TRUE.equals(bringing.people)).vocabulary();
        progress.told(2, PARTS);
        Brings brings = brings(account, vocabulary, there, bringing);
        return editing.edit(account, vocabulary, bringing.base, new InParts(brings, () -> progress.told(3, PARTS)), step);
    }

    private Brings brings(Account account, long vocabulary, Vocabulary there, Bringing bringing) {
        OpenedIn where = bringing.where;
        Carried carried = bringing.carried;
        if (carried != null) {
            return new BringButtons(there, carried.board, carried.buttons, bringing.wanted(), where.board, where.at, Boolean.TRUE.equals(bringing.looks));
        }
        List<WordLine.Entry> named = WordLine.opener(where.name);
        String picture = named.isEmpty() ? null : editing.ready(account, vocabulary, named).get(0).picture();
        return new BringIn(there, bringing.wanted(), new BringIn.Where(where.board, where.at, where.name, picture, Boolean.TRUE.equals(where.section)),
            Boolean.TRUE.equals(bringing.looks));
    }
}
