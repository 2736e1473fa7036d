package org.dwimble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The client's types are made from web/openapi.json; run with -Ddwimble.write-openapi to write it anew. */
@ExtendWith(TestServer.class)
class OpenApiTest {
    private static final Path FILE = Path.of("../web/openapi.json");

    @Test
    void theClientWasBuiltFromWhatTheServerSaysOfItself() throws Exception {
        byte[] now = Http.as(TestServer.account("Odile")).get("/v3/api-docs").body();
        if (System.getProperty("dwimble.write-openapi") != null) {
            Files.write(FILE, now);
        }
        assertThat(described(Files.readAllBytes(FILE))).isEqualTo(described(now));
    }

    /** Without where it was asked, which is told from the second time on that it is asked. */
    private static JsonNode described(byte[] json) {
        ObjectNode described = (ObjectNode) JsonMapper.shared().readTree(json);
        described.remove("servers");
        return described;
    }
}
