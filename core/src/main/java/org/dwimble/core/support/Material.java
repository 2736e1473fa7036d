package org.dwimble.core.support;

import java.util.List;
import org.dwimble.core.sheet.PageSetup;
import org.dwimble.core.sheet.Type;

/**
 * What a support is made of.
 *
 * @param title of the list
 * @param words as they are printed, each as often as it is
 * @param foot  what stands at the foot of every sheet
 */
public record Material(String title, List<Printed> words, PageSetup page, Type type, String foot) {
    public Material {
        words = List.copyOf(words);
    }
}
