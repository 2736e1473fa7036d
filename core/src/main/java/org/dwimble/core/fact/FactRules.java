package org.dwimble.core.fact;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Names;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.text.Listed;
import org.dwimble.core.told.Told;
import org.dwimble.core.words.Forms;
import org.jspecify.annotations.Nullable;

/**
 * Which words a fact is about. What is in what is a list reviewed by hand ({@code foods.txt}), as is from which school year a
 * subject’s words are met ({@code subjects.txt}); beyond the lists a word counts if it is a kind of the
 * thing, and then only likely. Takes time in proportion to the number of buttons.
 */
public final class FactRules {
    private static final Forms FORMS = Forms.english();

    /** What is known of a word for one fact. */
    private record Known(Proposal.Does does, Proposal.Sure sure, Told why) {
    }

    private final Map<String, Map<String, Proposal.Sure>> topics = new LinkedHashMap<>();
    private final Map<String, String> topicOf = new HashMap<>();
    private final Map<String, List<String>> diets = new HashMap<>();
    private final Map<String, Integer> fromYear = new HashMap<>();

    private FactRules() {
    }

    /** The lists beside this class. */
    public static FactRules reviewed() {
        FactRules rules = new FactRules();
        String topic = "";
        for (String line : Listed.lines(FactRules.class, "foods.txt")) {
            if (line.startsWith(" ")) {
                String[] parts = line.strip().split(" ", 2);
                Proposal.Sure sure = parts[0].equals("is") ? Proposal.Sure.SURE : parts[0].equals("of") ? Proposal.Sure.LIKELY : Proposal.Sure.PERHAPS;
                for (String word : Listed.words(parts[1])) {
                    Objects.requireNonNull(rules.topics.get(topic)).putIfAbsent(Names.folded(word), sure);
                }
            } else if (line.contains("=")) {
                String[] parts = line.split("=");
                rules.diets.put(Names.folded(parts[0].strip()), Listed.words(parts[1]));
            } else {
                String[] parts = line.split(":", 2);
                topic = parts[0].strip();
                rules.topics.put(topic, new HashMap<>());
                rules.topicOf.put(topic, topic);
                for (String other : Listed.words(parts[1])) {
                    rules.topicOf.putIfAbsent(Names.folded(other), topic);
                }
            }
        }
        for (String line : Listed.lines(FactRules.class, "subjects.txt")) {
            String[] parts = line.split(":");
            Listed.words(parts[1]).forEach(word -> rules.fromYear.put(Names.folded(word), Integer.parseInt(parts[0])));
        }
        return rules;
    }

    /** What an allergy, diet or food rule can be about that the lists know, in their order. */
    public List<String> known() {
        return Stream.concat(topics.keySet().stream(), diets.keySet().stream().sorted()).toList();
    }

    /**
     * The words of a vocabulary a fact is about, the surest first, then board by board in reading order. Ways back and home and
     * buttons without a word are none.
     *
     * @param kindsOf what a word is a kind of
     */
    public List<Proposal> proposals(Fact fact, Vocabulary vocabulary, Function<String, Set<String>> kindsOf) {
        Map<String, Optional<Known>> known = new HashMap<>(2 * vocabulary.boards().values().stream().mapToInt(b -> b.buttons().size()).sum());
        List<Proposal> proposals = new ArrayList<>();
        vocabulary.boards().forEach((id, board) -> board.buttons().stream().filter(b -> !b.isWay() && !b.label().isEmpty())
            .forEach(b -> known.computeIfAbsent(b.label(), label -> Optional.ofNullable(of(fact, label, kindsOf)))
                .ifPresent(k -> proposals.add(new Proposal(id, b, k.does, k.sure, k.why)))));
        proposals.sort(Comparator.comparing(Proposal::sure));
        return List.copyOf(proposals);
    }

    /** What a fact says of one word; null if nothing. */
    public @Nullable Proposal about(Fact fact, String board, Button button, Function<String, Set<String>> kindsOf) {
        Known known = of(fact, button.label(), kindsOf);
        return known == null ? null : new Proposal(board, button, known.does, known.sure, known.why);
    }

