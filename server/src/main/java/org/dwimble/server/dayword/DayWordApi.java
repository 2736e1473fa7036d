package org.dwimble.server.dayword;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.dwimble.core.dayword.DaySaid;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.dayword.DayWords;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.server.account.Account;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.Rights;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the day words of a vocabulary say, now and for some days: the talk view goes on when the network does not. */
@RestController
@RequestMapping("/api/vocabularies/{vocabulary}/day-words")
class DayWordApi {
    private static final Duration TOLD = Duration.ofDays(8);

    /** @param from the moment it begins @param until the moment it ends, which belongs to the next; the time in them is that of the beginning */
    record DayPeriodView(String from, String until, Map<DayWord, DaySaid> words) {
    }

    /** @param zone where it is @param writtenAs BCP 47 tag by which a time is written @param periods in turn, without a gap */
    record DayWordsView(String zone, String writtenAs, List<DayPeriodView> periods) {
    }

    private final OwnDays days;
    private final VocabularyStore store;
    private final Rights rights;
    private final Clock clock;

    DayWordApi(OwnDays days, VocabularyStore store, Rights rights, Clock clock) {
        this.days = days;
        this.store = store;
        this.rights = rights;
        this.clock = clock;
    }

    /** How old the student is and what comes next are for who talks with the boards. */
    @For(Act.SEE)
    @GetMapping
    DayWordsView dayWords(@AuthenticationPrincipal Account account, @PathVariable long vocabulary) {
        VocabularyStore.Kept kept = store.there(vocabulary);
        DayWords words = days.words(kept.student(), kept.vocabulary().locale());
        DayWords told = rights.may(account, Act.TALK, Thing.vocabulary(vocabulary)) ? words : words.withoutStudent();
        return new DayWordsView(told.zone().getId(), told.writtenAs(), told.from(clock.instant(), TOLD).stream()
            .map(p -> new DayPeriodView(p.from().toString(), p.until().toString(), p.words())).toList());
    }
}
