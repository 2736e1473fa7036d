package org.dwimble.core.talk;

import java.util.List;
import org.dwimble.core.board.Layer;

/**
 * One word of the message.
 *
 * @param layers  its picture; empty for what is spelt
 * @param spelled whether the next letter joins it
 */
public record Token(String text, List<Layer> layers, boolean spelled) {
    public Token {
        layers = List.copyOf(layers);
    }

    Token ended() {
        return spelled ? new Token(text, layers, false) : this;
    }
}
