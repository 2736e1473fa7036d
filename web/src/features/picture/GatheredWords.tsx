import { plural, t } from '@lingui/core/macro';
import { Button } from 'antd';
import { Pic } from '../../drawn/art';
import type { Tile } from './asking';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** Pictures gathered for a board or for paper. */
export function GatheredWords({ list, onList, onPut }: { list: Tile[]; onList: (left: Tile[]) => void; onPut: (words: Tile[]) => void }) {
  return (
    <section className={css.gathered} aria-label={t`The list`}>
      <h2>{t`The list, ${plural(list.length, { one: '# word', other: '# words' })}`}</h2>
      <ul>
        {list.map((each, i) => (
          <li key={`${each.picture} ${each.word}`}>
            <button
              type="button"
              title={t`Take ${each.word} off the list`}
              aria-label={t`Take ${each.word} off the list`}
              onClick={() => onList(list.filter((_, at) => at !== i))}
            >
              <Pic id={each.picture} collected />
              {each.word}
            </button>
          </li>
        ))}
      </ul>
      <div className={parts.sentenceButtons}>
        <Button type="primary" onClick={() => onPut(list)}>{t`Put on a board, or print`}</Button>
        <Button onClick={() => onList([])}>{t`Empty it`}</Button>
      </div>
    </section>
  );
}
