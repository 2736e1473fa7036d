package org.dwimble.server.told;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Properties;
import java.util.stream.Collectors;
import org.dwimble.core.told.Told;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Sentences for what is told, by ICU message patterns; plurals follow the rules of the language (Unicode CLDR). A list
 * is parted by commas, and something told inside something told is put into words first. Safe to share.
 */
@Component
public class Wording {
    /** Before the name of an argument: each of its words in quotation marks, but not what is told of one that has no word. */
    static final String QUOTED = "quoted_";
    private static final String LANGUAGE = "tag";
    private final Map<String, MessageFormat> patterns = new HashMap<>();
    private final Locale spoken;

    /** @param language of BCP 47, such as {@code en-GB}; English if there are no words in it, {@link Pseudo#TAG} to see what has none */
    public Wording(@Value("${dwimble.language}") String language) {
        Locale wanted = Locale.forLanguageTag(language);
        boolean pseudo = wanted.getLanguage().equals(Pseudo.TAG);
        Locale rules = pseudo || Wording.class.getResource(wanted.getLanguage() + ".properties") == null ? Locale.UK : wanted;
        spoken = rules;
        Properties sentences = new Properties();
        try (Reader in = new InputStreamReader(Wording.class.getResourceAsStream(rules.getLanguage() + ".properties"), StandardCharsets.UTF_8)) {
            sentences.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        sentences.forEach((key, pattern) -> patterns.put((String) key, new MessageFormat(pseudo ? Pseudo.of((String) pattern) : (String) pattern, rules)));
    }

    /** What there are no words for, such as what a later release told, is told as just that: history can always be read. */
    public String of(Told told) {
        MessageFormat pattern = Objects.requireNonNull(patterns.getOrDefault(told.key(), patterns.get("not-known-any-more")));
        Map<String, Object> arguments = new HashMap<>();
        told.with().forEach((name, value) -> {
            arguments.put(name, argument(value));
            arguments.put(QUOTED + name, quoted(value));
        });
        // A language is told by its tag, and called as in the language that is spoken.
        arguments.computeIfPresent(LANGUAGE, (name, tag) -> Locale.forLanguageTag(String.valueOf(tag)).getDisplayLanguage(spoken));
        synchronized (pattern) {
            return pattern.format(arguments);
        }
    }

    private Object argument(Object value) {
        if (value instanceof Told inner) {
            return of(inner);
        }
        return value instanceof List<?> list ? list.stream().map(one -> String.valueOf(argument(one))).collect(Collectors.joining(", ")) : value;
    }

    private Object quoted(Object value) {
        if (value instanceof List<?> list) {
            return list.stream().map(one -> String.valueOf(quoted(one))).collect(Collectors.joining(", "));
        }
        return value instanceof String text ? "“" + text + "”" : argument(value);
    }

    /** The language, and the country whose days and numbers are written. */
    public Locale spoken() {
        return spoken;
    }

    /** The patterns by key, for the test that holds them against the code. */
    Map<String, MessageFormat> patterns() {
        return Map.copyOf(patterns);
    }
}
