package org.dwimble.core.support.kept;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.Support;
import tools.jackson.databind.node.ObjectNode;

/** How each support is kept, by its name. A name that stood here once stands here for ever. */
public final class SupportParts {
    private static final Map<String, Part<? extends Support>> ALL = Map.ofEntries(
        Map.entry("strip", new StripPart()),
        Map.entry("cards", new CardsPart()),
        Map.entry("picture-pages", new PicturePagesPart()),
        Map.entry("first-then", new FirstThenPart()),
        Map.entry("choices", new ChoicesPart()),
        Map.entry("token-board", new TokenBoardPart()),
        Map.entry("rules", new RulesPart()),
        Map.entry("feelings-scale", new FeelingsScalePart()),
        Map.entry("conversation-cards", new ConversationCardsPart()),
        Map.entry("grid", new OwnGridPart()),
        Map.entry("story", new StoryPart()),
        Map.entry("calendar", new CalendarPagePart()),
        Map.entry("going-home", new GoingHomePart()),
        Map.entry("ways", new WaysToWordsPart()),
        Map.entry("bingo", new BingoPart()),
        Map.entry("pairs", new PairsPart()),
        Map.entry("dominoes", new DominoesPart()),
        Map.entry("sorting-mats", new SortingMatsPart()),
        Map.entry("roll-and-say", new RollAndSayPart()));

    private SupportParts() {
    }

    /** Empty if this release has no support of that name. */
    public static Optional<Part<? extends Support>> of(String name) {
        return Optional.ofNullable(ALL.get(name));
    }

    /** As it is kept under its name. */
    @SuppressWarnings("unchecked")
    public static ObjectNode write(Support support) {
        return ((Part<Support>) Objects.requireNonNull(ALL.get(support.name()))).write(support);
    }
}
