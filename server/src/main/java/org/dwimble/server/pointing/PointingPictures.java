package org.dwimble.server.pointing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.look.Look;
import org.dwimble.server.board.VocabularyStore;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The pictures a student points at: those of the boards that changed last, photos of the student’s own first. */
@Component
class PointingPictures {
    /** @param picture null for none */
    record Pictured(@Nullable String picture, String label) {
    }

    /**
     * @param vocabulary of which they are; null where there is none
     * @param gap        between its cells, in thousandths of the screen’s width
     */
    record Chosen(@Nullable Long vocabulary, int gap, List<Pictured> own, List<Pictured> others) {
        /** All in another order, the student’s own first still. */
        List<Pictured> shuffled(Random random) {
            List<Pictured> first = new ArrayList<>(own);
            List<Pictured> then = new ArrayList<>(others);
            Collections.shuffle(first, random);
            Collections.shuffle(then, random);
            first.addAll(then);
            return first;
        }
    }

    private static final int USUAL_GAP = Objects.requireNonNull(Look.USUAL.gap());

    private final VocabularyStore store;

    PointingPictures(VocabularyStore store) {
        this.store = store;
    }

    Chosen of(String student) {
        return store.ofStudent(student).stream().findFirst().map(v -> of(store.there(v.id()))).orElseGet(() -> new Chosen(null, USUAL_GAP, List.of(),
            List.of()));
    }

    int gap(String student) {
        return of(student).gap();
    }

    private static Chosen of(VocabularyStore.Kept kept) {
        Vocabulary vocabulary = kept.vocabulary();
        Map<String, Pictured> own = new LinkedHashMap<>();
        Map<String, Pictured> others = new LinkedHashMap<>();
        vocabulary.boards().values().forEach(board -> board.buttons().forEach(b -> {
            if (b.picture() != null && !b.label().isEmpty() && kept.overview().revealed().shows(b) && !b.isWay()) {
                (MediaId.isOwn(b.picture()) ? own : others).putIfAbsent(b.picture(), pictured(b));
            }
        }));
        Integer gap = vocabulary.homeBoard().look().over(vocabulary.whole().look()).gap();
        return new Chosen(kept.id(), gap == null ? USUAL_GAP : gap, List.copyOf(own.values()), List.copyOf(others.values()));
    }

    private static Pictured pictured(Button button) {
        return new Pictured(button.picture(), button.label());
    }
}
