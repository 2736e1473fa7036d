package org.dwimble.server.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import org.dwimble.core.access.Access;
import org.dwimble.core.access.Scanning;
import org.dwimble.core.access.Switch;
import org.dwimble.core.access.Touching;
import org.dwimble.core.board.Axis;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Origin;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.compose.Composition;
import org.dwimble.core.dayword.DayWord;
import org.dwimble.core.dayword.OwnDay;
import org.dwimble.core.doing.Form;
import org.dwimble.core.doing.OfferForm;
import org.dwimble.core.doing.ShowList;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.edit.boards.AddBoard;
import org.dwimble.core.edit.boards.BoardOfSayings;
import org.dwimble.core.edit.boards.LayRows;
import org.dwimble.core.edit.boards.NewBoard;
import org.dwimble.core.edit.boards.RegridBoards;
import org.dwimble.core.edit.boards.SplitCell;
import org.dwimble.core.edit.looks.GiveLook;
import org.dwimble.core.edit.looks.GivePapers;
import org.dwimble.core.edit.people.PersonLeft;
import org.dwimble.core.edit.plan.ChangeStep;
import org.dwimble.core.edit.plan.GoToStep;
import org.dwimble.core.edit.plan.HoldWords;
import org.dwimble.core.edit.plan.LayPlan;
import org.dwimble.core.edit.ways.ChainBoards;
import org.dwimble.core.edit.ways.LeadTo;
import org.dwimble.core.edit.ways.OpenedFrom;
import org.dwimble.core.edit.ways.PutDoing;
import org.dwimble.core.edit.ways.PutOpener;
import org.dwimble.core.edit.whole.Arriving;
import org.dwimble.core.edit.words.GiveLabel;
import org.dwimble.core.edit.words.GivePicture;
import org.dwimble.core.edit.words.GiveSound;
import org.dwimble.core.edit.words.GiveWords;
import org.dwimble.core.edit.words.MoveButton;
import org.dwimble.core.edit.words.PutFarApart;
import org.dwimble.core.edit.words.PutSaying;
import org.dwimble.core.edit.words.PutWords;
import org.dwimble.core.edit.words.ReadyWord;
import org.dwimble.core.edit.words.Saying;
import org.dwimble.core.fact.Fact;
import org.dwimble.core.first.FirstBoard;
import org.dwimble.core.grant.Role;
import org.dwimble.core.look.ColouredPaper;
import org.dwimble.core.look.LabelPlace;
import org.dwimble.core.look.TypeSize;
import org.dwimble.core.obf.Refused;
import org.dwimble.core.pattern.Pattern;
import org.dwimble.core.picture.Appearance;
import org.dwimble.core.picture.Hair;
import org.dwimble.core.picture.Look;
import org.dwimble.core.picture.OwnPicture;
import org.dwimble.core.picture.Shows;
import org.dwimble.core.picture.Tone;
import org.dwimble.core.regrid.Onto;
import org.dwimble.core.regrid.Weights;
import org.dwimble.core.regrid.WordTopics;
import org.dwimble.core.reveal.Meant;
import org.dwimble.core.reveal.ProposedPlan;
import org.dwimble.core.route.Routes;
import org.dwimble.core.route.Siblings;
import org.dwimble.core.screen.Hand;
import org.dwimble.core.screen.Screen;
import org.dwimble.core.series.FirstSeries;
import org.dwimble.core.student.Student;
import org.dwimble.core.told.Told;
import org.dwimble.core.use.UseKept;
import org.dwimble.core.voice.Manner;
import org.dwimble.core.voice.Spoken;
import org.dwimble.core.wordline.Guesses;
import org.dwimble.core.wordline.WordLine;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.board.VocabularyStore;
import org.dwimble.server.choice.AskedFor;
import org.dwimble.server.collection.TakingIn;
import org.dwimble.server.database.Database;
import org.dwimble.server.dayword.OwnDays;
import org.dwimble.server.fact.FactStore;
import org.dwimble.server.first.FirstSeriesStore;
import org.dwimble.server.library.Library;
import org.dwimble.server.recording.Recordings;
import org.dwimble.server.speech.Voices;
import org.dwimble.server.student.DeletedStore;
import org.dwimble.server.student.StudentStore;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** Fills an empty data folder with the demo school. What is there already is left alone. */
@Component
@Profile("demo")
class EstuarySchool implements ApplicationRunner {
    private static final String PASSWORD = "low tide at nine";

