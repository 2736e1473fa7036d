package org.dwimble.core.compose;

import java.util.List;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.dwimble.core.board.Layer;
import org.dwimble.core.board.MediaId;
import org.dwimble.core.credit.Credit;
import org.dwimble.core.told.Unacceptable;

/**
 * A picture put together out of pictures of the library, which are drawn over each other in a square. What is kept is
 * what it is made of, and not a drawing: so it looks to each student as all other pictures do.
 *
 * @param parts the first lowest; 2 to {@value #MOST}, of the library alone, as a photo has no other look
 */
public record Composition(List<Layer> parts) {
    public static final int MOST = 12;
    private static final int LEAST = 2;
    private static final Pattern DRAWING = Pattern.compile("<svg\\b[^>]*\\bviewBox=\"([-0-9. ]+)\"[^>]*>(.*)</svg>\\s*", Pattern.DOTALL);

    /** @throws Unacceptable if there are too few parts or too many, or one is not of the library */
    public Composition {
        parts = List.copyOf(parts);
        if (parts.size() < LEAST || parts.size() > MOST) {
            throw new Unacceptable("composition-parts", "least", LEAST, "most", MOST);
        }
        if (!parts.stream().allMatch(p -> MediaId.isLibrary(p.picture()))) {
            throw new Unacceptable("composition-of-photos");
        }
    }

    /** Whose drawings are in it, each once, in their order. */
    public List<Credit> credits() {
        return parts.stream().map(p -> Credit.ofLibrary(p.picture())).distinct().toList();
    }

    /**
     * As SVG.
     *
     * @param drawing of a library picture, as SVG in the look it is to have; null if there is none any more, which is left out
     */
    public String svg(Function<String, String> drawing) {
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" viewBox=\"0 0 ")
            .append(Layer.ROOM).append(' ').append(Layer.ROOM).append("\" width=\"").append(Layer.ROOM).append("\" height=\"").append(Layer.ROOM).append("\">");
        for (Layer part : parts) {
            String drawn = drawing.apply(part.picture());
            Matcher matcher = DRAWING.matcher(drawn == null ? "" : drawn);
            if (matcher.matches()) {
                svg.append("<svg x=\"").append(part.x()).append("\" y=\"").append(part.y()).append("\" width=\"").append(part.size()).append("\" height=\"")
                    .append(part.size()).append("\" viewBox=\"").append(matcher.group(1)).append("\">").append(matcher.group(2)).append("</svg>");
            }
        }
        return svg.append("</svg>").toString();
    }
}
