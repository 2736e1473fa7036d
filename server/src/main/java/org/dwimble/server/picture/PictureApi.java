package org.dwimble.server.picture;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.dwimble.core.board.Kind;
import org.dwimble.core.compose.Arrangement;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.Asked;
import org.dwimble.core.search.SpokenOf;
import org.dwimble.core.sound.Phone;
import org.dwimble.core.sound.Reading;
import org.dwimble.core.sound.SoundQuestion;
import org.dwimble.core.sound.SoundSearch;
import org.dwimble.core.told.Unacceptable;
import org.dwimble.server.account.Account;
import org.dwimble.server.choice.AskedFor;
import org.dwimble.server.choice.WordChoices;
import org.dwimble.server.grant.For;
import org.dwimble.server.grant.ForAnybody;
import org.dwimble.server.grant.ForSignedIn;
import org.dwimble.server.grant.Rights;
import org.dwimble.server.library.Library;
import org.dwimble.server.limit.Bounded;
import org.dwimble.server.limit.Limits;
import org.dwimble.server.media.MediaAnswer;
import org.dwimble.server.media.MediaStore;
import org.dwimble.server.picture.Finding.FoundPicture;
import org.dwimble.server.picture.Finding.FoundPictures;
import org.dwimble.server.problem.Problem;
import org.dwimble.server.told.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Finding pictures by word, category and sound, and showing them. */
@RestController
class PictureApi {
    private static final int MOST_ASKED_FOR = 40;
    /** Shown for a way that has no sign. */
    private static final String TWO_OF_A_KIND = "core/both";

    /** @param pictures how many there are that this account may use; @param example one of them */
    record Category(String name, int pictures, boolean ofSchool, String example) {
    }

    /** @param word that sounds so: the picture's name, or another of its words */
    record HeardPicture(String id, String word, String ipa, String spelt) {
    }

    /** How a word is said. @param phones its sounds in order */
    record Said(String ipa, String spelt, String shape, int syllables, List<Phone> phones) {
        static Said of(Reading reading) {
            return new Said(reading.ipa(), reading.spelt(), reading.shape(), reading.syllables(), reading.phones());
        }
    }

    /** @param readings of the word asked with; more than one if it is said in two ways, none if it is not known */
    record HeardPictures(List<Said> readings, List<HeardPicture> pictures) {
    }

    record HeardPair(HeardPicture one, HeardPicture other) {
    }

    /** @param recent last used first; @param often most used first */
    record UsedPictures(List<FoundPicture> recent, List<FoundPicture> often) {
    }

    /** What a picture is. @param names in other languages, by the tag of the language */
    record About(String id, String name, List<String> also, List<String> categories, Kind kind, Map<String, String> names, List<Said> readings,
        boolean person, String credit) {
    }

    /** What of a word's sound has to match. */
    enum SoundsHow {
        RHYMES, STARTS, ENDS, INSIDE, ONE_APART, SHAPE, SYLLABLES
    }

    private final Pictures pictures;
    private final Finding finding;
    private final WordChoices choices;
    private final AskedFor askedFor;
    private final MediaStore media;
    private final Rights rights;
    private final Wording wording;

    PictureApi(Pictures pictures, Finding finding, WordChoices choices, AskedFor askedFor, MediaStore media, Rights rights, Wording wording) {
        this.pictures = pictures;
        this.finding = finding;
        this.choices = choices;
        this.askedFor = askedFor;
        this.media = media;
        this.rights = rights;
        this.wording = wording;
    }

    /**
     * @param query    a word, or a word line of which the last word is looked for
     * @param student  for whom; what was chosen for this student before comes first
     * @param language preferred beside English, as a BCP 47 tag
     */
    @ForSignedIn("the library’s, and those given to this person")
    @GetMapping("/api/pictures")
    @Bounded("REQUEST_BYTES")
    FoundPictures pictures(@AuthenticationPrincipal Account account, @RequestParam String query, @RequestParam(defaultValue = "TYPED") Asked.How how,
        @RequestParam(required = false) @Nullable String category, @RequestParam(required = false) @Nullable String student,
        @RequestParam(required = false) @Nullable String language, @RequestParam(defaultValue = "8") int most) {
        if (student != null) {
            rights.must(account, Act.LOOK, Thing.student(student));
        }
        return finding.typed(query, how, category, language, most, SpokenOf.NOTHING, account, student);
    }

    /**
     * A way to put pictures together.
     *
     * @param words for a button
     * @param sign  a picture of the way
     * @param parts the first lowest; one without a picture is the place of the one at hand
     * @param gap   where the picture that is chosen next belongs; null if nothing is missing
     */
    record ArrangementView(String words, String sign, List<Arrangement.Part> parts, Arrangement.@Nullable Part gap) {
    }