    private final AccountStore accounts;
    private final StudentStore students;
    private final VocabularyStore vocabularies;
    private static final org.dwimble.core.look.Look LOOK_BY_KIND = new org.dwimble.core.look.Look(null, null, null, null, null, null, null, null, null, true);

    private final Library library;
    private final TakingIn ownPictures;
    private final AskedFor askedFor;
    private final Recordings recordings;
    private final Voices voices;
    private final Database database;
    private final DeletedStore deleted;
    private final FactStore facts;
    private final FirstSeriesStore series;
    private final OwnDays days;
    private final PrintedLists printed;
    private final ShownLists shown;
    private final SaidLately said;
    private final KeptBundles bundles;
    private final PointedBefore pointed;
    private final PlannedGrowth growth;
    private final Supplier<String> ids;
    private final Instant now;

    EstuarySchool(AccountStore accounts, StudentStore students, VocabularyStore vocabularies, Library library, TakingIn ownPictures, AskedFor askedFor,
        Database database,
        DeletedStore deleted, FactStore facts, FirstSeriesStore series, PrintedLists printed, ShownLists shown, SaidLately said, KeptBundles bundles,
        PointedBefore pointed,
        PlannedGrowth growth,
        Recordings recordings,
        Voices voices,
        OwnDays days,
        Supplier<String> ids,
        Clock clock) {
        this.recordings = recordings;
        this.voices = voices;
        this.accounts = accounts;
        this.students = students;
        this.vocabularies = vocabularies;
        this.library = library;
        this.ownPictures = ownPictures;
        this.askedFor = askedFor;
        this.database = database;
        this.deleted = deleted;
        this.facts = facts;
        this.series = series;
        this.days = days;
        this.printed = printed;
        this.shown = shown;
        this.said = said;
        this.bundles = bundles;
        this.pointed = pointed;
        this.growth = growth;
        this.ids = ids;
        this.now = clock.instant();
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (accounts.any()) {
            return;
        }
        Account odile = accounts.create("odile", "Odile", "speech therapist", PASSWORD, true);
        Account marit = accounts.create("marit", "Marit", "teacher, class Oyster", PASSWORD, false);
        Account joris = accounts.create("joris", "Joris", "Ilse’s father", PASSWORD, false);

        Student ilse = student("ilse", "Ilse", 1, "Kittiwake", Screen.ofDiagonal(10.2, 4, 3), Appearance.USUAL, odile);
        String lighthouse = photo(PaintedPhotos.lighthouse(), odile, "our lighthouse", "lighthouse");
        String ferry = photo(PaintedPhotos.ferry(), odile, "the ferry Curlew", "ferry", "Curlew");
        String gate = photo(PaintedPhotos.gate(), marit, "school gate", "gate");
        String dog = photo(PaintedPhotos.dog(), odile, "Biscuit", "dog", "Biscuit the dog");
        Composition lockKeeper = new Composition(List.of(Layer.whole("core/sign-holding"), new Layer("base/key", 580, 220, 420)));
        ownPictures.keep(lockKeeper, ownPictures.about(lockKeeper, "lock keeper", List.of("our school"), OwnPicture.Audience.SCHOOL, null), odile);
        database.run(session -> {
            for (String words : List.of("shingle, winch", "winch, harness", "winch, drizzle", "harness")) {
                askedFor.count(session, List.of(words.split(", ")), now);
            }
        });
        students.join(ilse.id(), joris.id(), Role.VIEWER);
        students.join(ilse.id(), marit.id(), Role.EDITOR);
        long seal = shown.make(odile, marit, Map.of("ferry", ferry, "gate", gate, "dog", dog, "lighthouse", lighthouse));
        ilsesWords(ilse, odile, marit, lighthouse, seal);
        students.change(ilse.withUseKept(UseKept.COUNTS), ilse);
        said.words(ilse.id());

        Student tomasz = student("tomasz", "Tomasz", 4, "Oyster", Screen.ofDiagonal(12.9, 4, 3), Appearance.USUAL, odile);
        students.join(tomasz.id(), marit.id(), Role.OWNER);
        tomaszsWords(tomasz, odile, marit);
        firstTry(tomasz, marit);

        Student nour = student("nour", "Nour", 6, "Oyster", Screen.ofDiagonal(11, 16, 10), new Appearance(Look.COLOUR, Tone.MEDIUM_DARK, Hair.BLACK), odile);
        students.join(nour.id(), marit.id(), Role.EDITOR);
        noursWords(nour, marit, odile);
        pointed.of(nour, marit, odile);

        Student adair = student("adair", "Mr Adair", null, "adult group", Screen.ofDiagonal(13.3, 16, 9),
            new Appearance(Look.CONTRAST, Tone.YELLOW, Hair.USUAL), odile);
        adairsWords(adair, odile);
        students.change(adair.withAccess(byOneSwitch()).withUseKept(UseKept.MESSAGES), adair);
        said.messages(adair.id(), List.of("me drink tea", "help stop", "me eat more", "drink tea more", "play finished", "me drink water"));

        Student wren = student("wren", "Wren", 0, "Kittiwake", Screen.ofDiagonal(8.3, 4, 3), new Appearance(Look.COLOUR, Tone.LIGHT, Hair.RED), odile);
        students.change(wren.withPlacesKept(true), wren);
        students.join(wren.id(), marit.id(), Role.VIEWER);
        firstBoards(wren, ilse, odile, joris);
        wrensWords(wren, odile, joris);

        student("sefa", "Sefa", 2, "Kittiwake", Screen.ofDiagonal(10.2, 4, 3), Appearance.USUAL, odile);
        bundles.drinks(odile, vocabularies.ofStudent(tomasz.id()).get(0).id(), "eating-more");
        printed.make(odile, marit);
        whoMayLess(ilse, nour);
    }

