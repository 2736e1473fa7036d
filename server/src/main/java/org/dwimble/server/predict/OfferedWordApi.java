package org.dwimble.server.predict;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Layer;
import org.dwimble.core.doing.OfferWord;
import org.dwimble.core.grammar.FormsOf;
import org.dwimble.core.grammar.WordForms;
import org.dwimble.core.grant.Act;
import org.dwimble.core.predict.CommonWords;
import org.dwimble.core.predict.Predicting;
import org.dwimble.core.predict.Ranked;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.library.Library;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Words for what is being spelt. What was said comes with the question and is forgotten with the answer. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/offered-words")
class OfferedWordApi {
    private static final int LONGEST = 60;
    private static final int INDEXES = 40;
    private static final Ranked NONE = new Ranked(List.of(), w -> 1);

    /**
     * @param typed what is spelt so far; none for the word that comes next
     * @param said  words said lately, the last one last
     * @param shown words that are offered now, by cell; an empty one where none is
     * @param cells in how many words are offered
     */
    record SpelledSoFar(@Nullable String typed, @Nullable List<String> said, @Nullable List<String> shown, @Nullable Integer cells) {
    }

    /**
     * @param place  from 1
     * @param layers its pictures: the button's of an own word, else the library's that is called so; may be empty
     * @param forms  of an English word that is not one of the student's own, whose forms are told with the vocabulary; null if it has none
     */
    record OfferedWord(int place, String text, List<Layer> layers, @Nullable FormsOf forms) {
    }

    private record Version(long vocabulary, int number) {
    }

    private record Index(Predicting words, Function<String, List<Layer>> pictures, Function<String, @Nullable FormsOf> forms) {
        OfferedWord offered(int place, String word) {
            return new OfferedWord(place, word, pictures.apply(word), forms.apply(word));
        }
    }

    private final VocabularyStore store;
    private final Library library;
    private final Cache<Version, Index> indexes = Caffeine.newBuilder().maximumSize(INDEXES).build();

    OfferedWordApi(VocabularyStore store, Library library) {
        this.store = store;
        this.library = library;
    }

    /** Of the student's own words those that are shown. */
    @For(Act.TALK)
    @PostMapping
    List<OfferedWord> offeredWords(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @RequestBody SpelledSoFar spelling) {
        String typed = Objects.requireNonNullElse(spelling.typed, "");
        List<String> said = Objects.requireNonNullElse(spelling.said, List.<String>of());
        Unacceptable.ifMissing(said);
        int cells = Objects.requireNonNullElse(spelling.cells, 0);
        Unacceptable.ifMore("too-much-at-once", said.size(), Predicting.REMEMBERED);
        Unacceptable.ifMore("too-much-at-once", cells, OfferWord.MOST);
        if (cells < 1 || typed.length() > LONGEST) {
            return List.of();
        }
        VocabularyStore.Kept kept = store.there(vocabulary);
        Index index = Objects.requireNonNull(indexes.get(new Version(vocabulary, kept.version()), v -> index(kept)));
        List<@Nullable String> shown = new ArrayList<>();
        Objects.requireNonNullElse(spelling.shown, List.<String>of()).forEach(w -> shown.add(w == null || w.isEmpty() ? null : w));
        List<@Nullable String> words = Predicting.kept(shown, index.words.offered(typed, said, cells), cells);
        return IntStream.range(0, words.size()).filter(i -> words.get(i) != null)
            .mapToObj(i -> index.offered(i + 1, Objects.requireNonNull(words.get(i)))).toList();
    }

    private Index index(VocabularyStore.Kept kept) {
        Predicate<Button> shows = Revealed.of(kept.vocabulary())::shows;
        Map<String, List<Layer>> own = new LinkedHashMap<>();
        List<String> unseen = new ArrayList<>();
        kept.vocabulary().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(Button::isWord).forEach(b -> {
            if (shows.test(b)) {
                own.putIfAbsent(b.spoken(), b.layers());
            } else {
                unseen.add(b.spoken());
            }
        });
        Ranked words = new Ranked(own.keySet(), library.frequency()::weight);
        String language = ULocale.forLanguageTag(kept.vocabulary().locale()).getLanguage();
        Optional<CommonWords> common = library.commonWords(language);
        return new Index(common.map(c -> new Predicting(words, c, unseen)).orElseGet(() -> new Predicting(words, NONE, unseen)),
            word -> own.containsKey(word) ? own.get(word)
                : common.map(c -> c.picture(word)).map(picture -> List.of(Layer.whole(picture))).orElse(List.of()),
            word -> own.containsKey(word) || !language.equals("en") ? null : WordForms.english().ofAny(word, library.kinds()).orElse(null));
    }
}
