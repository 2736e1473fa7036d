package org.dwimble.server.picture;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.credit.Credit;
import org.dwimble.core.credit.Credits;
import org.dwimble.core.obf.PackedLicence;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.Asked;
import org.dwimble.core.search.Found;
import org.dwimble.core.search.PictureSearch;
import org.dwimble.core.search.SpokenOf;
import org.dwimble.core.search.Why;
import org.dwimble.core.sound.SoundSearch;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.core.words.Kinds;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.School;
import org.dwimble.server.choice.WordChoices;
import org.dwimble.server.collection.OwnPictures;
import org.dwimble.server.collection.SaidOfMedia;
import org.dwimble.server.library.Library;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The library and the school's own pictures together, as far as somebody may use them, with what was chosen before for a student. */
@Component
public class Pictures {
    private record Together(long change, String money, PictureSearch search, SoundSearch sounds) {
    }

    private final Library library;
    private final OwnPictures own;
    private final SaidOfMedia said;
    private final WordChoices choices;
    private final School school;
    private volatile @Nullable Together together;

    Pictures(Library library, OwnPictures own, SaidOfMedia said, WordChoices choices, School school) {
        this.library = library;
        this.said = said;
        this.own = own;
        this.choices = choices;
        this.school = school;
    }

    /** What is in force now; made anew after a school's own pictures changed. */
    private Together now() {
        Together known = together;
        long change = own.change();
        String money = school.money();
        if (known == null || known.change != change || !known.money.equals(money)) {
            List<Picture> ours = own.pictures();
            known = new Together(change, money, library.search().with(ours, money), library.bySound().with(ours));
            together = known;
        }
        return known;
    }

    /** Every picture there is, own ones first. */
    Stream<Picture> all() {
        return Stream.concat(own.pictures().stream(), library.search().library().stream());
    }

    /** What a library picture is called in other languages, by the tag of the language. */
    public Map<String, String> namesOf(String id) {
        return library.search().namesOf(id);
    }

    /** Whose a picture is; what came only with a package is not known here. */
    public Credit creditOf(String id) {
        return MediaId.isOwn(id) ? said.credit(id).orElse(Credit.UNKNOWN) : Credit.ofLibrary(id);
    }

    /** Whose some pictures are. */
    public Credits creditsOf(Collection<String> ids) {
        return Credits.of(ids, this::creditOf);
    }

    /** Whose the pictures on some boards are. */
    public Credits credits(Collection<Board> boards) {
        return Credits.of(boards, id -> said.credit(id).orElse(null), PackedLicence::read);
    }

    public SoundSearch sounds() {
        return now().sounds;
    }

    public Kinds kinds() {
        return library.kinds();
    }

    /** Finds a picture by its id, if it may be seen, under the words it may be seen with. @param may from {@link #may} */
    public Optional<Picture> byId(String id, Predicate<Picture> may) {
        return now().search.byId(id, may);
    }

    /** What this account may use: for one student, or, with none given, for anybody of its students. */
    public Predicate<Picture> may(Account account, @Nullable String student) {
        return own.may(account, student);
    }

    /** True if an account may put an own picture or sound on a student's boards. For many at once see {@link #usable}. */
    public boolean mayUse(String id, Account account, @Nullable String student) {
        return usable(account, student).test(id);
    }

    /** What an account may put on a student's boards and lists, by its id; who is on which team is read once, now. */
    public Predicate<String> usable(Account account, @Nullable String student) {
        Predicate<String> own = this.said.allowed(account, student);
        return id -> MediaId.isOwn(id) ? own.test(id) : library.search().byId(id).isPresent();
    }

    /** The library's own drawing of a word, if it is sure of one. */
    public Optional<Picture> drawn(String word) {
        return Guesses.of(library.search(), library.kinds()).picture(word).filter(p -> !p.own());
    }

    /** As the search finds them, but what was chosen for this word and student before stands first. */
    public List<Found> find(Asked asked, Account account, @Nullable String student) {
        return find(asked, may(account, student), student);
    }

    private List<Found> find(Asked asked, Predicate<Picture> may, @Nullable String student) {
        PictureSearch search = now().search;
        List<Found> found = new ArrayList<>(search.find(asked, may));
        Optional<Picture> chosen = student == null || asked.how() != Asked.How.TYPED ? Optional.empty() : choices.picture(student, asked.text())
            .flatMap(id -> search.byId(id, may));
        chosen.ifPresent(picture -> {
            found.removeIf(f -> f.picture().id().equals(picture.id()));
            found.add(0, new Found(picture, Why.CHOSEN_BEFORE, asked.text()));
        });
        return found;
    }

    /** What a typed word gets by itself, for one student. Each word is searched for once. */
    public Guesses guesses(Account account, @Nullable String student) {
        Predicate<Picture> may = may(account, student);
        Map<String, Optional<Picture>> known = new HashMap<>();
        return new Guesses() {
            @Override
            public Optional<Picture> picture(String word, SpokenOf on) {
                return on == SpokenOf.NOTHING ? known.computeIfAbsent(word, w -> sought(w, on)) : sought(word, on);
            }

            private Optional<Picture> sought(String word, SpokenOf on) {
                PictureSearch search = now().search;
                Optional<Picture> chosen = student == null ? Optional.empty() : choices.picture(student, word).flatMap(id -> search.byId(id, may));
                return chosen.or(() -> search.best(word, may, on));
            }

            @Override
            public Optional<Picture> byId(String id) {
                return Pictures.this.byId(id, may);
            }

            @Override
            public Kind kind(String word, @Nullable Picture picture) {
                Optional<Kind> chosen = student == null ? Optional.empty() : choices.kind(student, word);
                return chosen.orElseGet(() -> kinds().of(word.toLowerCase(Locale.ROOT), picture));
            }
        };
    }
}
