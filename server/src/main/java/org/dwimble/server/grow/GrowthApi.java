package org.dwimble.server.grow;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.On;
import org.dwimble.core.edit.grow.GrowInSteps;
import org.dwimble.core.edit.grow.GrowWord;
import org.dwimble.core.edit.grow.ShrinkWord;
import org.dwimble.core.edit.plan.Ahead;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grow.Growth;
import org.dwimble.core.grow.Kin;
import org.dwimble.core.grow.Shrinking;
import org.dwimble.core.reach.Reach;
import org.dwimble.core.regrid.Weights;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.Scope;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.board.VocabularyView;
import org.dwimble.server.bringin.Sources;
import org.dwimble.server.edit.Editing;
import org.dwimble.server.edit.Learned;
import org.dwimble.server.grant.For;
import org.dwimble.server.use.SaidOften;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What words could grow into, letting them grow, and making them one word again. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/growth")
class GrowthApi {
    /** So many words are listed. */
    private static final int MOST = 24;

    /**
     * What a word could grow into.
     *
     * @param from       id of the vocabulary the board comes from; null if it is here
     * @param fromName   its name; null if it is here
     * @param at         where the word will stand on the board
     * @param adds       the words that cannot be said here now
     * @param taps       from home, to say the word now; 0 if no taps lead to it
     * @param furtherMm  how much further a finger travels to say it by two taps
     * @param kin        the board as it would be
     * @param times      so often the word was said, as far as that is kept
     */
    record GrowthView(String board, String boardName, BoardView.ButtonView word, @Nullable Long from, @Nullable String fromName, Cell at, List<String> adds,
        int taps, double furtherMm, BoardView kin, int times) {
    }

    /**
     * What shrinking would do.
     *
     * @param grown  false if the button opens no board on which the same word stands: then the rest says nothing
     * @param opened name of the board the word opens
     * @param goes   true if that board goes
     * @param added  what was put there since, or changed, and waits there
     * @param also   what else opens the board
     */
    record ShrinkingView(boolean grown, String opened, boolean goes, List<String> added, List<String> also) {
    }

    /** @param from null if the board is here @param kin the board there, or here @param firstSays true if the first tap says the word still */
    record Growing(int base, String board, String button, @Nullable Long from, String kin, boolean firstSays) {
        Growing {
            Unacceptable.ifMissing(board, button, kin);
        }
    }

    /** A word of a step. @param from null if the board is here */
    record GrowingWord(String board, String button, @Nullable Long from, String kin, boolean firstSays) {
        GrowingWord {
            Unacceptable.ifMissing(board, button, kin);
        }
    }

    /** @param steps the words that grow at each */
    record GrowingPlan(int base, List<List<GrowingWord>> steps, Ahead ahead) {
        GrowingPlan {
            Unacceptable.ifMissing(steps, ahead);
            steps.forEach(Unacceptable::ifMissing);
        }
    }

    record Shrunk(int base, String board, String button) {
        Shrunk {
            Unacceptable.ifMissing(board, button);
        }
    }

    private final VocabularyStore store;
    private final Sources sources;
    private final Editing editing;
    private final SaidOften said;

    GrowthApi(VocabularyStore store, Sources sources, Editing editing, SaidOften said) {
        this.store = store;
        this.sources = sources;
        this.editing = editing;
        this.said = said;
    }

