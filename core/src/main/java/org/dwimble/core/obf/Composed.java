package org.dwimble.core.obf;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import org.dwimble.core.board.ContentHash;
import org.dwimble.core.board.Layer;

/** Several pictures drawn over each other as one drawing, for readers of a package that know one picture a button only. */
final class Composed {
    private Composed() {
    }

    /** Parts that are not found are left out. Named by what it holds, so that equal ones are one file. */
    static Media.Item of(List<Layer> layers, Media media) {
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 1000 1000\" width=\"1000\" height=\"1000\">");
        for (Layer layer : layers) {
            media.find(layer.picture())
                .ifPresent(item -> svg.append(String.format(Locale.ROOT, "<image x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" href=\"data:%s;base64,%s\"/>",
                    layer.x(), layer.y(), layer.size(), layer.size(), item.contentType(), Base64.getEncoder().encodeToString(item.bytes()))));
        }
        byte[] bytes = svg.append("</svg>").toString().getBytes(StandardCharsets.UTF_8);
        String name = "layers-" + ContentHash.hex(bytes).substring(0, 32);
        return new Media.Item(name, "image/svg+xml", name + ".svg", bytes);
    }
}
