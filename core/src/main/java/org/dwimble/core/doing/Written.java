package org.dwimble.core.doing;

import org.dwimble.core.told.Unacceptable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/** JSON that is only carried along: every digit of a number is kept. */
public final class Written {
    private static final JsonMapper MAPPER = JsonMapper.builder()
        .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
        .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
        .build();

    private Written() {
    }

    /** @throws Unacceptable if it is no JSON, or more than {@code most} characters of it */
    public static JsonNode read(String json, int most) {
        if (json == null || json.isBlank() || json.length() > most) {
            throw new Unacceptable("doing-unknown");
        }
        try {
            return MAPPER.readTree(json);
        } catch (JacksonException e) {
            throw new Unacceptable("doing-unknown");
        }
    }
}