    /** A tablet at home that talks, an assistant who prints, and the office, which looks after accounts and sees no student. */
    private void whoMayLess(Student ilse, Student nour) {
        Account tablet = accounts.create("ilse at home", "Ilse’s tablet", "at home", PASSWORD, false);
        students.join(ilse.id(), tablet.id(), Role.TALKER);
        Account pim = accounts.create("pim", "Pim", "classroom assistant", PASSWORD, false);
        students.join(ilse.id(), pim.id(), Role.PRINTER);
        students.join(nour.id(), pim.id(), Role.PRINTER);
        accounts.create("office", "Bea", "school office", PASSWORD, true);
    }

    /** Taken in for the whole school. @return what boards know it by */
    private String photo(byte[] bytes, Account by, String name, String... words) {
        List<String> all = new ArrayList<>(List.of(name));
        all.addAll(List.of(words));
        OwnPicture about = new OwnPicture(all, List.of("our school"), OwnPicture.Audience.SCHOOL, null, Shows.NOBODY, OwnPicture.Origin.OWN_PHOTO, "", "", "");
        try {
            return ownPictures.keep(bytes, about, name, by).picture().picture();
        } catch (Refused e) {
            throw new IllegalStateException(e);
        }
    }

    /** Of somebody, for one student: it stays at the school unless somebody says otherwise. */
    private String photoOf(byte[] bytes, Student whose, Account by, Shows shows, String... words) {
        OwnPicture about = new OwnPicture(List.of(words), List.of("family"), OwnPicture.Audience.STUDENT, whose.id(), shows, OwnPicture.Origin.OWN_PHOTO,
            "", "",
            "");
        try {
            return ownPictures.keep(bytes, about, words[0], by).picture().picture();
        } catch (Refused e) {
            throw new IllegalStateException(e);
        }
    }

    /** Row by row, with the space bar of a switch box, each named quietly. */
    private static Access byOneSwitch() {
        return new Access(Touching.USUAL, new Scanning(Scanning.Way.ROWS, 1_400, 600, 3, true, Switch.SPACE, null, 300, List.of()));
    }

    private Student student(String id, String name, @Nullable Integer year, String className, Screen screen, Appearance appearance, Account owner) {
        Student student = new Student(id, name, year, className, screen, appearance);
        students.add(student, owner.id());
        return student;
    }

