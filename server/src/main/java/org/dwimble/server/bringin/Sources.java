package org.dwimble.server.bringin;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.edit.words.WithoutPictures;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.leaving.Doors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What boards come from: whether somebody may take them there, and what of them may come here. */
@Component
public class Sources {
    /** So many bundles are looked through at once, the latest. */
    private static final int MOST_BUNDLES = 20;

    private final VocabularyStore store;
    private final Rights rights;
    private final Doors doors;

    Sources(VocabularyStore store, Rights rights, Doors doors) {
        this.store = store;
        this.rights = rights;
        this.doors = doors;
    }

    /** @throws org.dwimble.server.problem.Problem if this person may not take from it */
    public VocabularyStore.Kept from(Account account, long from) {
        rights.must(account, Act.TAKE, Thing.vocabulary(from));
        return store.there(from);
    }

    /**
     * What may come, and what stays.
     *
     * @param made    with every button known as the one it is there
     * @param leaving null if all may come: of the same student, or of a starter
     */
    public record Comes(WithoutPictures.Made made, @Nullable Leaving leaving) {
        public Vocabulary vocabulary() {
            return made.vocabulary();
        }

        /** Each picture and voice once, where it stands first. */
        List<ArrivalView.StaysBehind> stays(List<WithoutPictures.Stayed> stayed, Vocabulary from) {
            if (leaving == null) {
                return List.of();
            }
            Set<String> told = new HashSet<>();
            return stayed.stream().filter(s -> s.what() != WithoutPictures.What.WAY && told.add(s.id()))
                .map(s -> new ArrivalView.StaysBehind(from.at(s.board()).name(), s.button().called(), s.what() == WithoutPictures.What.SOUND,
                    leaving.fate(s.id()) == Leaving.Fate.ASKED ? ArrivalView.Why.NOT_WANTED : ArrivalView.Why.NOT_TO_USE))
                .toList();
        }
    }

    public Comes comes(Account account, VocabularyStore.Kept from, VocabularyStore.Kept to, boolean people) {
        return comes(account, from, to, from.vocabulary(), people);
    }

    /** @param boards of {@code from} that are asked about */
    Comes comes(Account account, VocabularyStore.Kept from, VocabularyStore.Kept to, Vocabulary boards, boolean people) {
        Vocabulary marked = Origin.marked(boards, String.valueOf(from.id()), from.version());
        if (from.starter() != null || from.student() != null && from.student().equals(to.student())) {
            return new Comes(new WithoutPictures.Made(marked, List.of()), null);
        }
        Leaving.Answer answer = new Leaving.Answer(people, people, false, false, Leaving.Instead.DRAWN);
        Leaving leaving = to.student() == null ? doors.toBundle(account) : doors.toStudent(to.student(), answer, account);
        return new Comes(doors.ready(marked, leaving), leaving);
    }

    /** What of it may lie on the shelf of one's own, where no picture is a student's. @param chosen what is taken of it */
    WithoutPictures.Made onShelf(Account account, VocabularyStore.Kept from, UnaryOperator<Vocabulary> chosen) {
        return doors.ready(chosen.apply(Origin.marked(from.vocabulary(), String.valueOf(from.id()), from.version())), doors.toBundle(account));
    }

    /** What a vocabulary held at a version; empty if that is not known. */
    Optional<Vocabulary> then(VocabularyStore.Kept from, int version) {
        return version > from.version() ? Optional.empty() : store.version(from.id(), version);
    }

    /** A button as it was where it came from, as long as that is known; each version is read once. */
    public Function<Origin, Optional<Button>> came() {
        Map<Origin, Optional<Vocabulary>> known = new HashMap<>();
        return origin -> known.computeIfAbsent(new Origin(origin.vocabulary(), origin.version(), "?"), at -> store.find(Long.parseLong(at.vocabulary()))
            .flatMap(from -> then(from, at.version()))).flatMap(then -> then.boardOf(origin.button()).flatMap(b -> b.button(origin.button())));
    }

    /** Where words are likely to find more, in this vocabulary's language: the starters, what else its student has, the latest bundles on one's own shelf. */
    public List<VocabularyStore.Kept> near(Account account, VocabularyStore.Kept to) {
        Stream<VocabularyStore.Kept> others = to.student() == null || !rights.may(account, Act.TAKE, Thing.student(to.student())) ? Stream.empty()
            : store.ofStudent(to.student()).stream().map(v -> store.there(v.id()));
        Stream<VocabularyStore.Kept> bundles = store.bundles(account.id()).stream().limit(MOST_BUNDLES).map(b -> store.there(b.id()));
        return Stream.of(store.starters().stream(), others, bundles).flatMap(all -> all).filter(v -> v.id() != to.id() && language(v).equals(language(to)))
            .toList();
    }

    private static String language(VocabularyStore.Kept kept) {
        return Locale.forLanguageTag(kept.vocabulary().whole().locale()).getLanguage();
    }
}
