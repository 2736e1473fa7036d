package org.dwimble.core.doing;

import java.util.List;
import org.dwimble.core.told.Unacceptable;

/** Puts the last word of the message into a form, if it has that. */
public record ChangeForm(Form form) implements Doing {
    static final Sort<ChangeForm> SORT = Sort.withText(ChangeForm.class, "change-form", d -> d.form.word(),
        word -> Form.of(word).map(ChangeForm::new).orElse(null));

    public ChangeForm {
        Unacceptable.ifMissing(form);
    }

    @Override
    public Sort<ChangeForm> sort() {
        return SORT;
    }

    @Override
    public List<Effect> effects() {
        return List.of(new Effect.Formed(form));
    }
}
