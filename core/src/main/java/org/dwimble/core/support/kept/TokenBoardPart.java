package org.dwimble.core.support.kept;

import org.dwimble.core.document.As;
import org.dwimble.core.document.Field;
import org.dwimble.core.document.Part;
import org.dwimble.core.support.TokenBoard;
import tools.jackson.databind.node.ObjectNode;

/** A token board, as kept. */
final class TokenBoardPart extends Part<TokenBoard> {
    private final Field<TokenBoard, Integer> tokens = field("tokens", As.NUMBER, 4, TokenBoard::tokens);
    private final Field<TokenBoard, String> asked = field("asked", As.TEXT, "When all are there", TokenBoard::asked);
    private final Field<TokenBoard, Boolean> cut = field("cut", As.FLAG, true, TokenBoard::cut);

    @Override
    protected TokenBoard made(ObjectNode json) {
        return new TokenBoard(tokens.in(json), asked.in(json), cut.in(json));
    }
}
