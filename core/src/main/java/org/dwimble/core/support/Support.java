package org.dwimble.core.support;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import org.dwimble.core.sheet.Frame;
import org.dwimble.core.told.Told;
import org.dwimble.core.told.Unacceptable;

/**
 * Something printed that is made of a word list, with how it is set up. A new one is one new file here, its line in {@link Offered} and
 * in the subtypes, and its sentence in the web.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(Strip.class), @JsonSubTypes.Type(Cards.class), @JsonSubTypes.Type(PicturePages.class), @JsonSubTypes.Type(FirstThen.class),
    @JsonSubTypes.Type(Choices.class),
    @JsonSubTypes.Type(TokenBoard.class), @JsonSubTypes.Type(Rules.class), @JsonSubTypes.Type(FeelingsScale.class), @JsonSubTypes.Type(ConversationCards.class),
    @JsonSubTypes.Type(OwnGrid.class), @JsonSubTypes.Type(Story.class), @JsonSubTypes.Type(CalendarPage.class), @JsonSubTypes.Type(GoingHome.class),
    @JsonSubTypes.Type(WaysToWords.class), @JsonSubTypes.Type(Bingo.class), @JsonSubTypes.Type(Pairs.class),
    @JsonSubTypes.Type(Dominoes.class), @JsonSubTypes.Type(SortingMats.class), @JsonSubTypes.Type(RollAndSay.class)
})
public interface Support {
    /** As data has it; stays for ever. */
    @JsonIgnore
    default String name() {
        return getClass().getAnnotation(JsonTypeName.class).value();
    }

    /** What it is called, to be told. */
    default Told named() {
        return Told.of("support", "name", name().replace('-', '_'));
    }

    /**
     * Lies on paper that lies one way.
     *
     * @throws Unacceptable if it cannot, with the reason
     */
    Drawn on(Frame frame, Material of);

    /** As it is printed; with no words its empty frame. */
    default Laid lay(Material of) {
        return Laid.of(this, of);
    }
}