    private @Nullable Known of(Fact fact, String label, Function<String, Set<String>> kindsOf) {
        String word = Names.folded(label);
        String about = Names.folded(fact.about());
        return switch (fact.what()) {
            case ALLERGY, DIET, FOOD_RULE -> food(word, about, kindsOf);
            case SCHOOL_YEAR -> year(word, Integer.parseInt(fact.about()));
            case INTEREST -> interest(word, about, kindsOf);
            case DIED, LEFT -> named(word, about) ? new Known(Proposal.Does.HOLD, word.equals(about) ? Proposal.Sure.SURE : Proposal.Sure.LIKELY,
                Told.of("why-is-that-person")) : null;
            case FRIGHTENS -> word.equals(about) ? new Known(Proposal.Does.HOLD, Proposal.Sure.SURE, Told.of("why-is-it"))
                : named(word, about) ? new Known(Proposal.Does.HOLD, Proposal.Sure.LIKELY, Told.of("why-has-it-in-its-name"))
                : isKind(word, about, kindsOf) ? new Known(Proposal.Does.HOLD, Proposal.Sure.LIKELY, Told.of("why-kind-of", "what", fact.about())) : null;
        };
    }

    private @Nullable Known food(String word, String about, Function<String, Set<String>> kindsOf) {
        List<String> sought = diets.getOrDefault(about, topicOf.containsKey(about) ? List.of(topicOf.get(about)) : List.of());
        Known best = null;
        for (String topic : sought) {
            Proposal.Sure sure = topics.getOrDefault(topic, Map.of()).get(word);
            if (sure == null && isKind(word, topic, kindsOf)) {
                sure = Proposal.Sure.LIKELY;
            }
            if (sure != null && (best == null || sure.compareTo(best.sure) < 0)) {
                best = new Known(Proposal.Does.HOLD, sure, Told.of(sure == Proposal.Sure.SURE ? "why-food-is" : sure == Proposal.Sure.LIKELY
                    ? "why-food-of" : "why-food-in", "what", topic));
            }
        }
        if (best == null && sought.isEmpty() && (word.equals(about) || named(word, about) || isKind(word, about, kindsOf))) {
            best = new Known(Proposal.Does.HOLD, word.equals(about) ? Proposal.Sure.SURE : Proposal.Sure.LIKELY, Told.of(word.equals(about) ? "why-is-it"
                : "why-kind-of", "what", about));
        }
        return best;
    }

    private @Nullable Known year(String word, int year) {
        Integer from = fromYear.get(word);
        if (from == null) {
            return null;
        }
        return from > year ? new Known(Proposal.Does.HOLD, Proposal.Sure.PERHAPS, Told.of("why-later-year", "year", from))
            : from == year ? new Known(Proposal.Does.BRING_FORWARD, Proposal.Sure.PERHAPS, Told.of("why-this-year", "year", from)) : null;
    }

    private static @Nullable Known interest(String word, String about, Function<String, Set<String>> kindsOf) {
        Set<String> same = FORMS.inflected(about);
        if (same.contains(word) || FORMS.inflected(word).contains(about)) {
            return new Known(Proposal.Does.BRING_FORWARD, Proposal.Sure.SURE, Told.of("why-is-it"));
        }
        if (same.stream().anyMatch(a -> named(word, a))) {
            return new Known(Proposal.Does.BRING_FORWARD, Proposal.Sure.LIKELY, Told.of("why-has-it-in-its-name"));
        }
        return same.stream().anyMatch(a -> isKind(word, a, kindsOf)) ? new Known(Proposal.Does.BRING_FORWARD, Proposal.Sure.LIKELY, Told.of("why-kind-of",
            "what",
            about)) : null;
    }

    /** True if one is among the words of the other. */
    private static boolean named(String word, String about) {
        return List.of(word.split("[^\\p{L}\\p{N}’'-]+")).contains(about) || (" " + word + " ").contains(" " + about + " ") || List.of(about.split(" "))
            .contains(word) && word.length() > 2;
    }

    private static boolean isKind(String word, String about, Function<String, Set<String>> kindsOf) {
        return kindsOf.apply(word.toLowerCase(Locale.ROOT)).contains(about);
    }
}