    /** @param seal the number of her book */
    private void ilsesWords(Student ilse, Account odile, Account marit, String lighthouse, long seal) {
        Notebook book = start("starter-40", ilse, odile, 62);
        book.beside(61, odile, "people", "auntie", "aunt=Auntie Bo");
        book.beside(61, odile, "people", "uncle", "man=Uncle Piet");
        book.beside(60, odile, "people", "sister", "girl=Lot");
        book.beside(60, odile, "people", "teacher", "teacher=Miss Vos");
        String harbour = book.board(48, odile, "Harbour", "places", "harbour");
        book.words(48, odile, harbour, "ferry, school=lighthouse, rockpool=tide pool, crab, gull, seal, bucket, fishing net=net, wind, wet, cold");
        book.change(48, odile, v -> picture(v, harbour, "lighthouse", lighthouse));
        String lot = photoOf(PaintedPhotos.portrait(0x7a4a2b, 0xf1c9a5, 0x8b1e3f), ilse, odile, Shows.OTHERS, "Lot", "sister");
        book.change(47, odile, v -> picture(v, "people", "Lot", lot));
        String herself = photoOf(PaintedPhotos.portrait(0x5b3a1e, 0xf1c9a5, 0x1e5b8b), ilse, odile, Shows.STUDENT, "Ilse");
        book.words(46, odile, "people", "girl=Ilse");
        book.change(46, odile, v -> picture(v, "people", "Ilse", herself));
        book.nameVersion("before the holidays");
        facts.add(ilse.id(), new Fact(Fact.What.ALLERGY, "egg", "a rash within the hour; her pen is in the office", "her father"), odile.id(), at(41, 0));
        facts.add(ilse.id(), new Fact(Fact.What.INTEREST, "seals", "", "Ilse herself"), marit.id(), at(40, 0));
        book.hold(41, odile, "allergy: egg", null, true, "egg", "pancakes", "cake");
        book.words(34, marit, harbour, "sandwich, boat, fish, rope, shell");
        book.hold(30, marit, "asks for it all day", day(6), false, "sandwich");
        book.words(20, odile, harbour, "splash, ice=slippery, again, look=look at that");
        book.change(20, odile, v -> says(v, harbour, "look at that", "Look at that, a seal."));
        book.change(12, odile, v -> new PutDoing(harbour, null, "the seal book", "base/open-book", new ShowList(seal)));
        book.words(6, marit, harbour, "rain, umbrella");
        book.words(5, odile, "watching", "lighthouse=Lighthouse Lou, whale=The Slow Whale");
        book.words(4, odile, "eating", "pancakes, shell=mussels");
        book.change(3, odile, v -> label(v, "play", "toy car", "red bus"));
        book.change(3, marit, v -> new MoveButton(harbour, named(v.at(harbour), "crab").id(), harbour, named(v.at(harbour), "shell")
            .cell()));
        book.change(2, odile, v -> new PersonLeft("people", named(v.at("people"), "Uncle Piet").id(), now.atZone(ZoneOffset.UTC).getYear()));
        book.words(0, marit, harbour, "kite");
        vocabularies.copy(book.vocabulary, ilse.id(), "Ilse’s words, before the holidays", "as they were when the term ended", odile.id(), at(44, 1));
    }

    private void tomaszsWords(Student tomasz, Account odile, Account marit) {
        Notebook book = start("starter-40", tomasz, odile, 90);
        facts.add(tomasz.id(), new Fact(Fact.What.INTEREST, "trains", "timetables too", "his mother"), odile.id(), at(89, 0));
        facts.add(tomasz.id(), new Fact(Fact.What.DIET, "vegetarian", "", "the family"), odile.id(), at(89, 1));
        book.plan(88, odile, List.of(14, 60, 180, ProposedPlan.ALL), List.of("First words", "Asking and telling", "What it is like", "Everything"),
            "train set");
        String trains = book.board(80, odile, "Trains", "play-more", "train set");
        book.words(80, odile, trains,
            "steam train, fast train, tram, station, railway track=platform, ticket, driver, loud=all aboard, wind=whistle, bridge, metro=tunnel");
        book.words(66, marit, trains, "clock=timetable, traffic light=signal, late, alarm clock=on time");
        book.moveOn(52, odile, 2);
        book.hold(51, odile, "diet: vegetarian", null, true, "sausage", "chicken", "hot dog", "burger", "ham");
        String workshop = book.bareBoard(40, marit, "Workshop");
        book.words(40, marit, workshop, "hammer, screwdriver, carpentry saw=saw, pin=nail, wood, paint, glue, spanner, apron, ready, my turn");
        book.change(39, marit, v -> open(v, "lessons", "art", workshop));
        book.words(25, odile, workshop, "ruler=measure, warning=careful, loud, finished");
        book.change(30, marit, v -> new GiveLook(null, List.of(), LOOK_BY_KIND, List.of()));
        book.change(30, marit, v -> new GivePapers(Map.of(Kind.WHO, ColouredPaper.HEATHER.colour(), Kind.DO, ColouredPaper.MINT.colour(), Kind.DESCRIBING,
            ColouredPaper.STRAW.colour(), Kind.SOCIAL, ColouredPaper.PEACH.colour())));
        book.change(28, marit, v -> new GiveLook(trains, List.of(), new org.dwimble.core.look.Look(null, null, null, null, null, null, null, null,
            ColouredPaper.TIDE.colour(), null), List.of()));
        book.change(21, odile, v -> new SplitCell(trains, named(v.at(trains), "ticket").cell(), Axis.COLUMNS));
        book.change(21, odile, v -> {
            Cell ticket = named(v.at(trains), "ticket").cell();
            return new PutWords(trains, new Cell(ticket.row(), ticket.column() + 1),
                WordLine.ready(WordLine.read("coin"), Guesses.of(library.search(), library.kinds())));
        });
        book.planned(20, odile, 3, day(3));
        book.change(16, marit, v -> new RegridBoards(List.of(workshop), Onto.nearest(new Shape(4, 6), tomasz.screen()), Weights.NONE, WordTopics.NONE));
        vocabularies.undo(book.vocabulary, null, VocabularyStore.Asking.NOTHING, marit.id(), at(16, 3));
        book.beside(12, marit, "people", "teacher", "teacher=Marit");
        book.beside(2, odile, "people", "friend", "friend=Nour");
    }

