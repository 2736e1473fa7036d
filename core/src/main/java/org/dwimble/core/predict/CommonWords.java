package org.dwimble.core.predict;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.picture.PictureLibrary.Named;
import org.dwimble.core.words.Frequency;
import org.jspecify.annotations.Nullable;

/**
 * Words of a language with how common they are, and the picture of some. Of English they are those said most. Of another language they are the single words
 * by which the library calls and finds its pictures there: no list of what is said most comes with it, so that each is taken to be as common as the
 * word for the same picture is in English, and a word by which a picture is only found a {@value #FOUND_BY}th as common.
 */
public final class CommonWords {
    private static final int FOUND_BY = 20;
    private final Ranked ranked;
    private final Map<String, String> pictures;

    private CommonWords(Ranked ranked, Map<String, String> pictures) {
        this.ranked = ranked;
        this.pictures = Map.copyOf(pictures);
    }

    /** @param library the best picture for a word first */
    public static CommonWords english(Collection<Picture> library, Frequency frequency) {
        Map<String, String> pictures = new HashMap<>();
        library.forEach(picture -> pictures.putIfAbsent(picture.name(), picture.id()));
        return new CommonWords(new Ranked(frequency.words(), frequency::weight), pictures);
    }

    /** @param library the best picture for a word first @param names what pictures are called in the language */
    public static CommonWords named(Collection<Picture> library, List<Named> names, Frequency frequency) {
        Map<String, Named> byPicture = names.stream().collect(Collectors.toMap(Named::picture, n -> n, (first, other) -> first));
        Map<String, Double> weights = new HashMap<>();
        Map<String, String> pictures = new HashMap<>();
        for (Picture picture : library) {
            Named named = byPicture.get(picture.id());
            if (named == null) {
                continue;
            }
            double weight = frequency.weight(picture.name());
            if (isOneWord(named.name())) {
                weights.merge(named.name(), weight, Math::max);
                pictures.putIfAbsent(named.name(), picture.id());
            }
            named.keywords().stream().filter(CommonWords::isOneWord).forEach(word -> weights.merge(word, weight / FOUND_BY, Math::max));
        }
        return new CommonWords(new Ranked(weights.keySet().stream().sorted().toList(), weights::get), pictures);
    }

    private static boolean isOneWord(String text) {
        return !text.isEmpty() && text.codePoints().allMatch(c -> Character.isLetter(c) || Character.getType(c) == Character.NON_SPACING_MARK
            || Character.getType(c) == Character.COMBINING_SPACING_MARK || c == '-' || c == '’' || c == '\'');
    }

    Ranked ranked() {
        return ranked;
    }

    /** The picture that is called just so; null if none is. */
    public @Nullable String picture(String word) {
        return pictures.get(word);
    }
}
