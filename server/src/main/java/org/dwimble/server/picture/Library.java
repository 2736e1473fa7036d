package org.dwimble.server.picture;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.Map;
import org.dwimble.core.words.Kinds;
import org.dwimble.core.words.LibraryPicture;
import org.dwimble.core.words.PictureSearch;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The pictures built from the base set by {@code web/library}: names in one file, drawings one a file, all inside the jar. */
@Configuration(proxyBeanMethods = false)
public class Library {
    private static final Map<String, Optional<byte[]>> DRAWINGS = new ConcurrentHashMap<>();

    @Bean
    public static PictureSearch pictures() {
        try (InputStream in = Library.class.getResourceAsStream("/library/pictures.json")) {
            if (in == null) {
                throw new IllegalStateException("The picture library is not built. Build the web module first.");
            }
            List<LibraryPicture> pictures = JsonMapper.shared().readValue(in, new TypeReference<List<LibraryPicture>>() {
            });
            return new PictureSearch(pictures);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Bean
    public static Kinds kinds() {
        return Kinds.shipped();
    }

    /** The SVG of a library picture, by its id. */
    public static Optional<byte[]> drawing(String id) {
        if (!id.matches("base/[a-z0-9-]+")) {
            return Optional.empty();
        }
        return DRAWINGS.computeIfAbsent(id, Library::read);
    }

    private static Optional<byte[]> read(String id) {
        try (InputStream in = Library.class.getResourceAsStream("/static/art/" + id + ".svg")) {
            return in == null ? Optional.empty() : Optional.of(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
