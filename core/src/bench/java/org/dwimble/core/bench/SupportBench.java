package org.dwimble.core.bench;

import static org.dwimble.core.sheet.PlainType.PLAIN;

import java.util.List;
import java.util.stream.IntStream;
import org.dwimble.core.look.Look;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.support.Bingo;
import org.dwimble.core.support.Cards;
import org.dwimble.core.support.Laid;
import org.dwimble.core.support.Material;
import org.dwimble.core.support.Printed;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** What people wait for of paper, without painting it: a sheet of 24 pictures, and bingo for forty players. */
@State(Scope.Benchmark)
public class SupportBench {
    private static final List<Printed> WORDS = IntStream.range(0, 40).mapToObj(i -> Printed.of("word " + i, "base/" + i)).toList();

    private static Material of(int words) {
        return new Material("Bench", WORDS.subList(0, words), PageSetup.USUAL.as(Look.PLAIN), PLAIN, "Bench");
    }

    @Benchmark
    public Laid sheetOf24() {
        return Cards.USUAL.lay(of(24));
    }

    @Benchmark
    public Laid bingoForForty() {
        return new Bingo(40, 4, 4, false, 1, 4711).lay(of(40));
    }
}
