package org.dwimble.core.doing;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** One thing a button does when it is tapped; a button does its doings in order. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Spell.class, name = "spell"),
    @JsonSubTypes.Type(value = AddSpace.class, name = "add-space"),
    @JsonSubTypes.Type(value = TakeLastOff.class, name = "take-last-off"),
    @JsonSubTypes.Type(value = ClearMessage.class, name = "clear-message"),
    @JsonSubTypes.Type(value = SayMessage.class, name = "say-message")
})
public sealed interface Doing permits Spell, AddSpace, TakeLastOff, ClearMessage, SayMessage {
    Doing SPACE = new AddSpace();
    Doing TAKE_LAST_OFF = new TakeLastOff();
    Doing CLEAR = new ClearMessage();
    Doing SAY = new SayMessage();
}
