package org.dwimble.core.picture;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The library that ships, as its build writes it: tables of tab-parted columns, a row a line, lists parted by {@code |}.
 *
 * @param pictures the best picture for a word first
 * @param names    by language tag, what pictures are called and known by in other languages
 * @param signs    the picture that draws a sign of Unicode, by that
 */
public record PictureLibrary(List<Picture> pictures, Map<String, List<Named>> names, Map<String, String> signs) {
    /** The languages of the library beside English, as BCP 47 tags. */
    public static final List<String> LANGUAGES = List.of("ar", "de", "es", "fr", "pl", "pt", "tr", "uk", "vi", "zh");

    /** A picture's name and keywords in one language. */
    public record Named(String picture, String name, List<String> keywords) {
        public Named {
            keywords = List.copyOf(keywords);
        }
    }

    public PictureLibrary {
        pictures = List.copyOf(pictures);
        names = Map.copyOf(names);
        signs = Map.copyOf(signs);
    }

    /** @param open finds a file of the library by its name, such as {@code pictures.tsv} */
    public static PictureLibrary read(Function<String, InputStream> open) {
        List<Picture> pictures = rows(open, "pictures.tsv", 8).stream()
            .map(c -> new Picture(c[0], c[1], list(c[2]), list(c[3]), c[4], list(c[5]), c[6].contains("p"), c[7])).toList();
        Map<String, List<Named>> names = new TreeMap<>();
        for (String language : LANGUAGES) {
            names.put(language, names(open, language));
        }
        Map<String, String> signs = rows(open, "signs.tsv", 2).stream().collect(Collectors.toMap(c -> c[1], c -> c[0], (first, other) -> first));
        return new PictureLibrary(pictures, names, signs);
    }

    /** What pictures are called and known by. @param language one of {@link #LANGUAGES} */
    public static List<Named> names(Function<String, InputStream> open, String language) {
        return rows(open, "names-" + language + ".tsv", 3).stream().map(c -> new Named(c[0], c[1], list(c[2]))).toList();
    }

    /** The rows of one table; a row with another number of columns is told with its line. */
    public static List<String[]> rows(Function<String, InputStream> open, String file, int columns) {
        InputStream in = open.apply(file);
        if (in == null) {
            throw new IllegalStateException("The picture library is not built: " + file + " is missing. Build the library module first.");
        }
        List<String[]> rows = new ArrayList<>();
        try (BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            for (String line = reader.readLine(); line != null; line = reader.readLine()) {
                String[] parts = line.split("\t", -1);
                if (parts.length != columns) {
                    throw new IllegalStateException(file + " line " + (rows.size() + 1) + ": " + parts.length + " columns, not " + columns);
                }
                rows.add(parts);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return rows;
    }

    /** The parts of a list; none for an empty cell. */
    public static List<String> list(String cell) {
        return cell.isEmpty() ? List.of() : List.of(cell.split("\\|"));
    }
}