    /**
     * What words here could grow into, that of most new words first; or what one word could, that which is nearest to it first.
     *
     * @param board  of the word, or from which the boards are meant whose words are asked for; null for all
     * @param button null for all
     * @param scope  null for the board alone
     */
    @For(Act.CHANGE)
    @GetMapping
    List<GrowthView> growth(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam(required = false) @Nullable String board,
        @RequestParam(required = false) @Nullable String button, @RequestParam(required = false) @Nullable Scope scope) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        Vocabulary now = kept.vocabulary();
        Growth growth = new Growth(now, kept.overview().routes(), kept.overview().revealed());
        Map<Kin, VocabularyStore.Kept> from = new HashMap<>();
        List<Kin> kin = new ArrayList<>(List.of(Kin.ofOwn(now)));
        sources.near(account, kept).forEach(source -> {
            Vocabulary there = sources.comes(account, source, kept, false).vocabulary();
            boolean bundle = source.student() == null && source.starter() == null;
            Kin one = bundle ? Kin.ofBundle(there) : Kin.of(there);
            from.put(one, source);
            kin.add(one);
        });
        View view = new View(reach(kept), from, new Weights(said.of(account, editing.student(kept.id()))));
        if (board != null && button != null) {
            Board on = On.board(now, board);
            Button word = On.button(on, button);
            return kin.stream().flatMap(k -> growth.of(on, word, k).stream()).map(view::of).toList();
        }
        Set<String> on = board == null ? now.boards().keySet()
            : Set.copyOf((scope == null ? Scope.BOARD : scope).of(now, board));
        return growth.all(kin, MOST, on).stream().map(view::of).toList();
    }

    private Reach reach(VocabularyStore.Kept kept) {
        Student student = editing.student(kept.id());
        return new Reach(kept.vocabulary(), kept.overview().routes(), VocabularyView.screen(student), null, b -> !kept.overview().revealed().shows(b));
    }

    private record View(Reach reach, Map<Kin, VocabularyStore.Kept> from, Weights weights) {
        GrowthView of(Growth.Proposal p) {
            VocabularyStore.Kept source = from.get(p.from());
            Reach.Cost cost = reach.on(p.on()).get(p.word().id());
            return new GrowthView(p.on().id(), p.on().name(), BoardView.ButtonView.of(p.word()), source == null ? null : source.id(),
                source == null ? null : source.vocabulary().name(), p.at(), p.adds(), cost == null ? 0 : cost.taps(),
                reach.further(p.on(), p.word(), p.kin(), p.at()), BoardView.of(p.kin()), weights.times(p.word()));
        }
    }

    /** What it would take to make a grown word one word again. */
    @For(Act.CHANGE)
    @GetMapping("/shrinking")
    ShrinkingView shrinking(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestParam String board,
        @RequestParam String button) {
        Vocabulary now = store.there(vocabulary).vocabulary();
        Button word = On.button(On.board(now, board), button);
        return Shrinking.of(now, word, sources.came()).map(s -> new ShrinkingView(true, s.opened().name(), s.boardGoes(),
            s.added().stream().map(Button::called).toList(), s.openers().stream().map(Button::called).toList()))
            .orElseGet(() -> new ShrinkingView(false, "", false, List.of(), List.of()));
    }

    @For(Act.CHANGE)
    @PostMapping
    Editing.Changed grow(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Growing growing,
        @RequestParam(required = false) @Nullable String step, @RequestParam(required = false) @Nullable Boolean sure,
        @RequestParam(required = false) @Nullable String reason) {
        GrowWord word = word(account, store.there(vocabulary),
            new GrowingWord(growing.board, growing.button, growing.from, growing.kin, growing.firstSays));
        return editing.edit(account, vocabulary, growing.base, word, List.of(), step, Learned.Answer.of(sure, reason));
    }

    private GrowWord word(Account account, VocabularyStore.Kept kept, GrowingWord word) {
        Long from = word.from;
        Vocabulary there = from == null ? null : sources.comes(account, sources.from(account, from), kept, false).vocabulary();
        return new GrowWord(word.board, word.button, there, word.kin, word.firstSays);
    }

    /** Words grow one after the other, as steps of the plan that come next. */
    @For(Act.CHANGE)
    @PostMapping("/plan")
    Editing.Changed plan(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody GrowingPlan plan) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        List<List<GrowWord>> steps = plan.steps.stream().map(words -> words.stream().map(w -> word(account, kept, w)).toList()).toList();
        return editing.edit(account, vocabulary, plan.base, new GrowInSteps(steps, plan.ahead), List.of(), null, Learned.Answer.of(null, null));
    }

    @For(Act.CHANGE)
    @PostMapping("/shrinking")
    Editing.Changed shrink(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody Shrunk shrunk,
        @RequestParam(required = false) @Nullable Boolean sure, @RequestParam(required = false) @Nullable String reason) {
        return editing.edit(account, vocabulary, shrunk.base, new ShrinkWord(shrunk.board, shrunk.button, sources.came()), List.of(), null,
            Learned.Answer.of(sure, reason));
    }
}