    /** Begun beside the one that is used, and deleted: it can be had back. */
    private void firstTry(Student tomasz, Account marit) {
        long tried = vocabularies.copy(starter("first-choices"), tomasz.id(), "Tomasz, six big cells", marit.id(), at(13, 1));
        deleted.deleteVocabulary(tried, marit.id(), at(8, 2));
    }

    private void noursWords(Student nour, Account marit, Account odile) {
        Notebook book = start("starter-40", nour, marit, 30);
        book.plan(29, marit, List.of(8, 30, ProposedPlan.ALL), List.of("Eight words", "At school", "All words"), "garden", "bee");
        book.moveOn(20, odile, 2);
        String garden = book.board(26, marit, "Garden", "places", "garden");
        book.words(26, marit, garden,
            "sunflower, bee, butterfly, spider, spider web, worm, lady beetle=ladybird, ant, snail, leaf, seedling=seed, water, pick=dig, seedling=grow");
        book.change(25, odile, v -> {
            Board animals = v.at("animals");
            Button bee = named(animals, "bee");
            return new LeadTo("animals", bee.id(), new Leads.Opens("hive"));
        });
        book.words(11, marit, garden, "honey, flower, door=garden gate, flower=smells nice");
        String sowing = book.board(10, marit, "Sowing", garden, "seed");
        book.words(10, marit, sowing, "seedling=a pot, soil, seed, water");
        String waiting = book.bare(10, marit, "Waiting");
        book.words(10, marit, waiting, "sun, rain, look, days=every day");
        String eating = book.bare(10, marit, "Picking");
        book.words(10, marit, eating, "pick, wash, eat, share");
        book.change(10, marit, v -> new ChainBoards(List.of(sowing, waiting, eating), "next", "first again"));
        long clinic = vocabularies.copy(starter("first-choices"), nour.id(), "Nour at the clinic", "a few words for visits", odile.id(), at(9, 1));
        VocabularyStore.Kept larger = vocabularies.there(starter("starter-40"));
        growth.of(clinic, Origin.marked(larger.vocabulary(), String.valueOf(larger.id()), larger.version()), odile);
        book.change(9, odile, v -> new PutOpener(v.home(), null, "at the clinic", "base/hospital", new Leads.Elsewhere(clinic)));
        book.change(4, odile, v -> label(v, "wearing", "scarf", "headscarf"));
        days.add(nour.id(), new OwnDay("birthday", LocalDate.of(2015, 2, 11), OwnDay.Comes.BIRTHDAY));
        days.add(nour.id(), new OwnDay("boat trip", LocalDate.ofInstant(now, ZoneId.systemDefault()).plusDays(9), OwnDay.Comes.ONCE));
        book.change(3, odile, v -> new BoardOfSayings(v.home(), v.homeBoard().emptyCells().get(0), "my days", List.of(
            ofDay("yesterday", DayWord.YESTERDAY, ColouredPaper.OAT), ofDay("today", DayWord.TODAY, ColouredPaper.STRAW),
            ofDay("tomorrow", DayWord.TOMORROW, ColouredPaper.SKY), ofDay("date", DayWord.DATE, null), ofDay("season", DayWord.SEASON, null),
            ofDay("part of the day", DayWord.PART_OF_DAY, null), ofDay("my age", DayWord.AGE, null), ofDay("next", DayWord.NEXT, null),
            ofDay("time", DayWord.TIME, null))));
        book.change(2, odile, v -> typing(v));
        List<Form> forms = List.of(Form.NOW, Form.PAST, Form.GOING_ON, Form.NOT);
        for (int i = 0; i < forms.size(); i++) {
            Form form = forms.get(i);
            String label = List.of("now", "in the past", "going on", "not").get(i);
            book.change(2, odile, v -> new PutDoing(called(v, "typing").id(), null, label, null, new OfferForm(form)));
        }
    }

