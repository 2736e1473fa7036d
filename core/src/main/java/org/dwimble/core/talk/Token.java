package org.dwimble.core.talk;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.dwimble.core.board.Layer;
import org.dwimble.core.doing.Effect;
import org.dwimble.core.voice.HowSaid;
import org.jspecify.annotations.Nullable;

/**
 * One word of the message.
 *
 * @param layers  its picture; empty for what is spelt
 * @param spelled whether the next letter joins it
 * @param sound   heard in place of the voice; null if there is none
 */
public record Token(String text, List<Layer> layers, boolean spelled, @Nullable String sound, HowSaid how) {
    public Token {
        layers = List.copyOf(layers);
    }

    static Token of(String words) {
        return new Token(words, List.of(), false, null, HowSaid.USUAL);
    }

    static Token spelling(String letters) {
        return new Token(letters, List.of(), true, null, HowSaid.USUAL);
    }

    Token withText(String text) {
        return new Token(text, layers, spelled, sound, how);
    }

    Token ended() {
        return spelled ? new Token(text, layers, false, sound, how) : this;
    }

    /** A message as it is said: words in one manner go on in one breath; one that has a sound is heard as that. */
    public static List<Effect.Say> said(List<Token> message) {
        List<Effect.Say> said = new ArrayList<>();
        for (Token token : message) {
            Effect.Say now = new Effect.Say(token.text, Objects.requireNonNullElse(token.how.as(), token.text), token.sound, token.how.manner());
            Effect.Say before = said.isEmpty() ? null : said.get(said.size() - 1);
            if (before != null && before.sound() == null && now.sound() == null && before.manner() == now.manner()) {
                said.set(said.size() - 1, new Effect.Say(before.text() + " " + now.text(), before.spoken() + " " + now.spoken(), null, now.manner()));
            } else {
                said.add(now);
            }
        }
        return said;
    }
}
