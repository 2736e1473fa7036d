package org.dwimble.server.edit;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Change;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.Key;
import org.dwimble.core.edit.Moves;
import org.dwimble.core.edit.whole.Arriving;
import org.dwimble.core.edit.whole.ForReason;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.core.version.Touched;
import org.dwimble.core.wordline.Choice;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.BoardView;
import org.dwimble.server.board.StepsView;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.board.VocabularyView;
import org.dwimble.server.choice.AskedFor;
import org.dwimble.server.choice.WordChoices;
import org.dwimble.server.dayword.OwnDays;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.student.StudentStore;
import org.dwimble.server.told.Wording;
import org.dwimble.server.version.Conflict;
import org.dwimble.server.version.Deed;
import org.dwimble.server.version.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** An edit from a person's hand to everybody's screen: may he or she, is it kept, who is told. */
@Component
public class Editing {
    /**
     * What an edit left, against what held just before it. Who has that at hand needs nothing more.
     *
     * @param since      the version just before
     * @param vocabulary as it is now, but with those boards only of which something is told otherwise than before
     * @param order      ids of all boards as they are now listed; null if they are listed as before
     * @param boards     those that changed, with their buttons
     * @param added      ids of boards and buttons that are new
     */
    public record Changed(int since, VocabularyView vocabulary, @Nullable List<String> order, List<BoardView> boards, List<String> added,
        StepsView steps) {
    }

    private final VocabularyStore store;
    private final StudentStore students;
    private final Rights rights;
    private final Pictures pictures;
    private final WordChoices choices;
    private final AskedFor askedFor;
    private final Learned learned;
    private final Wording wording;
    private final OwnDays days;
    private final Clock clock;

    Editing(VocabularyStore store, StudentStore students, Rights rights, Pictures pictures, WordChoices choices, AskedFor askedFor, Learned learned,
        Wording wording, OwnDays days, Clock clock) {
        this.store = store;
        this.students = students;
        this.rights = rights;
        this.pictures = pictures;
        this.choices = choices;
        this.askedFor = askedFor;
        this.learned = learned;
        this.wording = wording;
        this.days = days;
        this.clock = clock;
    }

    /** The words with what each gets on this vocabulary; searching takes its time, and holds nobody up. */
    public List<ReadyWord> ready(Account account, long vocabulary, List<WordLine.Entry> entries) {
        return ready(account, vocabulary, null, entries, PutWords.MOST);
    }

    /**
     * As above.
     *
     * @param board they are for, which may say which of its meanings a word has; null for none that is there
     * @param most  how many go in at once
     */
    public List<ReadyWord> ready(Account account, long vocabulary, @Nullable String board, List<WordLine.Entry> entries, int most) {
        rights.must(account, Act.CHANGE, Thing.vocabulary(vocabulary));
        VocabularyStore.Kept kept = store.there(vocabulary);
        Board on = board == null ? null : kept.vocabulary().board(board).orElse(null);
        return WordLine.ready(entries, most, pictures.guesses(account, kept.student()), on);
    }

    public Changed edit(Account account, long vocabulary, int base, @Nullable Intention intention, @Nullable String step) {
        return edit(account, vocabulary, base, intention, List.of(), step, Learned.Answer.NOT_ASKED);
    }

    /**
     * @param chosen by hand for words that are new by it
     * @param step   of the plan, if there is one, that new words belong to; null for the one the student is at
     * @param answer to what would move, if that was told
     */
    public Changed edit(Account account, long vocabulary, int base, @Nullable Intention intention, List<Choice> chosen, @Nullable String step,
        Learned.Answer answer) {
        Set<Act> may = rights.must(account, Act.CHANGE, Thing.vocabulary(vocabulary));
        if (intention == null) {
            throw new Unacceptable("nothing-to-change");
        }
        Student whose = student(vocabulary);
        String student = whose == null ? null : whose.id();
        Intention made = new ForReason(new Arriving(intention, step), answer.reason()).madeBy(account.name(), days.today(student, clock.instant()));
        VocabularyStore.Asking asking = learned.asking(vocabulary, whose, intention, answer);
        Predicate<String> usable = pictures.usable(account, student);
        VocabularyStore.Asking beside = (session, change) -> {
            asking.keep(session, change);
            change.mayUse(usable);
            change.mayLead(led -> leads(led, student, account));
            choices.keep(session, student, chosen);
            choices.keep(session, student, Choice.of(change));
            choices.used(session, student, change.freshPictures(), clock.instant());
            askedFor.count(session, change.freshWithoutPicture(), clock.instant());
        };
        return answered(account, whose, may, () -> store.edit(vocabulary, base, made, beside, account.id(), clock.instant()));
    }

    /**
     * What an edit would do to what stands where.
     *
     * @param refusal why it would be refused; null if it would not
     * @param moving  the buttons that would stand in another cell or on another board, board by board in reading order
     * @param boards  those that would be other than now, as they would be
     * @param asks    what is asked before it is made; null if nothing is
     */
    public record Preview(@Nullable String refusal, List<Moving> moving, List<BoardView> boards, @Nullable AskView asks) {
    }

    /** What is asked before it is made, as it takes words from places the student has learned. */
    public record AskView(String sentence, boolean needsReason, Learned.@Nullable InsteadView instead) {
    }

    public record Moving(String board, String button, String label, Cell from, Cell to) {
    }