    private static Board called(Vocabulary vocabulary, String name) {
        return vocabulary.boards().values().stream().filter(b -> b.name().equals(name)).findFirst().orElseThrow();
    }

    /** A keyboard with words offered, opened from the home board. */
    private Intention typing(Vocabulary now) {
        Pattern keys = Pattern.of(now.locale(), "keys-typed");
        List<ReadyWord> ready = WordLine.ready(keys.inOrder().stream().map(word -> new WordLine.Entry(word.search(), word.label())).toList(),
            Guesses.of(library.search(), library.kinds()));
        return new OpenedFrom(new LayRows("typing", now.home(), null, keys.least(Siblings.of(now, now.home()).shape()), keys, ready), now.home(),
            now.homeBoard().emptyCells().get(0), "typing", "base/keyboard");
    }

    private static final Map<DayWord, String> PICTURES = Map.of(DayWord.TIME, "base/alarm-clock", DayWord.AGE, "base/birthday-cake", DayWord.TODAY,
        "core/today",
        DayWord.YESTERDAY, "core/yesterday", DayWord.TOMORROW, "core/tomorrow");

    private static Saying ofDay(String label, DayWord day, @Nullable ColouredPaper paper) {
        boolean pictured = day == DayWord.SEASON || day == DayWord.PART_OF_DAY;
        return new Saying(label, pictured ? null : PICTURES.getOrDefault(day, "base/calendar"), Kind.THING,
            null, null, day, paper == null ? null : paper.colour());
    }

    private void adairsWords(Student adair, Account odile) {
        Notebook book = start("first-choices", adair, odile, 9);
        book.change(9, odile, v -> label(v, "drink", "juice", "tea"));
        book.change(9, odile, v -> picture(v, "drink", "tea", "base/teapot"));
        book.words(9, odile, "play", "chess pawn=chess");
        book.change(5, odile, v -> label(v, "play", "ball", "radio"));
        book.change(5, odile, v -> picture(v, "play", "radio", "base/radio"));
        book.change(2, odile,
            v -> new PutWords("play", null, List.of(new ReadyWord("my drawings", "core/draw", null, List.of(ReadyWord.pad("pad", "core/draw"))))));
    }

    /** Before she had a vocabulary: one board that says who wants, in Joris’s voice, and several from one table with Ilse’s. */
    private void firstBoards(Student wren, Student ilse, Account odile, Account joris) {
        String herself = photoOf(PaintedPhotos.portrait(0xb5431f, 0xf6d7bd, 0x2f6f5e), wren, odile, Shows.STUDENT, "Wren");
        Guesses guesses = Guesses.of(library.search(), library.kinds());
        Button who = Button.word(ids.get(), new Cell(0, 0), "Wren", herself, Kind.WHO);
        Button wants = Button.word(ids.get(), new Cell(0, 0), "wants", "core/want", Kind.DO);
        Board board = FirstBoard.of(4, true, wren.screen(), Hand.USUAL).board(ids.get(), "Wren’s first board", who, wants);
        Notebook book = new Notebook(vocabularies.create(Vocabulary.of("Wren’s first board", board.id(), "en", List.of(board)), wren.id(), odile.id(),
            at(42, 0), Told.of("first-board-begun")));
        book.change(42, odile, v -> new PutFarApart(v.home(), WordLine.ready(WordLine.read("crisps, bath"), guesses)));
        for (String word : List.of("Wren", "wants", "crisps", "bath")) {
            book.change(41, odile, v -> recorded(v, v.home(), word, wren, joris, odile));
        }
        book.change(33, odile, v -> new PutFarApart(v.home(), WordLine.ready(WordLine.read("music"), guesses)));
        book.change(33, odile, v -> recorded(v, v.home(), "music", wren, joris, odile));
        series.make("Kittiwake, first boards", List.of(
            new FirstSeriesStore.Made(wren.id(), FirstSeries.of("Wren’s choices", List.of(
                new FirstSeries.Wanted("snack", WordLine.ready(WordLine.read("crisps, banana, juice, more"), guesses)),
                new FirstSeries.Wanted("bath", WordLine.ready(WordLine.read("duck, soap=bubbles, song=sing, splash"), guesses))), FirstBoard.LEAST,
                wren.screen(), Hand.USUAL, ids)),
            new FirstSeriesStore.Made(ilse.id(), FirstSeries.of("Ilse’s choices", List.of(
                new FirstSeries.Wanted(null, WordLine.ready(WordLine.read("seal, ferry, kite, bucket"), guesses))), FirstBoard.LEAST, ilse.screen(),
                Hand.USUAL, ids))),
            odile.id(), at(63, 0));
    }