    /** The ways to put pictures together. */
    @ForSignedIn("the same for everybody")
    @GetMapping("/api/pictures/arrangements")
    List<ArrangementView> arrangements() {
        return Arrays.stream(Arrangement.values()).map(a -> new ArrangementView(wording.of(a.told()), a.parts().stream().map(Arrangement.Part::picture)
            .filter(Objects::nonNull).findFirst().orElse(TWO_OF_A_KIND), a.parts(), a.gap())).toList();
    }

    /** Words that were put on boards of this school without a picture, most often first: for whoever draws. */
    @ForSignedIn("words alone, of the whole school, and nobody’s")
    @GetMapping("/api/pictures/asked-for")
    List<AskedFor.Word> askedFor() {
        return askedFor.often(MOST_ASKED_FOR);
    }

    /** The categories of the library, then those only the school has. */
    @ForSignedIn("the library’s, and those given to this person")
    @GetMapping("/api/pictures/categories")
    List<Category> categories(@AuthenticationPrincipal Account account) {
        Predicate<Picture> may = pictures.may(account, null);
        Map<String, Category> categories = new LinkedHashMap<>();
        Set<String> counted = new HashSet<>();
        pictures.all().filter(may).sorted(Comparator.comparing(Picture::own))
            .forEach(p -> p.categories().stream().filter(c -> counted.add(c + " " + p.id()))
                .forEach(c -> categories.merge(c, new Category(c, 1, p.own(), p.id()), (a, b) -> new Category(c, a.pictures + 1, a.ofSchool, a.example))));
        return categories.values().stream().sorted(Comparator.comparing(Category::ofSchool).thenComparing(Category::name)).toList();
    }

    /** Pictures a student's boards are made of. */
    @For(Act.LOOK)
    @GetMapping("/api/students/{student}/pictures")
    UsedPictures used(@AuthenticationPrincipal Account account, @PathVariable String student) {
        Predicate<Picture> may = pictures.may(account, student);
        return new UsedPictures(found(choices.recent(student, 24), may), found(choices.mostUsed(student, 24), may));
    }

    private List<FoundPicture> found(List<String> ids, Predicate<Picture> may) {
        return ids.stream().flatMap(id -> pictures.byId(id, may).stream()).map(p -> new FoundPicture(p.id(), p.name(), p.gloss(), "", false)).toList();
    }

    /** The sounds of English, each with an everyday word that has it. */
    @ForSignedIn("the same for all schools")
    @GetMapping("/api/sounds")
    List<Phone> sounds() {
        return Phone.all();
    }

    /**
     * Pictures whose word sounds so.
     *
     * @param word    asked with: to rhyme with, to be one sound apart from; gives its readings
     * @param reading which of the word's readings, from 0
     * @param phone   for starts, ends and inside: the sound
     * @param shape   for shape: C and V
     * @param count   for syllables
     */
    @ForSignedIn("the library’s, and those given to this person")
    @GetMapping("/api/pictures/by-sound")
    HeardPictures bySound(@AuthenticationPrincipal Account account, @RequestParam SoundsHow how, @RequestParam(defaultValue = "") String word,
        @RequestParam(defaultValue = "0") int reading,
        @RequestParam(required = false) @Nullable String phone, @RequestParam(required = false) @Nullable String shape,
        @RequestParam(required = false) @Nullable Integer count,
        @RequestParam(defaultValue = "60") int most) {
        List<Reading> readings = pictures.sounds().readings(word);
        List<Said> said = readings.stream().map(Said::of).toList();
        Optional<SoundQuestion> question = question(how, readings.isEmpty() ? null
            : readings.get(Math.max(0, Math.min(reading, readings.size() - 1))), phone, shape, count);
        List<HeardPicture> heard = question.map(q -> pictures.sounds().find(q, pictures.may(account, null), Math.max(1, Math.min(most, Finding.MOST))))
            .orElse(List.of()).stream().map(PictureApi::heard).toList();
        return new HeardPictures(said, heard);
    }

