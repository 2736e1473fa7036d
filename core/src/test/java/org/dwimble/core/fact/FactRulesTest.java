package org.dwimble.core.fact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.dwimble.core.Boards.board;
import static org.dwimble.core.Boards.vocabulary;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.dwimble.core.board.Vocabulary;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FactRulesTest {
    private static final FactRules RULES = FactRules.reviewed();
    private static final Map<String, Set<String>> KINDS = Map.of("plaice", Set.of("fish"), "ferry", Set.of("boat"), "collie", Set.of("dog"));
    private final Vocabulary boards = vocabulary(board("home", "want egg omelette .", "pancake plaice Egg back:back", "ferry algebra numbers ."),
        board("more", "Piet Opa collie", "mayonnaise bread milk"));

    private List<String> proposed(Fact.What what, String about) {
        return RULES.proposals(new Fact(what, about, "", ""), boards, w -> KINDS.getOrDefault(w, Set.of())).stream()
            .map(p -> p.button().label() + " " + p.sure() + (p.does() == Proposal.Does.BRING_FORWARD ? " forward" : "")).toList();
    }

    @Test
    void anAllergyProposesWhatItIsThenWhatIsMadeWithItThenWhatOftenHasItIn() {
        assertThat(proposed(Fact.What.ALLERGY, "Egg")).containsExactly("egg SURE", "Egg SURE", "omelette LIKELY", "pancake LIKELY", "mayonnaise LIKELY");
        assertThat(proposed(Fact.What.ALLERGY, "gluten")).containsExactly("bread SURE", "pancake LIKELY");
        assertThat(proposed(Fact.What.ALLERGY, "fish")).as("a kind of it, by meaning").containsExactly("plaice LIKELY");
        assertThat(proposed(Fact.What.ALLERGY, "milk")).containsExactly("milk SURE", "pancake LIKELY", "bread PERHAPS");
        assertThat(proposed(Fact.What.ALLERGY, "Opa")).as("what the lists do not know is looked for by name").containsExactly("Opa SURE");
    }

    @ParameterizedTest
    @CsvSource({"DIET, vegan, 'egg SURE,Egg SURE,milk SURE,omelette LIKELY,pancake LIKELY,plaice LIKELY,mayonnaise LIKELY,bread PERHAPS'",
        "FOOD_RULE, Halal, ''",
        "INTEREST, boats, 'ferry LIKELY forward'", "INTEREST, omelettes, 'omelette SURE forward'", "DIED, Opa, 'Opa SURE'", "LEFT, Uncle Piet, 'Piet LIKELY'",
        "FRIGHTENS, dog, 'collie LIKELY'", "FRIGHTENS, ferry, 'ferry SURE'", "SCHOOL_YEAR, 0, 'numbers PERHAPS forward,algebra PERHAPS'"})
    void eachSortOfFactHasItsWords(Fact.What what, String about, String expected) {
        assertThat(proposed(what, about)).containsExactlyInAnyOrderElementsOf(expected.isEmpty() ? List.of() : List.of(expected.split(",")));
    }

    @Test
    void everyDietIsMadeOfTopicsThereAre() {
        assertThat(RULES.known()).contains("egg", "vegetarian", "halal").doesNotHaveDuplicates();
        RULES.known().forEach(k -> assertThat(RULES.proposals(new Fact(Fact.What.DIET, k, "", ""), boards, w -> Set.of())).isNotNull());
    }

    @Test
    void aFactSaysWhatItIsAbout() {
        assertThatThrownBy(() -> new Fact(Fact.What.DIET, " ", "", "")).hasMessageContaining("fact-about-what");
        assertThatThrownBy(() -> new Fact(Fact.What.SCHOOL_YEAR, "second", "", "")).hasMessageContaining("fact-school-year");
        assertThatThrownBy(() -> new Fact(Fact.What.DIET, "x".repeat(81), "", "")).hasMessageContaining("too-long");
    }
}
