package org.dwimble.core.obf;

import org.dwimble.core.credit.Credit;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** What an open-board package says of an image's licence: {@code license} with {@code type} and {@code author_name}. */
public final class PackedLicence {
    private PackedLicence() {
    }

    /** @param facts what the package said of the image; null if nothing */
    public static Credit read(@Nullable JsonNode facts) {
        JsonNode licence = facts == null ? null : facts.path("license");
        String type = licence == null ? "" : licence.path("type").asString("");
        if (licence == null || type.isEmpty()) {
            return Credit.UNKNOWN;
        }
        String author = licence.path("author_name").asString("");
        return new Credit(Credit.UNKNOWN.source(), author, Credit.written(type), !author.isEmpty());
    }
}
