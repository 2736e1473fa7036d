import little from '../../../core/src/main/resources/org/dwimble/core/grammar/little-words.json';
import type { Doing, FormsOf } from '../api/types';

// Which form of a message’s last word fits what stands before it, as core has it (`grammar.Fitting`); both are tried on the same cases.

export type Form = Extract<Doing, { type: 'change-form' }>['form'];
type Person = 'I' | 'ONE' | 'MANY';

const folded = (word: string) => word.toLowerCase().replaceAll("'", '’');
const listed = (list: object, word: string) => (list as Record<string, string | undefined>)[folded(word)];
const always = (word: string) => (little.always as Record<string, { PAST: string } | undefined>)[folded(word)];
const somebodysOf = little.somebodys as Record<string, string[] | undefined>;
const isOfBe = (word: string) => little.ofBe.includes(folded(word));
const be = (when: 'NOW' | 'PAST', person: Person) => little.be[when][person];

/** Without the helper of a form: going of “is going”, go of “didn’t go”. */
function bare(last: string): string {
  const space = last.indexOf(' ');
  const helper = folded(last.slice(0, space));
  const helps = isOfBe(helper) || /^(don|doesn|didn|isn|aren|wasn|weren)’t$/.test(helper) || helper === 'not';
  return space >= 0 && helps ? last.slice(space + 1) : last;
}

export class Fitting {
  private readonly byForm = new Map<string, FormsOf>();

  /** @param others words whose forms count where no known one has the same */
  constructor(known: FormsOf[], others: FormsOf[] = []) {
    for (const forms of [...others, ...known]) this.byForm.set(folded(forms.word), forms);
    for (const forms of [...known, ...others])
      for (const form of [forms.plural, forms.somebodys, forms.present, forms.past, forms.goingOn])
        if (form && !this.byForm.has(folded(form))) this.byForm.set(folded(form), forms);
  }

  /** Undefined if the word has no such form, or stands in it already. */
  changed(before: string | undefined, last: string, form: Form): string | undefined {
    const made = this.made(before, last, form);
    return made === last ? undefined : made;
  }

  private made(before: string | undefined, last: string, form: Form): string | undefined {
    switch (form) {
      case 'NOW':
        return this.now(before, bare(last));
      case 'PAST':
        return this.past(before, bare(last));
      case 'GOING_ON':
        return this.goingOn(before, bare(last));
      case 'MORE_THAN_ONE':
        return listed(little.moreThanOne, last) ?? this.forms(last)?.plural;
      case 'SOMEBODYS':
        return this.somebodys(last);
      case 'NOT':
        return this.not(before, last);
      case 'QUESTION':
        return last.endsWith('?') ? undefined : `${last}?`;
    }
  }

  private forms(word: string): FormsOf | undefined {
    return this.byForm.get(folded(word));
  }

  private person(before: string | undefined): Person | undefined {
    if (before === undefined) return undefined;
    const person = listed(little.persons, before);
    if (person) return person as Person;
    const forms = this.forms(before);
    if (!forms?.somebodys) return undefined;
    return folded(before) === folded(forms.plural ?? '') && folded(before) !== folded(forms.word) ? 'MANY' : 'ONE';
  }

  private now(before: string | undefined, last: string): string | undefined {
    const person = this.person(before);
    if (!person || always(last)) return undefined;
    if (isOfBe(last)) return be('NOW', person);
    const forms = this.forms(last);
    return forms?.present && (person === 'ONE' ? forms.present : forms.word);
  }

  private past(before: string | undefined, last: string): string | undefined {
    if (isOfBe(last)) return be('PAST', this.person(before) ?? 'ONE');
    return always(last)?.PAST ?? this.forms(last)?.past;
  }

  private goingOn(before: string | undefined, last: string): string | undefined {
    if (isOfBe(last) || always(last)) return undefined;
    const going = this.forms(last)?.goingOn;
    const person = this.person(before);
    return going && person ? `${be('NOW', person)} ${going}` : going;
  }

  private somebodys(last: string): string | undefined {
    const alone = Object.values(somebodysOf).find((row) => row && row.length > 1 && row[0] === folded(last));
    if (alone) return alone[1];
    const own = somebodysOf[folded(last)];
    if (own) return own[0];
    const forms = this.forms(last);
    if (!forms?.somebodys || folded(last) === folded(forms.somebodys)) return undefined;
    return folded(last) === folded(forms.word) ? forms.somebodys : last + (last.endsWith('s') ? little.endings.ownsAfterS : little.endings.owns);
  }

  private not(before: string | undefined, last: string): string | undefined {
    const [first] = last.split(' ', 1);
    const rest = last.slice(first.length);
    const plain = listed(little.nots, first);
    if (plain) return plain + rest;
    if (first.endsWith(little.endings.not) || first === 'not') return undefined;
    const forms = this.forms(last);
    if (!forms?.past) return `not ${last}`;
    const is = (form?: string) => form !== undefined && folded(last) === folded(form);
    if (is(forms.past) && !is(forms.word)) return `${little.helpers.PAST} ${forms.word}`;
    if (is(forms.goingOn)) return `not ${last}`;
    const person = is(forms.present) && !is(forms.word) ? 'ONE' : (this.person(before) ?? 'MANY');
    return `${little.helpers.NOW[person]} ${forms.word}`;
  }
}
