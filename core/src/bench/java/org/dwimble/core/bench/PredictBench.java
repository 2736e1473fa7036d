package org.dwimble.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import org.dwimble.core.predict.Predicting;
import org.dwimble.core.predict.Ranked;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** Words offered while one is spelt, of 20,000 words, 600 of them the student's own, after 200 words said. */
@State(Scope.Benchmark)
public class PredictBench {
    private static final int WORDS = 20_000;
    private static final int OWN = 600;
    private Predicting words;
    private List<String> said;

    @Setup
    public void generate() {
        Random random = new Random(7);
        List<String> all = new ArrayList<>();
        for (int i = 0; i < WORDS; i++) {
            StringBuilder word = new StringBuilder();
            // Letters as uneven as in a language: a tenth of the words begins with the commonest.
            for (int letters = 3 + random.nextInt(6); letters > 0; letters--) {
                word.append((char) ('a' + (int) (26 * Math.pow(random.nextDouble(), 1.6))));
            }
            all.add(word.toString());
        }
        ToDoubleFunction<String> weight = w -> 1.0 / (1 + Math.floorMod(w.hashCode(), WORDS));
        words = new Predicting(new Ranked(all.subList(0, OWN), weight), new Ranked(all.subList(OWN, WORDS), weight), List.of());
        said = new ArrayList<>();
        for (int i = 0; i < Predicting.REMEMBERED; i++) {
            said.add(all.get(random.nextInt(OWN)));
        }
    }

    @Benchmark
    public List<String> oneLetterTyped() {
        return words.offered("a", said, 5);
    }

    @Benchmark
    public List<String> threeLettersTyped() {
        return words.offered("abc", said, 5);
    }

    @Benchmark
    public List<String> theWordThatComesNext() {
        return words.offered("", said, 5);
    }
}
