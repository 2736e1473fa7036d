package org.dwimble.server.media;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import org.jspecify.annotations.Nullable;

/** One element, with what is in it and what it shows of elsewhere in the drawing. */
final class DrawnPart {
    final String name;
    private final int corners;
    final List<DrawnPart> parts = new ArrayList<>();
    private final Collection<String> shows = new LinkedHashSet<>();
    private final Collection<String> atCorners = new LinkedHashSet<>();
    final StringBuilder text = new StringBuilder();
    private long drawn = -1;
    private boolean counting;

    DrawnPart(String name, int corners) {
        this.name = name;
        this.corners = corners;
    }

    void note(String attribute, String value, Map<String, DrawnPart> byId) {
        if (attribute.equals("id")) {
            byId.putIfAbsent(value, this);
        } else if (attribute.equals("href") && value.startsWith("#")) {
            shows.add(value.substring(1));
        } else if (value.contains("url(")) {
            Matcher shown = Drawing.SHOWN.matcher(value);
            while (shown.find()) {
                (isOfMarkers(attribute, value) ? atCorners : shows).add(shown.group(1));
            }
        }
    }

    static boolean isOfMarkers(String attribute, String value) {
        return attribute.startsWith("marker") || attribute.equals("style") && value.contains("marker");
    }

    /** How many elements are drawn for it, those it shows of elsewhere counted each time; very many for one that shows itself. */
    long drawn(Map<String, DrawnPart> byId, int depth) {
        if (counting || depth > 4 * Drawing.DEEPEST) {
            return Drawing.MOST_ELEMENTS + 1L;
        }
        if (drawn < 0) {
            counting = true;
            long sum = 1;
            for (DrawnPart part : parts) {
                sum = most(sum + part.drawn(byId, depth + 1));
            }
            for (String id : shows) {
                sum = most(sum + of(byId.get(id), byId, depth));
            }
            for (String id : atCorners) {
                sum = most(sum + of(byId.get(id), byId, depth) * corners);
            }
            drawn = sum;
            counting = false;
        }
        return drawn;
    }

    static long of(@Nullable DrawnPart part, Map<String, DrawnPart> byId, int depth) {
        return part == null || part.name.endsWith("Gradient") ? 0 : part.drawn(byId, depth + 1);
    }

    private static long most(long sum) {
        return Math.min(sum, Drawing.MOST_ELEMENTS + 1L);
    }
}
