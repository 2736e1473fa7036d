package org.dwimble.server.fuzz;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Changes what is well-formed a little, by chance that can be repeated. */
public final class Mutations {
    private static final List<String> VALUES = List.of("null", "[]", "{}", "\"\"", "-1", "0", "1e400", "9223372036854775808", "true", "[null]",
        "{\"a\":null}", "\"\\ud800\"",
        "\"\\u0000\"", "\"../..\"", "\"" + "z".repeat(3_000) + "\"", "1.5", "\"own/" + "0".repeat(64) + "\"", "[[[[]]]]", "2147483647", "-2147483648");

    private Mutations() {
    }

    /** Some bytes changed, taken out, doubled or put in. */
    public static byte[] bytes(byte[] of, Random random) {
        List<Byte> changed = new ArrayList<>(of.length);
        for (byte b : of) {
            changed.add(b);
        }
        for (int n = 1 + random.nextInt(6); n > 0 && !changed.isEmpty(); n--) {
            int at = random.nextInt(changed.size());
            switch (random.nextInt(4)) {
                case 0 -> changed.set(at, (byte) random.nextInt(256));
                case 1 -> changed.subList(at, Math.min(changed.size(), at + 1 + random.nextInt(20))).clear();
                case 2 -> changed.addAll(at, List.copyOf(changed.subList(at, Math.min(changed.size(), at + 1 + random.nextInt(20)))));
                default -> changed.set(at, (byte) (changed.get(at) ^ 1 << random.nextInt(8)));
            }
        }
        byte[] out = new byte[changed.size()];
        for (int i = 0; i < out.length; i++) {
            out[i] = changed.get(i);
        }
        return out;
    }

    /** One value of a JSON text replaced by another kind of value, or taken out. */
    public static String json(String of, Random random) {
        JsonNode root = JsonMapper.shared().readTree(of);
        List<Runnable> places = new ArrayList<>();
        collect(root, places, random);
        if (!places.isEmpty()) {
            places.get(random.nextInt(places.size())).run();
        }
        return root.toString();
    }

    private static void collect(JsonNode node, List<Runnable> places, Random random) {
        if (node instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> property : List.copyOf(object.properties())) {
                places.add(() -> object.set(property.getKey(), value(random)));
                places.add(() -> object.remove(property.getKey()));
                collect(property.getValue(), places, random);
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                places.add(() -> array.set(at, value(random)));
                collect(array.get(i), places, random);
            }
        }
    }

    private static JsonNode value(Random random) {
        return JsonMapper.shared().readTree(VALUES.get(random.nextInt(VALUES.size())));
    }

    public static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
