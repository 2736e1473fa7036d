package org.dwimble.core.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.dwimble.core.Boards.picture;
import static org.dwimble.core.ShippedLibrary.SEARCH;

import java.util.List;
import java.util.Map;
import org.dwimble.core.ShippedLibrary;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.picture.PictureLibrary;
import org.dwimble.core.told.Told;
import org.dwimble.core.words.Forms;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PictureSearchTest {
    private static final Forms FORMS = Forms.english();
    private final PictureSearch small = new PictureSearch(new PictureIndex(List.of(
        picture("base/kite", "kite", "", "fly,sky,toy", "game"),
        picture("base/drink", "drink", "cup,thirsty", "juice", "drink"),
        picture("base/plunger", "plunger", "", "cup,force", "household"),
        picture("base/glass", "glass", "", "", "drink"),
        picture("base/glasses", "glasses", "", "eye", "clothing"),
        picture("base/kiwi", "kiwi fruit", "", "food", "food-fruit"),
        picture("base/cafe", "café", "", "", "place-building"),
        picture("base/mouse", "mouse", "", "", "animal-mammal"),
        picture("base/car", "car", "automobile", "", "transport"),
        picture("base/cart", "cart", "", "", "transport"),
        picture("base/scarf", "scarf", "", "", "clothing"),
        picture("base/racing", "racing car", "", "", "sport")),
        Map.of("pl", List.of(new PictureLibrary.Named("base/kite", "latawiec", List.of("zabawka"))), "zh",
            List.of(new PictureLibrary.Named("base/cart", "购物车", List.of("购物")))),
        FORMS), ShippedLibrary.MEANINGS, FORMS);

    private List<String> found(Asked asked) {
        return small.find(asked).stream().map(f -> f.picture().name()).toList();
    }

    private List<String> typed(String query) {
        return found(Asked.typed(query, 10));
    }

    private List<String> how(Asked.How how, String query) {
        return found(new Asked(query, how, List.of("en"), null, 10));
    }

    @Test
    void aWordWithoutAPictureIsOfferedThoseOfItsParts() {
        assertThat(small.find(Asked.typed("mousekite", 3))).extracting(f -> f.picture().name() + " " + f.why()).containsExactly("kite PART", "mouse PART");
        assertThat(small.find(Asked.typed("old racing car", 5)).get(0).picture().name()).as("of a phrase the last word counts most").isEqualTo("car");
        assertThat(small.best("mousekite")).as("offered, never taken by itself").isEmpty();
        assertThat(SEARCH.find(Asked.typed("snowplough", 9))).extracting(f -> f.picture().name()).contains("plough");
    }

    @Test
    void theWordItselfComesFirstThenBeginningsThenWordsInANameThenMiddles() {
        assertThat(typed("car")).containsExactly("car", "cart", "racing car", "scarf");
        assertThat(typed("ki")).containsExactly("kite", "kiwi fruit");
        assertThat(typed("cup")).containsExactly("drink", "plunger");
        assertThat(typed("  ")).isEmpty();
        assertThat(typed("?!")).isEmpty();
    }

    @Test
    void eachWayOfMatchingGivesOnlyWhatMatchesSo() {
        assertThat(how(Asked.How.WHOLE_WORD, "car")).containsExactly("car");
        assertThat(how(Asked.How.STARTS, "car")).containsExactly("car", "cart");
        assertThat(how(Asked.How.ENDS, "ar")).containsExactly("car", "racing car");
        assertThat(how(Asked.How.INSIDE, "ar")).containsExactly("car", "cart", "scarf", "racing car");
        assertThat(how(Asked.How.MEANING, "auto")).containsExactly("car");
    }

    @ParameterizedTest
    @CsvSource({"mice, mouse, found-form, mouse", "kites, kite, found-form, kite", "CAFE, café, found-is-called, café", "Kité, kite, found-is-called, kite",
        "automobile, car, found-also-called, automobile", "kyte, kite, found-spelt-alike, kite",
        "latawiec, kite, found-other-language, Polish: latawiec", "fly, kite, found-related, fly", "auto, car, found-is-another-word-for, car"})
    void theFirstFoundSaysWhy(String query, String name, String reason, String by) {
        Found first = small.find(Asked.typed(query, 5)).get(0);
        assertThat(first.picture().name()).isEqualTo(name);
        assertThat(first.told()).isEqualTo(Told.of(reason, "by", by));
    }

    @Test
    void aTypedWordOnlyGetsAPictureThatSaysIt() {
        assertThat(small.best("cup")).map(Picture::id).hasValue("base/drink");
        assertThat(small.best("ki")).isEmpty();
        assertThat(small.best("kyte")).isEmpty();
        assertThat(small.best("juice")).isEmpty();
        assertThat(small.best("auto")).map(Picture::name).hasValue("car");
        assertThat(small.called("auto")).isEmpty();
        assertThat(small.called("glasses")).map(Picture::name).hasValue("glasses");
    }

    @Test
    void ownPicturesComeBeforeLibraryOnesFoundForTheSameReasonAndNotBeforeBetterReasons() {
        Picture ours = picture("own/1", "kite", "", "", "");
        Picture later = picture("own/2", "carousel", "", "", "");
        PictureSearch both = small.with(List.of(ours, later));
        assertThat(both.find(Asked.typed("kite", 5))).extracting(f -> f.picture().id()).startsWith("own/1", "base/kite");
        assertThat(both.find(Asked.typed("car", 5))).extracting(f -> f.picture().id()).startsWith("base/car", "own/2", "base/cart");
        assertThat(both.find(Asked.typed("kite", 5), p -> !p.id().equals("own/1"))).extracting(f -> f.picture().id()).startsWith("base/kite");
        assertThat(both.byId("own/1")).hasValue(ours);
    }

    @Test
    void whatTwoPeopleTookInIsFoundOnceByWordsTheSeekerMaySee() {
        Picture hers = picture("own/1", "harbour seal", "", "", "");
        Picture his = picture("own/1", "Otter Tom", "", "", "");
        PictureSearch both = small.with(List.of(hers, his));
        assertThat(both.find(Asked.typed("otter", 5), p -> !p.equals(his))).noneMatch(f -> f.picture().own());
        assertThat(both.find(Asked.typed("o", 5), p -> p.own())).extracting(f -> f.picture().id()).containsExactly("own/1");
        assertThat(both.byId("own/1", p -> !p.equals(hers))).hasValue(his);
        assertThat(both.byId("own/1", p -> false)).isEmpty();
    }

    @Test
    void aPreferredLanguageCountsLikeEnglishAndChineseIsFoundByAnyPartOfAName() {
        assertThat(small.find(new Asked("lata", Asked.How.TYPED, List.of("pl"), null, 5))).extracting(Found::why).containsExactly(Why.STARTS);
        assertThat(small.find(Asked.typed("lata", 5))).extracting(Found::told).containsExactly(Told.of("found-other-language", "by", "Polish: latawiec"));
        assertThat(small.find(Asked.typed("物车", 5))).extracting(f -> f.picture().name()).containsExactly("cart");
    }

    @Test
    void whereLettersAreAskedForThePreferredLanguagesComeFirst() {
        assertThat(SEARCH.find(new Asked("ake", Asked.How.ENDS, List.of("en"), null, 30))).extracting(f -> f.picture().name()).contains("cake", "snake");
        List<Found> inside = SEARCH.find(new Asked("oa", Asked.How.INSIDE, List.of("en"), null, 400));
        assertThat(inside).extracting(f -> f.picture().name()).contains("goat", "goal");
        assertThat(inside.stream().map(Found::why).dropWhile(w -> w != Why.OTHER_LANGUAGE)).allMatch(w -> w == Why.OTHER_LANGUAGE);
    }

    @Test
    void aCategoryNarrowsAndWithNoWordListsAll() {
        List<Found> pets = SEARCH.find(new Asked("", Asked.How.TYPED, List.of(), "pets", 100));
        assertThat(pets).extracting(f -> f.picture().name()).contains("cat", "hamster").doesNotContain("lion");
        assertThat(pets).extracting(Found::told).containsOnly(Told.of("found-in-category", "by", "pets"));
        assertThat(SEARCH.find(new Asked("ca", Asked.How.TYPED, List.of(), "pets", 100))).extracting(f -> f.picture().name()).startsWith("cat")
            .doesNotContain("car");
    }

    @ParameterizedTest
    @CsvSource({"glad, happy", "couch, sofa", "lorries, lorry", "elefant, elephant", "fone, phone", "buterfly, butterfly", "terrier, dog",
        "gato, cat", "собака, dog", "con mèo, cat", "Schmetterling, butterfly",
        "قطة, cat", "uçak, plane", "teddy bear, teddy", "kiss, kiss", "swimming, person-swimming"})
    void theLibraryAnswersToFormsSlipsSynonymsAndLanguages(String query, String expected) {
        assertThat(SEARCH.find(Asked.typed(query, 3))).extracting(f -> f.picture().name() + " " + f.picture().id()).anyMatch(n -> n.contains(expected));
    }

    @ParameterizedTest
    @ValueSource(strings = {"John", "Max", "Mark", "Joey", "James", "tart", "hamm"})
    void aNameOrAnotherMeaningIsNotGivenAPictureByChance(String word) {
        assertThat(SEARCH.best(word)).isEmpty();
    }

    @Test
    void nothingUnfitForASchoolIsFound() {
        for (String word : List.of("beer", "gun", "cigarette", "bomb", "knife", "drunk", "sexy", "poop", "casino", "middle finger", "vodka", "wine",
            "bikini", "kill")) {
            assertThat(SEARCH.find(Asked.typed(word, 20))).as(word)
                .noneMatch(f -> f.picture().id()
                    .matches(".*(beer|gun|pistol|cigarette|bomb|dagger|kitchen-knife|slot|middle-finger|wine|bikini|pile-of-poo|cocktail|sake).*"));
        }
        assertThat(SEARCH.library()).noneMatch(p -> p.keywords().stream().anyMatch(k -> k.matches(".*\\b(sex|sexy|drunk|alcohol|kill|bitch|dead)\\b.*")));
    }

    @Test
    void everyCategoryHasPicturesAndEveryPictureAName() {
        assertThat(SEARCH.library()).allMatch(p -> !p.name().isBlank());
        assertThat(SEARCH.library()).filteredOn(p -> p.id().startsWith("core/")).hasSizeGreaterThanOrEqualTo(160).allMatch(p -> !p.categories().isEmpty());
    }
}
