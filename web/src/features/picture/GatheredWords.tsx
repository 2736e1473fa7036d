import { Button } from 'antd';
import { Pic } from '../../drawn/art';
import type { Tile } from './asking';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** Pictures gathered for a board or for paper. */
export function GatheredWords({ list, onList, onPut }: { list: Tile[]; onList: (left: Tile[]) => void; onPut: (words: Tile[]) => void }) {
  return (
    <section className={css.gathered} aria-label="The list">
      <h2>
        The list, {list.length} {list.length === 1 ? 'word' : 'words'}
      </h2>
      <ul>
        {list.map((t, i) => (
          <li key={`${t.picture} ${t.word}`}>
            <button
              type="button"
              title={`Take ${t.word} off the list`}
              aria-label={`Take ${t.word} off the list`}
              onClick={() => onList(list.filter((_, at) => at !== i))}
            >
              <Pic id={t.picture} collected />
              {t.word}
            </button>
          </li>
        ))}
      </ul>
      <div className={parts.sentenceButtons}>
        <Button type="primary" onClick={() => onPut(list)}>
          Put on a board, or print
        </Button>
        <Button onClick={() => onList([])}>Empty it</Button>
      </div>
    </section>
  );
}
