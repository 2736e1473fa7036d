package org.dwimble.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.function.Function;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.grow.GrowInSteps;
import org.dwimble.core.edit.grow.GrowWord;
import org.dwimble.core.edit.plan.Ahead;
import org.dwimble.core.edit.plan.GoToStep;
import org.dwimble.core.grow.Growth;
import org.dwimble.core.grow.Kin;
import org.dwimble.core.reveal.Revealed;
import org.dwimble.core.route.Routes;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** A few words for visits that grow over weeks: the first has grown, the others wait for their steps. */
@Component
@Profile("demo")
class PlannedGrowth {
    private static final int WORDS = 3;

    private final VocabularyStore vocabularies;
    private final Instant now;

    PlannedGrowth(VocabularyStore vocabularies, Clock clock) {
        this.vocabularies = vocabularies;
        this.now = clock.instant();
    }

    private Instant at(int daysAgo) {
        return now.minus(Duration.ofDays(daysAgo));
    }

    private void change(long vocabulary, Account by, int daysAgo, Function<Vocabulary, Intention> maker) {
        VocabularyStore.Kept kept = vocabularies.there(vocabulary);
        Intention made = maker.apply(kept.vocabulary()).madeBy(by.name(), LocalDate.ofInstant(at(daysAgo), ZoneId.systemDefault()));
        vocabularies.edit(vocabulary, kept.version(), made, VocabularyStore.Asking.NOTHING, by.id(), at(daysAgo));
    }

    /** @param larger the words come from */
    void of(long vocabulary, Vocabulary larger, Account by) {
        Ahead ahead = new Ahead("Words grow", "Words so far", LocalDate.ofInstant(at(1), ZoneId.systemDefault()), 14, null);
        change(vocabulary, by, 8, v -> new GrowInSteps(new Growth(v, Routes.of(v), Revealed.of(v)).all(List.of(Kin.of(larger)), WORDS, v.boards().keySet())
            .stream().map(p -> List.of(new GrowWord(p.on().id(), p.word().id(), larger, p.kin().id(), true))).toList(), ahead));
        change(vocabulary, by, 7, v -> new GoToStep(v.plan().steps().get(1).id(), null));
    }
}
