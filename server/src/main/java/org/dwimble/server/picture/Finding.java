package org.dwimble.server.picture;

import java.util.List;
import java.util.Locale;
import org.dwimble.core.board.Kind;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.Asked;
import org.dwimble.core.search.Found;
import org.dwimble.core.search.SpokenOf;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is found for a word as it is typed, with the reasons in words. */
@Component
public class Finding {
    static final int MOST = 300;

    /**
     * @param gloss which meaning of its name it shows, where that has several; else empty
     * @param why   the reason it was found, in a word or two
     * @param sure  true if it is what the word would get by itself
     */
    public record FoundPicture(String id, String name, String gloss, String why, boolean sure) {
        static FoundPicture of(Found found, boolean sure, Wording wording) {
            return new FoundPicture(found.picture().id(), found.picture().name(), found.picture().gloss(), wording.of(found.told()), sure);
        }
    }

    /** @param kind what the word would be taken for */
    public record FoundPictures(String word, Kind kind, List<FoundPicture> pictures) {
    }

    private final Pictures pictures;
    private final Wording wording;

    Finding(Pictures pictures, Wording wording) {
        this.pictures = pictures;
        this.wording = wording;
    }

    /**
     * For the last word of a line.
     *
     * @param language preferred beside English, as a BCP 47 tag
     * @param most     how many, brought within 1 and 300
     * @param on       what the board it is for speaks of
     */
    public FoundPictures typed(String line, Asked.How how, @Nullable String category, @Nullable String language, int most, SpokenOf on, Account account,
        @Nullable String student) {
        List<WordLine.Entry> entries = WordLine.read(line);
        String word = entries.isEmpty() ? "" : entries.get(entries.size() - 1).pictureWord();
        List<String> languages = language == null || language.isBlank() ? List.of("en") : List.of(language.split("-")[0].toLowerCase(Locale.ROOT), "en");
        Asked asked = new Asked(word, how, languages, category, Math.max(1, Math.min(most, MOST))).on(on);
        List<Found> found = pictures.find(asked, account, student);
        Picture best = found.stream().findFirst().filter(f -> f.why().sure()).map(Found::picture).orElse(null);
        return new FoundPictures(word, pictures.guesses(account, student).kind(word, best),
            found.stream().map(f -> FoundPicture.of(f, f.picture().equals(best), wording)).toList());
    }
}
