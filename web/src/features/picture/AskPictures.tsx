import { plural, t } from '@lingui/core/macro';
import { Input, Select } from 'antd';
import { LONGEST, type How } from '../../data/pictures';
import { MOST, type Asking } from './asking';
import { Chip } from './Chip';
import { fixedAsk, fixedQuestions, soundName } from './soundQuestions';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

const hows: { how: How; words: string }[] = [
  { how: 'TYPED', words: t`is this` },
  { how: 'STARTS', words: t`starts so` },
  { how: 'ENDS', words: t`ends so` },
  { how: 'INSIDE', words: t`has it inside` },
  { how: 'WHOLE_WORD', words: t`is exactly this` },
  { how: 'MEANING', words: t`means much the same` },
];

/** The questions: a word, a category, what of the word has to match, and how it sounds. */
export function AskPictures({ asking }: { asking: Asking }) {
  const { query, how, sound, reading, other, category, said, soundChips, drawers, phones, asked, tiles } = asking;
  const { ask, askSound, askHow, askCategory, read, pairWith } = asking;
  return (
    <>
      <div className={css.picturesSearch}>
        <Input
          size="large"
          autoFocus
          allowClear
          value={query}
          onChange={(e) => ask(e.target.value)}
          maxLength={LONGEST}
          placeholder={t`Type a word, in any of eleven languages`}
          aria-label={t`Find a picture by its word`}
          suffix={
            <span className={parts.quiet} aria-live="polite">
              {asked ? count(tiles.length, MOST) : ''}
            </span>
          }
        />
        <Select
          size="large"
          allowClear
          showSearch
          value={category}
          placeholder={t`All categories`}
          aria-label={t`Category`}
          popupMatchSelectWidth={260}
          className={css.categoryChoice}
          onChange={askCategory}
          options={(drawers ?? []).map((c) => ({ value: c.name, label: `${c.name} (${c.pictures})${c.ofSchool ? t`, ours` : ''}` }))}
        />
      </div>
      <div className={css.chips} role="group" aria-label={t`What of the word has to match`}>
        <span className={parts.quiet}>{t`The word`}</span>
        {hows.map((h) => (
          <Chip key={h.how} on={!sound && how === h.how} onClick={() => askHow(h.how)}>
            {h.words}
          </Chip>
        ))}
      </div>
      <div className={css.chips} role="group" aria-label={t`What of its sound has to match`}>
        <span className={parts.quiet}>{t`It sounds`}</span>
        {soundChips.map((c) => (
          <Chip
            key={c.words}
            on={sound !== undefined && !sound.fixed && sound.how === c.ask.how && sound.phone === c.ask.phone}
            onClick={() => askSound(c.ask)}
          >
            {c.words}
          </Chip>
        ))}
        {said.length > 1 &&
          said.map((s, i) => (
            <Chip key={s.ipa} on={reading === i} onClick={() => read(i)}>
              {t`said ${s.ipa}`}
            </Chip>
          ))}
        <Select
          aria-label={t`A sound`}
          placeholder={t`like any sound you choose…`}
          className={css.soundChoice}
          showSearch
          allowClear
          popupMatchSelectWidth={230}
          value={sound?.fixed ? `${sound.how} ${sound.phone ?? sound.shape ?? sound.count}` : undefined}
          optionFilterProp="label"
          onChange={(value?: string) => askSound(value ? fixedAsk(value) : undefined)}
          options={fixedQuestions(phones)}
        />
        {sound?.phone && (
          <Select
            aria-label={t`Pairs with another sound`}
            placeholder={t`in pairs with…`}
            className={css.soundChoice}
            showSearch
            allowClear
            value={other}
            popupMatchSelectWidth={180}
            optionFilterProp="label"
            onChange={pairWith}
            options={phones.filter((p) => p.code !== sound.phone).map((p) => ({ value: p.code, label: soundName(p) }))}
          />
        )}
      </div>
    </>
  );
}

const count = (n: number, most: number) => (n >= most ? t`the first ${most}` : plural(n, { one: '# picture', other: '# pictures' }));
