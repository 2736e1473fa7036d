package org.dwimble.core.support;

import java.util.List;
import org.dwimble.core.told.Unacceptable;

/** The supports there are, each as it usually is, in the order in which they are offered. */
public final class Offered {
    public static final List<Support> ALL = List.of(Strip.USUAL, Cards.USUAL, PicturePages.USUAL, FirstThen.USUAL, Choices.USUAL,
        TokenBoard.USUAL, Rules.USUAL, FeelingsScale.USUAL, ConversationCards.USUAL, OwnGrid.USUAL, Story.USUAL, CalendarPage.USUAL, GoingHome.USUAL,
        WaysToWords.USUAL,
        Bingo.USUAL, Pairs.USUAL, Dominoes.USUAL, SortingMats.USUAL, RollAndSay.USUAL);

    private Offered() {
    }

    /** @throws Unacceptable if there is no such support */
    public static Support usual(String name) {
        return ALL.stream().filter(s -> s.name().equals(name)).findFirst().orElseThrow(() -> new Unacceptable("no-such-support"));
    }
}
