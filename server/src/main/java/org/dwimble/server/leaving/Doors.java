package org.dwimble.server.leaving;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.Predicate;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.edit.words.WithoutPictures;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.told.Told;
import org.dwimble.core.wordlist.WordList;
import org.dwimble.server.account.Account;
import org.dwimble.server.collection.SaidOfMedia;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Every door by which something leaves: what is known here of pictures, voices and who sends them, put before the one rule
 * ({@link org.dwimble.core.credit.Leaving}), and boards and lists made ready by it.
 */
@Component
public class Doors {
    /** Stands for somebody whose photo stayed. */
    private static final String SOMEBODY = "core/somebody";

    private final Pictures pictures;
    private final SaidOfMedia said;
    private final Rights rights;
    private final Wording wording;

    Doors(Pictures pictures, SaidOfMedia said, Rights rights, Wording wording) {
        this.pictures = pictures;
        this.said = said;
        this.rights = rights;
        this.wording = wording;
    }

    /**
     * For something that leaves the school, or goes on paper.
     *
     * @param what the boards or the list it is of
     */
    public Leaving out(Leaving.Whither whither, Leaving.Answer answer, Account account, Thing what) {
        boolean changes = rights.may(account, Act.CHANGE, what);
        String student = rights.studentOf(what);
        return new Leaving(whither, answer,
            remembered(id -> Leaving.Known.away(said.shows(id, student), changes, () -> said.takenInBy(account, id))));
    }

    /** For paper. @param printed null for the team @param what the boards or the list */
    public Leaving paper(@Nullable PrintedFor printed, Account account, Thing what) {
        PrintedFor whom = printed == null ? PrintedFor.TEAM : printed;
        return switch (whom) {
            case TEAM -> out(Leaving.Whither.TEAM_PAPER, Leaving.Answer.NOTHING, account, what);
            case OTHERS_DRAWN -> out(Leaving.Whither.OTHERS_PAPER, Leaving.Answer.NOTHING, account, what);
            case OTHERS_EMPTY -> out(Leaving.Whither.OTHERS_PAPER, new Leaving.Answer(false, false, false, false, Leaving.Instead.EMPTY), account, what);
            case OTHERS_WITH_PHOTOS -> out(Leaving.Whither.OTHERS_PAPER, new Leaving.Answer(true, true, false, false, Leaving.Instead.DRAWN), account, what);
        };
    }

    /** For a copy for another student: what was taken in goes along if it may be used for this one, what only came with a package does. */
    public Leaving toStudent(String student, Leaving.Answer answer, Account account) {
        Predicate<String> usable = pictures.usable(account, student);
        return new Leaving(Leaving.Whither.STUDENT, answer, remembered(id -> Leaving.Known.on(said.shows(id, student), () -> usable.test(id))));
    }

    /** For a bundle of boards, which are nobody's: nothing goes along that is a student's, or may show somebody. */
    public Leaving toBundle(Account account) {
        return toStudent("", Leaving.Answer.NOTHING, account);
    }

    /** As somebody may see what lies on the school's shelf, or has it for nobody in particular. */
    public Leaving toShelf(Account account) {
        Predicate<String> usable = pictures.usable(account, null);
        return new Leaving(Leaving.Whither.SHELF, Leaving.Answer.NOTHING, remembered(id -> new Leaving.Known(said.shows(id, null), usable.test(id))));
    }

    private static Function<String, Leaving.Known> remembered(Function<String, Leaving.Known> known) {
        Map<String, Leaving.Known> asked = new ConcurrentHashMap<>();
        return id -> asked.computeIfAbsent(id, known);
    }

    /** Boards as they leave, under a name that names nobody if the student's does not go. */
    public WithoutPictures.Made ready(Vocabulary vocabulary, Leaving leaving) {
        WithoutPictures.Made made = WithoutPictures.of(vocabulary, leaving, b -> drawn(b.called(), b.kind(), b.pictures()));
        boolean named = leaving.whither() == Leaving.Whither.STUDENT || leaving.nameGoes();
        return named ? made : new WithoutPictures.Made(made.vocabulary().withName(wording.of(Told.of("boards-unnamed"))), made.stayed());
    }

    /** A list as it leaves. @param left how many pictures stayed */
    public record ReadyList(WordList list, int left) {
    }

    public ReadyList ready(WordList list, Leaving leaving) {
        if (leaving.whither() == Leaving.Whither.TEAM_PAPER) {
            return new ReadyList(list, 0);
        }
        int left = (int) list.pictures().stream().filter(leaving::stays).distinct().count();
        return left == 0 ? new ReadyList(list, 0)
            : new ReadyList(
                list.leaving(leaving::stays,
                    word -> leaving.instead() == Leaving.Instead.DRAWN ? drawn(word.text(), word.kind(), word.pictures()) : Optional.empty()),
                left);
    }

    /**
     * The drawn symbol of a word, or a figure where somebody was shown and the word has none: a name is drawn by no other word that is written like it.
     *
     * @param were the pictures that stay
     */
    private Optional<String> drawn(String word, @Nullable Kind kind, Collection<String> were) {
        Optional<Picture> found = word.isEmpty() ? Optional.empty() : pictures.drawn(word);
        boolean somebody = kind == Kind.WHO || were.stream().filter(MediaId::isOwn).anyMatch(id -> said.shows(id, null).somebody());
        boolean name = !word.isEmpty() && Character.isUpperCase(word.codePointAt(0));
        boolean other = somebody && (name || kind == Kind.WHO && found.filter(p -> pictures.kinds().of(word, p) == Kind.WHO).isEmpty());
        Optional<String> drawn = found.filter(p -> !other).map(Picture::id);
        return drawn.isPresent() || !somebody ? drawn : Optional.of(SOMEBODY);
    }

    /** What has to be asked before these boards leave. */
    public Leaving.Count count(Collection<Board> boards, Leaving leaving) {
        return leaving.count(boards.stream().flatMap(b -> b.media().stream()).distinct().toList());
    }

    /** How many of these, pictures and sounds, may be somebody's: what printing for others is asked about. */
    public int people(Collection<String> ids) {
        return (int) ids.stream().filter(MediaId::isOwn).distinct().filter(id -> said.shows(id, null).maybeSomebody()).count();
    }

    /** What to tell of those that stayed; nothing if none did. */
    public Optional<String> told(int left, Leaving leaving) {
        return left == 0 ? Optional.empty()
            : Optional.of(wording.of(Told.of(leaving.instead() == Leaving.Instead.DRAWN ? "stayed-drawn" : "stayed-empty", "count", left)));
    }
}
