package org.dwimble.server.bringin;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.bringin.Arrival;
import org.dwimble.core.bringin.Wanted;
import org.dwimble.core.bringin.WayOut;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.boards.BringIn;
import org.dwimble.core.edit.words.BringButtons;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.place.Comparison;
import org.dwimble.core.place.Fate;
import org.dwimble.core.route.Ways;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.leaving.Doors;
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
    /** @param whose name of the student; null for a starter */
    record ArrivalSource(long vocabulary, String name, @Nullable String whose, int boards) {
    }

    /** @param opens ids of the boards it opens */
    record SourceBoard(String board, String name, int words, int rows, int columns, List<String> opens) {
    }

    /** @param boards home first, then by name */
    record SourceView(long vocabulary, String name, String home, List<SourceBoard> boards) {
    }

    /** @param at null for the first empty cell @param name what is written on the button that opens them @param section true for a board of their own */
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
     */
    record Bringing(int base, long from, List<String> boards, @Nullable Carried carried, boolean withAll, @Nullable List<String> instead,
        @Nullable Map<String, WayOut> ways,
        @Nullable Map<String, WayOut> single, @Nullable Boolean people, @Nullable Boolean looks, OpenedIn where) {
        Bringing {
            Unacceptable.ifMissing(boards, where);
            instead = instead == null ? List.of() : instead;
            ways = ways == null ? Map.of() : ways;
            single = single == null ? Map.of() : single;
            Unacceptable.ifMissing(instead, ways.values(), single.values());
        }

        Wanted wanted() {
            return new Wanted(boards, withAll, instead == null ? Set.of() : Set.copyOf(instead), ways == null ? Map.of() : ways, single == null ? Map
                .of() : single);
        }
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final Rights rights;
    private final Editing editing;
    private final Doors doors;
    private final Wording wording;

    BringInApi(VocabularyStore store, StudentStore students, Rights rights, Editing editing, Doors doors, Wording wording) {
        this.store = store;
        this.students = students;
        this.rights = rights;
        this.editing = editing;
        this.doors = doors;
        this.wording = wording;
    }

    /** What boards can be brought from: the vocabularies of students one may take from, then the starters. */
    @For(Act.CHANGE)
    @GetMapping("/sources")
    List<ArrivalSource> sources(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        List<ArrivalSource> sources = new ArrayList<>();
        students.caseload(account.id()).stream().filter(row -> row.role().may(Act.TAKE)).forEach(row -> store.ofStudent(row.student().id()).stream()
            .filter(v -> v.id() != vocabulary)
            .forEach(v -> sources.add(new ArrivalSource(v.id(), v.name(), row.student().name(), store.there(v.id()).vocabulary().boards().size()))));
        store.starters().forEach(s -> sources.add(new ArrivalSource(s.id(), s.vocabulary().name(), null, s.vocabulary().boards().size())));
        return sources;
    }

    @For(Act.CHANGE)
    @GetMapping("/sources/{from}")
    SourceView source(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable long from) {
        VocabularyStore.Kept kept = from(account, from);
        return new SourceView(from, kept.vocabulary().name(), kept.vocabulary().home(),
            kept.overview().routes().boardsInOrder().stream().map(b -> new SourceBoard(b.id(),
                b.name(), ArrivalView.words(b), b.rows(), b.columns(),
                Ways.of(b).openers().stream().map(o -> ((Leads.Opens) o.leads()).board()).distinct().toList())).toList());
    }

    /** What would come, and what not. Nothing is kept. */
    @For(Act.CHANGE)
    @PostMapping("/look")
    @Bounded("REQUEST_BYTES")
    ArrivalView look(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Bringing bringing) {
        VocabularyStore.Kept from = from(account, bringing.from);
        VocabularyStore.Kept to = store.there(vocabulary);
        Vocabulary now = to.vocabulary();
        Leaving leaving = leaving(account, from, to, bringing);
        Vocabulary there = ready(from, to, leaving);
        Carried carried = bringing.carried;
        Arrival arrival = carried == null ? Arrival.of(there, now, bringing.wanted())
            : Arrival.withButtons(there, BringButtons.carried(there, carried.board, carried.buttons), now, bringing.wanted());
        int words = arrival.coming().stream().mapToInt(ArrivalView::words).sum();
        Board onto = On.board(now, bringing.where.board);
        List<ArrivalView.StaysBehind> stays = isElsewhere(from, to) ? stays(arrival, from.vocabulary(), leaving) : List.of();
        int kept = 0;
        int moved = 0;
        String refusal = null;
        try {
            AtomicInteger ids = new AtomicInteger();
            Vocabulary after = intention(account, vocabulary, there, bringing).on(now, () -> "new-" + ids.incrementAndGet()).after();
            for (Comparison.Word word : Comparison.of(now, after).words()) {
                if (word.before() != null) {
                    kept += word.fate() == Fate.KEPT ? 1 : 0;
                    moved += word.fate() == Fate.KEPT ? 0 : 1;
                }
            }
        } catch (Unacceptable refused) {
            refusal = wording.of(refused.told());
        }
        return new ArrivalView(ArrivalView.comes(arrival, there, now), words, arrival.first().size(), ArrivalView.loose(arrival),
            ArrivalView.ended(arrival.looseBefore()), ArrivalView
                .ended(arrival.elsewhere()),
            stays, ArrivalView.otherGrids(arrival, onto), kept, moved, refusal);
    }

    /** Brings them in, as one change. */
    @For(Act.CHANGE)
    @PostMapping
    @Bounded("REQUEST_BYTES")
    Editing.Changed bring(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Bringing bringing,
        @RequestParam(required = false) @Nullable String step) {
        VocabularyStore.Kept from = from(account, bringing.from);
        VocabularyStore.Kept to = store.there(vocabulary);
        Vocabulary there = ready(from, to, leaving(account, from, to, bringing));
        return editing.edit(account, vocabulary, bringing.base, intention(account, vocabulary, there, bringing), step);
    }

    private Intention intention(Account account, long vocabulary, Vocabulary there, Bringing bringing) {
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

    private VocabularyStore.Kept from(Account account, long from) {
        rights.must(account, Act.TAKE, Thing.vocabulary(from));
        return store.there(from);
    }

    /** True if another student’s boards are brought: then not all of their pictures and voices come. */
    private static boolean isElsewhere(VocabularyStore.Kept from, VocabularyStore.Kept to) {
        return from.student() != null && !from.student().equals(to.student());
    }

    private Leaving leaving(Account account, VocabularyStore.Kept from, VocabularyStore.Kept to, Bringing bringing) {
        boolean people = Boolean.TRUE.equals(bringing.people);
        return doors.toStudent(String.valueOf(to.student()), new Leaving.Answer(people, people, false, false, Leaving.Instead.DRAWN), account);
    }

    private Vocabulary ready(VocabularyStore.Kept from, VocabularyStore.Kept to, Leaving leaving) {
        return isElsewhere(from, to) ? doors.ready(from.vocabulary(), leaving).vocabulary() : from.vocabulary();
    }

    /** Each picture and voice once, where it stands first. */
    private static List<ArrivalView.StaysBehind> stays(Arrival arrival, Vocabulary from, Leaving leaving) {
        Set<String> told = new HashSet<>();
        List<ArrivalView.StaysBehind> stays = new ArrayList<>();
        arrival.carrying().stream().map(b -> from.at(b.id()).withButtons(b.buttons().stream().map(w -> from.at(b.id()).button(w.id()).orElseThrow()).toList()))
            .forEach(board -> board.buttons().forEach(button -> {
                List<String> media = new ArrayList<>(button.pictures());
                if (button.sound() != null) {
                    media.add(button.sound());
                }
                media.stream().filter(id -> MediaId.isOwn(id) && leaving.stays(id) && told.add(id))
                    .forEach(id -> stays.add(new ArrivalView.StaysBehind(board.name(),
                        ArrivalView.called(button), id.equals(button.sound()),
                        leaving.fate(id) == Leaving.Fate.ASKED ? ArrivalView.Why.NOT_WANTED : ArrivalView.Why.NOT_TO_USE)));
            }));
        return stays;
    }
}
