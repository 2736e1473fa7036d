import { plural, t } from '@lingui/core/macro';
import { Button } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { kinds } from '../../drawn/kindNames';
import { KindMark } from '../../drawn/kinds';
import { ArtOf, Pic } from '../../drawn/art';
import { about } from '../../data/pictures';
import { languageName } from '../../shell/languages';
import { belowIntoView } from '../../shell/intoView';
import { asWritten } from '../../words/words';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

const shownFirst = ['pl', 'ar', 'es'];
const tones = ['yellow', 'light', 'medium_light', 'medium', 'medium_dark', 'dark'];

/** What a picture is: its words, its kind, how it is said, how it looks in each look. */
export function AboutPicture({ id, word, onGather, onPut }: { id: string; word: string; onGather: () => void; onPut: () => void }) {
  const { data } = useQuery(about(id));
  if (!data) return null;
  const kind = kinds.find((k) => k.kind === data.kind)!;
  const languages = Object.entries(data.names).sort(([a], [b]) => Number(shownFirst.includes(b)) - Number(shownFirst.includes(a)));
  const said = new Intl.ListFormat([asWritten()], { type: 'disjunction' }).format(data.readings.map((r) => `${r.ipa} (${r.spelt})`));
  return (
    <section ref={belowIntoView} className={css.aboutPicture} aria-label={t`About ${data.name}`}>
      <div className={css.aboutLarge}>
        <Pic id={id} collected />
      </div>
      <h2 dir="auto">{data.name}</h2>
      <p className={parts.quiet}>
        {kind.bare} <KindMark kind={data.kind} />
        {data.categories.length > 0 && ` · ${data.categories.slice(0, 3).join(', ')}`}
      </p>
      {data.also.length > 0 && <p>{t`Also for ${data.also.slice(0, 6).join(', ')}`}</p>}
      {data.readings.length > 0 && <p>{plural(data.readings[0].syllables, { one: `Says ${said}, one syllable`, other: `Says ${said}, # syllables` })}</p>}
      {languages.length > 0 && (
        <details>
          <summary>
            {languages.slice(0, 2).map(([language, name]) => (
              <span key={language}>
                {languageName(language)} <strong dir="auto">{name}</strong>{' '}
              </span>
            ))}
            {languages.length > 2 && t`and ${languages.length - 2} more`}
          </summary>
          <ul>
            {languages.slice(2).map(([language, name]) => (
              <li key={language}>
                {languageName(language)} <strong dir="auto">{name}</strong>
              </li>
            ))}
          </ul>
        </details>
      )}
      {languages.length === 0 && !id.startsWith('own/') && <p className={parts.quiet}>{t`It has no name in other languages here.`}</p>}
      {!id.startsWith('own/') && (
        <div className={css.aboutLooks} aria-label={t`How it can look`} role="img">
          <ArtOf art="colour.yellow.usual">
            <Pic id={id} />
          </ArtOf>
          <ArtOf art="contrast.yellow.usual">
            <Pic id={id} />
          </ArtOf>
          {data.person &&
            tones.slice(1).map((tone) => (
              <ArtOf key={tone} art={`colour.${tone}.usual`}>
                <Pic id={id} />
              </ArtOf>
            ))}
        </div>
      )}
      <p className={parts.quiet}>{data.credit}</p>
      <div className={parts.sentenceButtons}>
        <Button type="primary" onClick={onPut}>{t`Put on a board`}</Button>
        <Button onClick={onGather} aria-label={t`Put ${word} on the list`}>{t`Put on the list`}</Button>
      </div>
    </section>
  );
}
