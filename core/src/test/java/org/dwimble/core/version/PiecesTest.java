package org.dwimble.core.version;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.dwimble.core.document.Json;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class PiecesTest {
    private static ObjectNode json(String text) {
        return (ObjectNode) Json.mapper().readTree(text.replace('\'', '"'));
    }

    private static ObjectNode together(String base, String mine, String theirs) {
        List<Piece> since = Pieces.between(json(base), json(theirs));
        return Pieces.made(Pieces.left(Pieces.between(json(base), json(mine)), since), json(theirs));
    }

    private static List<List<String>> touched(String before, String after) {
        return Pieces.between(json(before), json(after)).stream().flatMap(p -> p.keys().stream()).map(k -> ((Piece.At) k).path()).toList();
    }

    @Test
    void anObjectIsTakenKeyByKeyAndEverythingElseIsOnePiece() {
        assertThat(touched("{'a':1,'b':{'c':2,'d':[1,2]}}", "{'a':1,'b':{'c':3,'d':[1,3]},'e':4}"))
            .containsExactlyInAnyOrder(List.of("b", "c"), List.of("b", "d"), List.of("e"));
        assertThat(together("{'b':{'c':2,'d':[1,2]}}", "{'b':{'c':3,'d':[1,2]}}", "{'b':{'c':2,'d':[]}}")).isEqualTo(json("{'b':{'c':3,'d':[]}}"));
        assertThat(together("{}", "{'b':{'c':3}}", "{'b':{'d':4}}")).as("both made it").isEqualTo(json("{'b':{'d':4,'c':3}}"));
        assertThat(together("{'b':{'c':3}}", "{}", "{'b':{'c':3,'d':4}}")).as("taken away, but for what somebody has put in").isEqualTo(json("{'b':{'d':4}}"));
        assertThat(together("{'b':{'c':3}}", "{}", "{'b':{'c':3},'e':1}")).isEqualTo(json("{'e':1}"));
        assertThat(together("{}", "{'b':{}}", "{}")).as("an empty object is there").isEqualTo(json("{'b':{}}"));
    }

    @Test
    void whatWithAnIdIsAMemberOfItsOwn() {
        String base = "{'w':[{'id':'a','t':1},{'id':'b'},{'id':'c'}]}";
        assertThat(touched(base, "{'w':[{'id':'a','t':2},{'id':'c'}]}")).containsExactlyInAnyOrder(List.of("w", "a", "t"), List.of("w", "b"));
        assertThat(together(base, "{'w':[{'id':'a','t':2},{'id':'b'},{'id':'c'}]}", "{'w':[{'id':'c'},{'id':'a','t':1,'u':5}]}"))
            .isEqualTo(json("{'w':[{'id':'c'},{'id':'a','t':2,'u':5}]}"));
        assertThat(touched(base, "{'w':[{'id':'b'},{'id':'a','t':1},{'id':'c'}]}")).as("of two that changed places either may have moved")
            .containsExactlyInAnyOrder(List.of("w", "a", Piece.At.PLACE), List.of("w", "b", Piece.At.PLACE));
        assertThat(touched("{'r':[{'name':'x'}]}", "{'r':[{'name':'y'}]}")).as("without ids it is one piece").containsExactly(List.of("r"));
    }

    @RepeatedTest(200)
    void whateverDiffersIsMadeAndTakenBack(RepetitionInfo seed) {
        Random random = new Random(seed.getCurrentRepetition());
        ObjectNode one = some(random, 3);
        ObjectNode other = some(random, 3);
        List<Piece> pieces = Pieces.between(one, other);
        assertThat(Pieces.made(pieces, one)).isEqualTo(other);
        assertThat(Pieces.made(Difference.inverse(pieces), other)).isEqualTo(one);
        assertThat(Pieces.between(one, one)).isEmpty();
        assertThat(Pieces.left(pieces, pieces).stream().flatMap(p -> p.keys().stream())).as("what others did alike is no longer mine").isEmpty();
    }

    private static ObjectNode some(Random random, int deep) {
        ObjectNode json = Json.mapper().createObjectNode();
        for (String key : List.of("a", "b", "c")) {
            if (random.nextInt(3) > 0) {
                json.put(key, random.nextInt(3));
            }
        }
        if (deep > 0 && random.nextBoolean()) {
            json.set("o", some(random, deep - 1));
        }
        List<Integer> ids = new ArrayList<>(List.of(1, 2, 3, 4, 5));
        Collections.shuffle(ids, random);
        int count = deep == 0 ? 0 : random.nextInt(6);
        if (count > 0) {
            ArrayNode members = json.putArray("m");
            ids.subList(0, count).forEach(id -> members.add(some(random, 0).put("id", "m" + id)));
        }
        return json;
    }

    /** Against the slow and plain way: without which of them would as many of the others stay. */
    @RepeatedTest(200)
    void whatMayHaveMovedIsWhatOthersDoNotNeedToStay(RepetitionInfo seed) {
        Random random = new Random(seed.getCurrentRepetition());
        List<String> before = new ArrayList<>(List.of("a", "b", "c", "d", "e", "f", "g", "h"));
        List<String> after = new ArrayList<>(before.subList(random.nextInt(2), 8 - random.nextInt(2)));
        for (int i = random.nextInt(4); i > 0; i--) {
            after.add(random.nextInt(after.size()), after.remove(random.nextInt(after.size())));
        }
        after.add(random.nextInt(after.size()), "new");
        Set<String> plain = new LinkedHashSet<>();
        int most = Orders.stayed(before, after).size();
        for (String id : after) {
            if (before.contains(id) && Orders.stayed(before, after.stream().filter(o -> !o.equals(id)).toList()).size() == most) {
                plain.add(id);
            }
        }
        assertThat(Orders.mayHaveMoved(before, after)).isEqualTo(plain);
    }
}