    /** What it would do now, as far as one can know; nothing is kept. */
    public Preview preview(Account account, long vocabulary, @Nullable Intention intention) {
        rights.must(account, Act.CHANGE, Thing.vocabulary(vocabulary));
        if (intention == null) {
            throw new Unacceptable("nothing-to-change");
        }
        Vocabulary now = store.there(vocabulary).vocabulary();
        Student student = student(vocabulary);
        AtomicInteger ids = new AtomicInteger();
        try {
            Change change = intention.madeBy(account.name(), days.today(student == null ? null : student.id(), clock.instant())).on(now,
                () -> "new-" + ids.incrementAndGet());
            List<Moving> moving = Moves.of(change).stream().map(m -> new Moving(m.from().board(), m.button(),
                now.at(m.from().board()).button(m.button()).orElseThrow().label(), m.from().standing().cell(), m.to().standing().cell())).toList();
            return new Preview(null, moving, change.changed().stream().map(BoardView::of).toList(),
                learned.asked(vocabulary, student, change, intention).map(asked -> new AskView(wording.of(asked.consequence().told()),
                    student != null && student.placesKept(), learned.view(asked.instead()))).orElse(null));
        } catch (Unacceptable refused) {
            return new Preview(wording.of(refused.told()), List.of(), List.of(), null);
        }
    }

    public Changed undo(Account account, long vocabulary, @Nullable Integer before, Learned.Answer answer) {
        Set<Act> may = rights.must(account, Act.CHANGE, Thing.vocabulary(vocabulary));
        Student whose = student(vocabulary);
        VocabularyStore.Asking asking = learned.asking(vocabulary, whose, null, answer);
        return answered(account, whose, may, () -> store.undo(vocabulary, before, asking, account.id(), clock.instant()));
    }

    public Changed redo(Account account, long vocabulary, Learned.Answer answer) {
        Set<Act> may = rights.must(account, Act.CHANGE, Thing.vocabulary(vocabulary));
        Student whose = student(vocabulary);
        VocabularyStore.Asking asking = learned.asking(vocabulary, whose, null, answer);
        return answered(account, whose, may, () -> store.redo(vocabulary, asking, account.id(), clock.instant()));
    }

    public Changed goBack(Account account, long vocabulary, int base, int version, Learned.Answer answer) {
        Set<Act> may = rights.must(account, Act.CHANGE, Thing.vocabulary(vocabulary));
        Student whose = student(vocabulary);
        VocabularyStore.Asking asking = learned.asking(vocabulary, whose, null, answer);
        return answered(account, whose, may, () -> store.goBack(vocabulary, base, version, asking, account.id(), clock.instant()));
    }

    public @Nullable Student student(long vocabulary) {
        return Optional.ofNullable(store.there(vocabulary).student()).flatMap(students::find).orElse(null);
    }

    /** A button leads to the student's own other vocabularies that whoever leads it there may see. */
    private boolean leads(long to, @Nullable String student, Account account) {
        return rights.may(account, Act.LOOK, Thing.vocabulary(to)) && store.find(to).filter(v -> Objects.equals(v.student(), student)).isPresent();
    }

    /** Whatever is needed for the answer is read before: once the edit is on disk nothing can go wrong that is not ours alone. */
    private Changed answered(Account account, @Nullable Student student, Set<Act> may, Supplier<VocabularyStore.Done> made) {
        try {
            VocabularyStore.Done done = made.get();
            List<String> were = List.copyOf(done.before().lines(VocabularyView.screen(student)).keySet());
            List<String> are = List.copyOf(done.after().lines(VocabularyView.screen(student)).keySet());
            return new Changed(done.before().version(), VocabularyView.changed(done.before(), done.after(), student, may), are.equals(were) ? null : are,
                done.change().changed().stream().map(BoardView::of).toList(), done.change().added(), StepsView.of(done.steps(), wording));
        } catch (Conflict conflict) {
            throw refusal(conflict, account);
        }
    }

    /** Both values, so that a person can choose: "yours" was not kept, "theirs" stands. */
    private Problem refusal(Conflict conflict, Account account) {
        Version theirs = conflict.theirs();
        boolean mine = theirs.account() != null && theirs.account() == account.id();
        String key = switch (conflict.act()) {
            case CHANGE -> mine ? "conflict-mine" : "conflict";
            case BACK -> "conflict-undo";
            case AGAIN -> "conflict-redo";
        };
        Object who = theirs.by() == null ? Told.of("somebody") : theirs.by();
        Map<String, Object> more = new LinkedHashMap<>();
        more.put("version", conflict.now().version());
        button((Vocabulary) conflict.now().content(), conflict.met()).ifPresent(b -> more.put("theirs", BoardView.ButtonView.of(b)));
        button((Vocabulary) conflict.yours().after(), conflict.met())
            .ifPresent(b -> more.put("yours", BoardView.ButtonView.of(b)));
        Told told = mine && conflict.act() == Deed.CHANGE ? Told.of(key, "what", theirs.told()) : Told.of(key, "who", who, "what",
            theirs.told());
        return new Problem(HttpStatus.CONFLICT, told, more);
    }

    /** The button two people met on, by itself or by its cell. */
    private static Optional<Button> button(Vocabulary in, @Nullable Touched met) {
        if (met instanceof Key.OfCell of) {
            return in.board(of.board()).flatMap(b -> b.at(of.cell()));
        }
        String id = met instanceof Key.OfFacet of ? of.button() : met instanceof Key.OfPlace of ? of.button() : met instanceof Key.OfButton of
            ? of.button() : null;
        return id == null ? Optional.empty() : in.boardOf(id).flatMap(b -> b.button(id));
    }
}
