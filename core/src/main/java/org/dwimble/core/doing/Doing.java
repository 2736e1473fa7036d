package org.dwimble.core.doing;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/**
 * One thing a button does when it is tapped; a button does its doings in order. A new one is one file here, with its line below
 * and in {@link Doings#SORTS}; in the web it has a file of the same name under {@code talking/doings}.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = OwnWord.class, name = "own-word"),
    @JsonSubTypes.Type(value = SayText.class, name = "say-text"),
    @JsonSubTypes.Type(value = AddWords.class, name = "add-words"),
    @JsonSubTypes.Type(value = Spell.class, name = "spell"),
    @JsonSubTypes.Type(value = AddSpace.class, name = "add-space"),
    @JsonSubTypes.Type(value = TakeLastOff.class, name = "take-last-off"),
    @JsonSubTypes.Type(value = ClearMessage.class, name = "clear-message"),
    @JsonSubTypes.Type(value = SayMessage.class, name = "say-message"),
    @JsonSubTypes.Type(value = StopTalking.class, name = "stop-talking"),
    @JsonSubTypes.Type(value = Louder.class, name = "louder"),
    @JsonSubTypes.Type(value = Quieter.class, name = "quieter"),
    @JsonSubTypes.Type(value = Faster.class, name = "faster"),
    @JsonSubTypes.Type(value = Slower.class, name = "slower"),
    @JsonSubTypes.Type(value = Draw.class, name = "draw"),
    @JsonSubTypes.Type(value = ChangeForm.class, name = "change-form"),
    @JsonSubTypes.Type(value = OfferForm.class, name = "offer-form"),
    @JsonSubTypes.Type(value = OfferWord.class, name = "offer-word"),
    @JsonSubTypes.Type(value = Capital.class, name = "capital"),
    @JsonSubTypes.Type(value = AddName.class, name = "add-name"),
    @JsonSubTypes.Type(value = SayLetter.class, name = "say-letter"),
    @JsonSubTypes.Type(value = PassTurn.class, name = "pass-turn"),
    @JsonSubTypes.Type(value = ShowList.class, name = "show-list"),
    @JsonSubTypes.Type(value = OtherAction.class, name = "other-action"),
    @JsonSubTypes.Type(value = OfLater.class, name = "of-later")
})
public interface Doing {
    Doing OWN_WORD = new OwnWord();
    Doing SPACE = new AddSpace();
    Doing TAKE_LAST_OFF = new TakeLastOff();
    Doing CLEAR = new ClearMessage();
    Doing SAY = new SayMessage();
    Doing DRAW = new Draw();
    Doing PASS_TURN = new PassTurn();

    /** How its sort is written down. */
    @JsonIgnore
    Sort<? extends Doing> sort();

    /** What comes of it, in order. */
    @JsonIgnore
    List<Effect> effects();
}
