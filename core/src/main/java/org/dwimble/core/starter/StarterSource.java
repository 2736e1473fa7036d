package org.dwimble.core.starter;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.dwimble.core.board.Acts;
import org.dwimble.core.board.Board;
import org.dwimble.core.board.Button;
import org.dwimble.core.board.Cell;
import org.dwimble.core.board.Extras;
import org.dwimble.core.board.Face;
import org.dwimble.core.board.Kind;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.board.Shape;
import org.dwimble.core.board.Shown;
import org.dwimble.core.board.Standing;
import org.dwimble.core.board.Vocabulary;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.doing.Spell;
import org.dwimble.core.picture.Picture;
import org.dwimble.core.search.PictureSearch;
import org.dwimble.core.words.Kinds;
import org.jspecify.annotations.Nullable;

/**
 * Reads a starter from its text grids: {@code starter.txt} names it and lists its boards, and each board is
 * a file of its own. A grid row is a line, cells are parted by {@code |}, an empty cell is a dot. A cell is
 * a label followed by any of
 * <pre>
 *   =word    the picture of another word      =-       no picture
 *   /kind    the kind, where the guess errs    "text"   what it says, if not its label
 *   >board   opens a board, saying nothing     :home :back   leads home or back, saying nothing
 *   >>board  says its word, then opens it      @board   the board it stood on first, which its id tells
 *   +text :space :backspace :clear :speak      what it does to the message, saying nothing
 * </pre>
 * Ids are made from the label and the board a word stood on first, so they last wherever it goes.
 */
public final class StarterSource {
    /** The starters that ship, smallest first. */
    public static final List<String> SHIPPED = List.of("first-choices", "starter-40");

    /** @param about what it is for, in a sentence or two */
    public record Starter(String id, String about, Vocabulary vocabulary) {
    }

    private static final Pattern MODIFIER = Pattern.compile("\\s(=\\S+|/[a-z]+|>>?[a-z0-9-]+|@[a-z0-9-]+|:[a-z]+|\\+\\S+|\"[^\"]+\")");
    private final PictureSearch pictures;
    private final Kinds kinds;

    public StarterSource(PictureSearch pictures, Kinds kinds) {
        this.pictures = pictures;
        this.kinds = kinds;
    }

    public Starter shipped(String id) {
        return read(file -> resource(id + "/" + file + ".txt"));
    }

    /**
     * @param files gives a file's text by its name without ending
     * @throws IllegalArgumentException naming the file and line that cannot be read
     */
    public Starter read(Function<String, String> files) {
        Map<String, String> head = head(files.apply("starter"));
        String[] grid = said(head, "grid").split("x");
        int rows = Integer.parseInt(grid[0].trim());
        int columns = Integer.parseInt(grid[1].trim());
        List<String> ids = List.of(said(head, "boards").split("\\s*,\\s*"));
        Map<String, Board> boards = new LinkedHashMap<>();
        for (String id : ids) {
            boards.put(id, board(id, files.apply(id), rows, columns));
        }
        return new Starter(said(head, "id"), said(head, "about"), Vocabulary.of(said(head, "name"), ids.get(0), "en", boards.values()));
    }

    private static String said(Map<String, String> head, String what) {
        return Objects.requireNonNull(head.get(what), "the starter does not say its " + what);
    }

    private static Map<String, String> head(String text) {
        Map<String, String> head = new HashMap<>();
        text.lines().filter(l -> l.contains(":")).forEach(l -> head.put(l.substring(0, l.indexOf(':')).trim(), l.substring(l.indexOf(':') + 1).trim()));
        return head;
    }

    private Board board(String id, String text, int rows, int columns) {
        String name = id;
        List<Button> buttons = new ArrayList<>();
        int row = 0;
        int number = 0;
        for (String line : text.lines().toList()) {
            number++;
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (line.startsWith("name:")) {
                name = line.substring(5).trim();
                continue;
            }
            String[] cells = line.split("\\|", -1);
            if (cells.length != columns || row == rows) {
                throw new IllegalArgumentException(id + ".txt line " + number + ": " + cells.length + " cells in row " + (row + 1)
                    + ", where the grid is " + rows + " x " + columns);
            }
            for (int column = 0; column < columns; column++) {
                if (!cells[column].trim().equals(".")) {
                    try {
                        buttons.add(button(id, cells[column], new Cell(row, column)));
                    } catch (IllegalArgumentException e) {
                        throw new IllegalArgumentException(id + ".txt line " + number + ", cell " + (column + 1) + ": " + e.getMessage(), e);
                    }
                }
            }
            row++;
        }
        return Board.empty(id, name, new Shape(rows, columns)).withButtons(buttons);
    }

    private Button button(String board, String source, Cell cell) {
        Matcher matcher = MODIFIER.matcher(source);
        String label = source;
        String pictureWord = null;
        Kind kind = null;
        Says says = Says.LABEL;
        Leads leads = Leads.STAYS;
        boolean silent = true;
        String stoodOn = board;
        List<Doing> doings = new ArrayList<>();
        for (boolean first = true; matcher.find(); first = false) {
            if (first) {
                label = source.substring(0, matcher.start());
            }
            String modifier = matcher.group(1);
            String rest = modifier.substring(1);
            switch (modifier.charAt(0)) {
                case '=' -> pictureWord = rest;
                case '/' -> kind = Kind.of(rest);
                case '"' -> says = new Says.Words(rest.substring(0, rest.length() - 1));
                case '>' -> {
                    silent = !rest.startsWith(">");
                    leads = new Leads.Opens(silent ? rest : rest.substring(1));
                }
                case '@' -> stoodOn = rest;
                case '+' -> doings.add(new Spell(rest));
                default -> {
                    switch (rest) {
                        case "home" -> leads = Leads.HOME;
                        case "back" -> leads = Leads.BACK;
                        case "space" -> doings.add(Doing.SPACE);
                        case "backspace" -> doings.add(Doing.TAKE_LAST_OFF);
                        case "clear" -> doings.add(Doing.CLEAR);
                        case "speak" -> doings.add(Doing.SAY);
                        default -> throw new IllegalArgumentException("no button does “" + modifier + "”");
                    }
                }
            }
        }
        label = label.trim();
        if (says == Says.LABEL && silent && (leads != Leads.STAYS || !doings.isEmpty())) {
            says = Says.NOTHING;
        }
        Picture picture = picture(pictureWord == null ? label : pictureWord.replace('-', ' '), pictureWord, !doings.isEmpty());
        if (kind == null && says != Says.NOTHING) {
            kind = kinds.of(label.toLowerCase(Locale.ROOT), picture);
        }
        return new Button(stoodOn + "-" + slug(label), Standing.at(cell), Face.of(label, picture == null ? null : picture.id(), kind),
            new Acts(says, null, doings, leads), Shown.YES, Extras.NONE);
    }

    private @Nullable Picture picture(String word, @Nullable String named, boolean spells) {
        if ("-".equals(named) || named == null && spells) {
            return null;
        }
        Picture found = pictures.called(word).orElse(null);
        if (found == null && named != null) {
            throw new IllegalArgumentException("no picture is called “" + word + "”");
        }
        return found;
    }

    static String slug(String label) {
        return label.toLowerCase(Locale.ROOT).replaceAll("[’']", "").replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
    }

    private static String resource(String path) {
        try (InputStream in = StarterSource.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalArgumentException("there is no starter file " + path);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