    private static Optional<SoundQuestion> question(SoundsHow how, @Nullable Reading reading, @Nullable String phone, @Nullable String shape,
        @Nullable Integer count) {
        return switch (how) {
            case RHYMES -> Optional.ofNullable(reading).map(SoundQuestion.RhymesWith::new);
            case ONE_APART -> Optional.ofNullable(reading).map(SoundQuestion.OneSoundApart::new);
            case STARTS -> Optional.of(new SoundQuestion.StartsWith(phone(phone)));
            case ENDS -> Optional.of(new SoundQuestion.EndsWith(phone(phone)));
            case INSIDE -> Optional.of(new SoundQuestion.HasInside(phone(phone)));
            case SHAPE -> Optional.ofNullable(shape != null ? shape : reading == null ? null : reading.shape()).map(SoundQuestion.HasShape::new);
            case SYLLABLES -> Optional.ofNullable(count != null ? count : reading == null ? null : (Integer) reading.syllables())
                .map(SoundQuestion.HasSyllables::new);
        };
    }

    private static Phone phone(@Nullable String code) {
        if (code == null || code.isBlank()) {
            throw new Unacceptable("choose-phone");
        }
        return Phone.of(code);
    }

    /** Pairs of words that differ in these two sounds only. */
    @ForSignedIn("the library’s")
    @GetMapping("/api/pictures/pairs")
    List<HeardPair> pairs(@AuthenticationPrincipal Account account, @RequestParam String one, @RequestParam String other,
        @RequestParam(defaultValue = "40") int most) {
        List<SoundSearch.Pair> pairs = pictures.sounds().pairs(phone(one), phone(other), pictures.may(account, null),
            Math.max(1, Math.min(most, Finding.MOST)));
        return pairs.stream().map(p -> new HeardPair(heard(p.one()), heard(p.other()))).toList();
    }

    private static HeardPicture heard(SoundSearch.Heard heard) {
        return new HeardPicture(heard.picture().id(), heard.word(), heard.reading().ipa(), heard.reading().spelt());
    }

    @ForSignedIn("the library’s")
    @GetMapping("/api/pictures/{set}/{name}")
    About about(@AuthenticationPrincipal Account account, @PathVariable String set, @PathVariable String name) {
        Picture picture = pictures.byId(set + "/" + name, pictures.may(account, null)).orElseThrow(() -> Problem.notFound("picture"));
        return new About(picture.id(), picture.name(), picture.also(), picture.categories(), pictures.kinds()
            .of(picture.name().toLowerCase(Locale.ROOT), picture),
            pictures.namesOf(picture.id()), pictures.sounds().readings(picture.name()).stream().map(Said::of).toList(), picture.person(),
            wording.of(pictures.creditOf(picture.id()).line()));
    }

    /** A library drawing as it looks to a student. */
    @ForAnybody
    @GetMapping("/art/{appearance}/{set}/{name}.svg")
    ResponseEntity<byte[]> art(@PathVariable String appearance, @PathVariable String set, @PathVariable String name) {
        byte[] svg = Appearance.of(appearance).flatMap(a -> Library.drawing(set + "/" + name, a)).orElseThrow(() -> Problem.notFound("picture"));
        return ResponseEntity.ok().contentType(MediaType.valueOf("image/svg+xml")).cacheControl(CacheControl.maxAge(Duration.ofDays(7)).cachePublic())
            .body(svg);
    }

    /** @param appearance how they look, as in an address @param pictures ids of the library, at most {@link Limits#DRAWINGS_AT_ONCE} */
    record DrawingsWanted(String appearance, List<String> pictures) {
        DrawingsWanted {
            Unacceptable.ifMissing(appearance, pictures);
            Unacceptable.ifMissing(pictures);
        }
    }

    /** Many library drawings at once, as SVG by their ids, for a device that keeps them: one that is not in the library is left out. */
    @ForSignedIn("the library’s alone")
    @PostMapping("/api/pictures/drawings")
    @Bounded("DRAWINGS_AT_ONCE")
    Map<String, String> drawings(@RequestBody DrawingsWanted wanted) {
        Unacceptable.ifMore("drawings-at-once", wanted.pictures.size(), Limits.DRAWINGS_AT_ONCE);
        Appearance appearance = Appearance.of(wanted.appearance).orElseThrow(() -> Problem.notFound("picture"));
        Map<String, String> drawn = new LinkedHashMap<>();
        wanted.pictures.forEach(id -> Library.drawing(id, appearance).ifPresent(svg -> drawn.put(id, new String(svg, StandardCharsets.UTF_8))));
        return drawn;
    }

    @For(Act.SEE)
    @GetMapping("/api/vocabularies/{vocabulary}/pictures/{hash}")
    ResponseEntity<byte[]> ownPicture(@AuthenticationPrincipal Account account, @PathVariable long vocabulary, @PathVariable String hash,
        @RequestParam(defaultValue = "") String look) {
        return MediaAnswer
            .of(media.ofVocabulary(vocabulary, hash, Appearance.of(look).orElse(Appearance.USUAL)).orElseThrow(() -> Problem.notFound("picture")));
    }
}
