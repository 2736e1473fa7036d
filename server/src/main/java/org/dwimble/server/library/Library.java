package org.dwimble.server.library;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.number.NumberDrawing;
import org.dwimble.core.number.Numbered;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Look;
import org.dwimble.core.picture.PictureLibrary;
import org.dwimble.core.predict.CommonWords;
import org.dwimble.core.search.PictureIndex;
import org.dwimble.core.search.PictureSearch;
import org.dwimble.core.search.WordCategories;
import org.dwimble.core.sound.PronouncingDictionary;
import org.dwimble.core.sound.SoundSearch;
import org.dwimble.core.words.Forms;
import org.dwimble.core.words.Frequency;
import org.dwimble.core.words.Kinds;
import org.dwimble.core.words.Meanings;
import org.springframework.stereotype.Component;

/**
 * The library that ships, out of the jar the module {@code library} builds. Reading and sorting it takes about a
 * second and goes on beside the start; whoever asks earlier waits.
 */
@Component
public class Library {
    private static final Function<String, InputStream> FILES = file -> Library.class.getResourceAsStream("/library/" + file);
    /** Drawings asked for lately; what is not there is not remembered, so that asking for nothing costs no memory. */
    private static final Cache<String, byte[]> DRAWINGS = Caffeine.newBuilder().maximumWeight(24L << 20)
        .weigher((String name, byte[] svg) -> svg.length + 2 * name.length() + 64).build();

    private final CompletableFuture<PictureSearch> search = CompletableFuture.supplyAsync(Library::readSearch);
    private final CompletableFuture<Kinds> kinds = CompletableFuture.supplyAsync(Library::readKinds);
    private final CompletableFuture<WordCategories> categories = search.thenApplyAsync(pictures -> new WordCategories(pictures.library(),
        WordCategories.readTopics(FILES), pictures.meanings(),
        Forms.english()));
    private final CompletableFuture<Frequency> frequency = CompletableFuture.supplyAsync(Library::readFrequency);
    private final CompletableFuture<SoundSearch> bySound = search.thenCombineAsync(CompletableFuture.supplyAsync(() -> PronouncingDictionary.read(FILES)),
        (pictures, dictionary) -> new SoundSearch(pictures.library(), dictionary));

    private final Map<String, CommonWords> common = new ConcurrentHashMap<>();

    public PictureSearch search() {
        return search.join();
    }

    public Kinds kinds() {
        return kinds.join();
    }

    /** What words are among, and kinds of. */
    public WordCategories categories() {
        return categories.join();
    }

    public Frequency frequency() {
        return frequency.join();
    }

    public SoundSearch bySound() {
        return bySound.join();
    }

    /** Words of a language with how common they are; read when it is first asked for, and kept. Empty for a language of which none are known. */
    public Optional<CommonWords> commonWords(String language) {
        if (!language.equals("en") && !PictureLibrary.LANGUAGES.contains(language)) {
            return Optional.empty();
        }
        return Optional.of(common.computeIfAbsent(language, l -> l.equals("en") ? CommonWords.english(search().library(), frequency())
            : CommonWords.named(search().library(), PictureLibrary.names(FILES, l), frequency())));
    }

    public static PictureSearch readSearch() {
        PictureLibrary library = PictureLibrary.read(FILES);
        Forms forms = Forms.english();
        return new PictureSearch(new PictureIndex(library, forms), Meanings.read(FILES), forms);
    }

    public static Kinds readKinds() {
        return Kinds.read(FILES);
    }

    public static Frequency readFrequency() {
        return Frequency.read(FILES);
    }

    /** The SVG of a library picture as it looks to a student; in colour where it has no skin tone of its own. */
    public static Optional<byte[]> drawing(String id, Appearance appearance) {
        if (!MediaId.isLibrary(id)) {
            return Optional.empty();
        }
        Optional<Numbered> number = Numbered.byId(id);
        if (number.isPresent()) {
            return number.map(n -> NumberDrawing.svg(n, appearance.look() == Look.CONTRAST).getBytes(StandardCharsets.UTF_8));
        }
        if (appearance.look() == Look.CONTRAST) {
            return file("contrast/" + id);
        }
        Optional<byte[]> toned = appearance.tone().slug().isEmpty() ? Optional.empty() : file("colour/" + id + "." + appearance.tone().slug());
        return toned.or(() -> file("colour/" + id).map(svg -> filled(svg, appearance)));
    }

    /** True if the bytes are this picture in any appearance. */
    public static boolean isDrawingOf(String id, byte[] svg) {
        return MediaId.isLibrary(id) && Appearance.all().stream().anyMatch(a -> drawing(id, a).filter(d -> Arrays.equals(d, svg)).isPresent());
    }

    private static byte[] filled(byte[] svg, Appearance appearance) {
        String text = new String(svg, StandardCharsets.UTF_8);
        return text.indexOf('{') < 0 ? svg : appearance.fill(text).getBytes(StandardCharsets.UTF_8);
    }

    private static Optional<byte[]> file(String name) {
        return Optional.ofNullable(DRAWINGS.get(name, n -> {
            try (InputStream in = Library.class.getResourceAsStream("/art/" + n + ".svg")) {
                return in == null ? null : in.readAllBytes();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }));
    }
}
