package org.dwimble.server.predict;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Layer;
import org.dwimble.core.doing.OfferWord;
import org.dwimble.core.grant.Act;
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

    /** @param place from 1 @param layers its pictures; empty for a word that is not the student's own */
    record OfferedWord(int place, String text, List<Layer> layers) {
    }

    private record Version(long vocabulary, int number) {
    }

    private record Index(Predicting words, Map<String, List<Layer>> pictures) {
    }

    private final VocabularyStore store;
    private final Library library;
    private @Nullable Ranked common;
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
            .mapToObj(i -> new OfferedWord(i + 1, Objects.requireNonNull(words.get(i)), index.pictures.getOrDefault(words.get(i), List.of()))).toList();
    }

    private Index index(VocabularyStore.Kept kept) {
        Predicate<Button> shown = Revealed.of(kept.vocabulary())::shows;
        Map<String, List<Layer>> own = new LinkedHashMap<>();
        kept.vocabulary().boards().values().stream().flatMap(b -> b.buttons().stream()).filter(Button::isWord).filter(shown)
            .forEach(b -> own.putIfAbsent(b.spoken(), b.layers()));
        boolean english = ULocale.forLanguageTag(kept.vocabulary().locale()).getLanguage().equals("en");
        return new Index(new Predicting(new Ranked(own.keySet(), library.frequency()::weight), english ? common() : NONE), own);
    }

    /** Once for all vocabularies. */
    private synchronized Ranked common() {
        Ranked known = common;
        if (known == null) {
            known = new Ranked(library.frequency().words(), library.frequency()::weight);
            common = known;
        }
        return known;
    }
}
