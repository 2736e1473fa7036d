package org.dwimble.core.board;

import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * The canonical JSON of a board: UTF-8, no white space, keys sorted, so that equal boards have equal bytes
 * and one SHA-256. Numbers inside extras keep every digit.
 */
public final class BoardJson {
    private static final JsonMapper MAPPER = JsonMapper.builder()
        .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
        .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
        .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
        .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
        .disable(JsonReadFeature.ALLOW_TRAILING_COMMA)
        .build();

    private BoardJson() {
    }

    public static byte[] write(Board board) {
        return MAPPER.writeValueAsBytes(board);
    }

    public static Board read(byte[] json) {
        return MAPPER.readValue(json, Board.class);
    }

    /** The mapper itself, for the other documents that are kept as revisions beside boards. */
    public static JsonMapper mapper() {
        return MAPPER;
    }
}
