package org.dwimble.core.doing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.told.Unacceptable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.StringNode;

/** How each doing is written down. The words in the table are what documents hold: they are never changed. */
class DoingsTest {
    private static final JsonMapper JSON = JsonMapper.shared();

    @ParameterizedTest
    @CsvSource(delimiter = ';', quoteCharacter = '~', value = {
        // on the wire; in a document; in a package, if the standard has an action for it
        "{\"type\":\"own-word\"}; \"word\";",
        "{\"type\":\"say-text\",\"text\":\"Look.\"}; {\"say-text\":\"Look.\"};",
        "{\"type\":\"add-words\",\"words\":\"please\"}; {\"add\":\"please\"};",
        "{\"type\":\"spell\",\"letters\":\" sch\"}; {\"spell\":\" sch\"}; \"+ sch\"",
        "{\"type\":\"add-space\"}; \"space\"; \":space\"",
        "{\"type\":\"take-last-off\"}; \"take-last-off\"; \":backspace\"",
        "{\"type\":\"clear-message\"}; \"clear\"; \":clear\"",
        "{\"type\":\"say-message\"}; \"say\"; \":speak\"",
        "{\"type\":\"stop-talking\"}; \"stop\";",
        "{\"type\":\"louder\"}; \"louder\";",
        "{\"type\":\"quieter\"}; \"quieter\";",
        "{\"type\":\"faster\"}; \"faster\";",
        "{\"type\":\"slower\"}; \"slower\";",
        "{\"type\":\"draw\"}; \"draw\";",
        "{\"type\":\"change-form\",\"form\":\"PAST\"}; {\"change-form\":\"past\"};",
        "{\"type\":\"offer-form\",\"form\":\"MORE_THAN_ONE\"}; {\"offer-form\":\"more-than-one\"};",
        "{\"type\":\"offer-word\",\"place\":3}; {\"offer-word\":3};",
        "{\"type\":\"capital\"}; \"capital\";",
        "{\"type\":\"add-name\"}; \"name\";",
        "{\"type\":\"say-letter\"}; \"say-letter\";",
        "{\"type\":\"other-action\",\"json\":\"{\\\"a\\\":1.50}\"}; {\"action\":\"{\\\"a\\\":1.50}\"}; {\"a\":1.50}",
        "{\"type\":\"of-later\",\"json\":\"{\\\"glow\\\":2}\"}; {\"glow\":2};"
    })
    void eachIsWrittenThus(String wire, String kept, String action) {
        Doing doing = JSON.readValue(wire, Doing.class);
        assertThat(JSON.valueToTree(doing).toString()).isEqualTo(wire);
        assertThat(Doings.kept(doing).toString()).isEqualTo(kept);
        assertThat(Doings.ofKept(Written.read(kept, 100))).isEqualTo(doing);
        assertThat(Doings.action(doing).map(JsonNode::toString).orElse(null)).isEqualTo(action);
        if (action != null && !(doing instanceof OtherAction)) {
            assertThat(Doings.ofAction(JSON.readTree(action))).contains(doing);
        }
    }

    @Test
    void eachThatTheWireKnowsIsInTheListAndHasAWordOfItsOwn() {
        List<? extends Class<?>> wire = Stream.of(Doing.class.getAnnotation(JsonSubTypes.class).value()).map(JsonSubTypes.Type::value).toList();
        assertThat(Stream.concat(Doings.SORTS.stream().map(Sort::type), Stream.of(OfLater.class)).toList()).isEqualTo(wire);
        assertThat(Doings.SORTS).extracting(Sort::word).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"shine\"", "{\"glow\":[1,{\"a\":true}]}", "{\"spell\":\"\"}", "{\"offer-word\":0}", "{\"offer-word\":\"one\"}",
        "{\"change-form\":\"sung\"}", "{\"spell\":3}",
        "{\"spell\":\"a\",\"slowly\":true}", "\"spell\"",
        "{\"clear\":1}", "{\"say-text\":\" \"}", "7", "[]", "null"})
    void whatIsNotKnownIsCarriedAsItIs(String kept) {
        Doing doing = Doings.ofKept(JSON.readTree(kept));
        assertThat(doing).isEqualTo(new OfLater(kept));
        assertThat(Doings.kept(doing).toString()).isEqualTo(kept);
        assertThat(doing.effects()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {":native", "", "+", ":Clear", ":space ", "clear"})
    void anActionThatIsNoneOfOursIsNotTakenForOne(String action) {
        assertThat(Doings.ofAction(StringNode.valueOf(action))).isEmpty();
    }

    @Test
    void aTextIsTidiedAndHasItsBounds() {
        assertThat(new SayText("  look \n out ").text()).isEqualTo("look out");
        assertThatThrownBy(() -> new SayText(" ")).isInstanceOf(Unacceptable.class).hasMessage("no-words-to-say");
        assertThatThrownBy(() -> new AddWords("")).hasMessage("no-words-to-add");
        assertThatThrownBy(() -> new AddWords("x".repeat(AddWords.MOST + 1))).hasMessageContaining("1001");
        assertThatThrownBy(() -> new OtherAction("no json")).hasMessage("doing-unknown");
        assertThatThrownBy(() -> new OtherAction("\"" + "x".repeat(OtherAction.MOST) + "\"")).hasMessage("doing-unknown");
    }
}