    /** Joris lent his voice: two of her words are his. */
    private void wrensWords(Student wren, Account odile, Account joris) {
        Notebook book = start("first-choices", wren, odile, 14);
        book.plan(12, odile, List.of(6, 14, ProposedPlan.ALL), List.of("A few to begin with", "At table and in the bath", "All of them"), "duck");
        book.change(7, odile, v -> label(v, "eat", "biscuit", "banana"));
        book.change(7, odile, v -> picture(v, "eat", "banana", "base/banana"));
        book.words(7, odile, "play", "duck=bath duck");
        book.words(3, odile, "eat", "pear, cheese");
        book.change(3, odile, v -> recorded(v, "eat", "more", wren, joris, odile));
        book.change(3, odile, v -> recorded(v, "eat", "banana", wren, joris, odile));
        book.change(2, odile, v -> new PutSaying("play", v.at("play").emptyCells().get(0),
            new Saying("boing", "base/kangaroo", Kind.THING, "effect/boing", null, null, null)));
        book.change(2, odile, v -> new GiveLook(null, List.of(), new org.dwimble.core.look.Look(null, null, 3, LabelPlace.ABOVE, 75, 25, TypeSize.EQUAL,
            14, null,
            null), List.of()));
    }

    private long starter(String starter) {
        return vocabularies.starters().stream().filter(s -> starter.equals(s.starter())).findFirst().orElseThrow().id();
    }

    private Notebook start(String starter, Student student, Account by, int daysAgo) {
        return new Notebook(vocabularies.copy(starter(starter), student.id(), student.name() + "’s words", by.id(), at(daysAgo, 0)));
    }

    /** In the morning of a day, some minutes on for each thing done. */
    private Instant at(int daysAgo, int minutes) {
        Instant morning = now.atZone(ZoneOffset.UTC).toLocalDate().minusDays(daysAgo).atTime(LocalTime.of(8, 40)).toInstant(ZoneOffset.UTC)
            .plus(Duration.ofMinutes(3L * minutes));
        return morning.isAfter(now) ? now : morning;
    }

    private LocalDate day(int daysAgo) {
        return now.atZone(ZoneOffset.UTC).toLocalDate().minusDays(daysAgo);
    }

    private static Button named(Board board, String label) {
        return board.buttons().stream().filter(b -> b.label().equals(label)).findFirst()
            .orElseThrow(() -> new IllegalStateException("no " + label + " on " + board.name()));
    }

    private static Intention label(Vocabulary v, String board, String label, String now) {
        return new GiveLabel(board, named(v.at(board), label).id(), now);
    }

    /** Said by a made-up voice, as all of the demo is made up. */
    private Intention recorded(Vocabulary v, String board, String label, Student whose, Account voice, Account by) {
        byte[] said = voices.speak(new Spoken(label, "en", Manner.PLAINLY, "m3", 95, 40));
        String sound = recordings.keep(said, label, whose.id(), Shows.OTHERS, voice.name(), by).id();
        return new GiveSound(board, named(v.at(board), label).id(), sound);
    }

    private static Intention says(Vocabulary v, String board, String label, String words) {
        return new GiveWords(board, named(v.at(board), label).id(), new Says.Words(words));
    }

    private static Intention open(Vocabulary v, String board, String label, String opens) {
        return new LeadTo(board, named(v.at(board), label).id(), new Leads.Opens(opens));
    }

