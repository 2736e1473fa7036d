package org.dwimble.core.doing;

import java.util.List;
import org.dwimble.core.told.Unacceptable;

/**
 * Shows the form in which the last word of the message would be, and puts it there when it is tapped. The form stays in its own cell; where a word has
 * none, the cell shows nothing.
 */
public record OfferForm(Form form) implements Doing {
    static final Sort<OfferForm> SORT = Sort.withText(OfferForm.class, "offer-form", d -> d.form.word(),
        word -> Form.of(word).map(OfferForm::new).orElse(null));

    public OfferForm {
        Unacceptable.ifMissing(form);
    }

    @Override
    public Sort<OfferForm> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Formed(form));
    }
}