    private static Intention picture(Vocabulary v, String board, String label, String picture) {
        return new GivePicture(board, named(v.at(board), label).id(), Layer.only(picture));
    }

    /** One student's vocabulary, and what was done to it on which day. */
    private final class Notebook {
        private final long vocabulary;
        private int version = 1;
        private int done;

        Notebook(long vocabulary) {
            this.vocabulary = vocabulary;
        }

        void change(int daysAgo, Account by, Function<Vocabulary, Intention> maker) {
            Vocabulary now = vocabularies.find(vocabulary).orElseThrow().vocabulary();
            Intention made = new Arriving(maker.apply(now), null).madeBy(by.name(), day(daysAgo));
            version = vocabularies.edit(vocabulary, version, made, VocabularyStore.Asking.NOTHING, by.id(), at(daysAgo, ++done)).after().version();
        }

        /** A plan as it is proposed, with names for its steps; whatever has a photo of its own, or is named, comes first. */
        void plan(int daysAgo, Account by, List<Integer> targets, List<String> names, String... likes) {
            change(daysAgo, by, v -> {
                Map<String, Told> motives = new HashMap<>();
                v.boards().values().forEach(b -> b.buttons().stream().filter(w -> List.of(likes).contains(w.label()))
                    .forEach(w -> motives.put(w.id(), Told.of("why-own-photo"))));
                List<ProposedPlan.Step> steps = ProposedPlan.of(v, Routes.of(v), targets, motives, library.frequency()::commonness);
                List<LayPlan.NewStep> laid = new ArrayList<>();
                for (int i = 0; i < steps.size(); i++) {
                    laid.add(new LayPlan.NewStep(names.get(i), null, steps.get(i).words().stream().flatMap(w -> w.buttons().stream()).toList()));
                }
                return new LayPlan(laid, null);
            });
        }

        void moveOn(int daysAgo, Account by, int step) {
            change(daysAgo, by, v -> new GoToStep(v.plan().steps().get(step - 1).id(), null));
        }

        void planned(int daysAgo, Account by, int step, LocalDate day) {
            change(daysAgo, by, v -> new ChangeStep(v.plan().steps().get(step - 1).id(), v.plan().steps().get(step - 1).name(), day));
        }

        void hold(int daysAgo, Account by, String reason, @Nullable LocalDate until, boolean fact, String... words) {
            change(daysAgo, by, v -> new HoldWords(Meant.called(List.of(words)), reason, until, fact, null, null));
        }

        void nameVersion(String name) {
            vocabularies.nameVersion(vocabulary, version, name);
        }

        void words(int daysAgo, Account by, String board, String words) {
            for (String word : words.split(", ")) {
                change(daysAgo, by, v -> new PutWords(board, null, WordLine.ready(WordLine.read(word), Guesses.of(library.search(), library.kinds()))));
            }
        }

        /** In the cell at the right of a general word, which stays. */
        void beside(int daysAgo, Account by, String board, String general, String word) {
            change(daysAgo, by, v -> {
                Cell cell = named(v.at(board), general).cell();
                return new PutWords(board, new Cell(cell.row(), cell.column() + 1),
                    WordLine.ready(WordLine.read(word), Guesses.of(library.search(), library.kinds())));
            });
        }

        /** A board with its way home, opened by a button that stands already. */
        String board(int daysAgo, Account by, String name, String from, String label) {
            change(daysAgo, by, v -> new NewBoard(name, from, named(v.at(from), label).id(), null, List.of()));
            return vocabularies.find(vocabulary).orElseThrow().vocabulary().boards().values().stream().filter(b -> b.name().equals(name)).findFirst()
                .orElseThrow().id();
        }

        /** A board with its way home that nothing opens yet. */
        String bare(int daysAgo, Account by, String name) {
            change(daysAgo, by, v -> new NewBoard(name, null, null, null, List.of()));
            return vocabularies.find(vocabulary).orElseThrow().vocabulary().boards().values().stream().filter(b -> b.name().equals(name)).findFirst()
                .orElseThrow().id();
        }

        /** A board somebody forgot to give a way home. */
        String bareBoard(int daysAgo, Account by, String name) {
            String id = ids.get();
            change(daysAgo, by, v -> new AddBoard(Board.empty(id, name, v.homeBoard().shape())
                .with(Button.word(ids.get(), new Cell(0, 0), "sandpaper", null, Kind.THING))));
            return id;
        }
    }
}
