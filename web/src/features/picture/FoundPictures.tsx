import { t } from '@lingui/core/macro';
import { Pic } from '../../drawn/art';
import type { Asking, Tile } from './asking';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** What was found, or that nothing was. */
export function FoundPictures({ asking, onGather }: { asking: Asking; onGather: (tiles: Tile[]) => void }) {
  const { query, sound, other, said, tiles, chosen, error, nothing, pick } = asking;
  if (nothing && !error) return <Nothing query={query} sound={sound !== undefined} known={said.length > 0} />;
  return (
    <>
      {tiles.length > 1 && (
        <p className={css.tilesHead}>
          <button type="button" className={parts.dotted} onClick={() => onGather(tiles)}>{t`put all ${tiles.length} on the list`}</button>
          {sound && <span className={parts.quiet}> {t`American sounds, as the dictionary has them.`}</span>}
        </p>
      )}
      <ul className={other ? `${css.tiles} ${css.paired}` : css.tiles} aria-label={t`Pictures found`}>
        {inRows(tiles, other ? 2 : 1).map((row, i) => (
          <li key={`${row.map((t) => `${t.picture} ${t.word}`).join(' ')} ${i}`}>
            {row.map((t) => (
              <button
                key={`${t.picture} ${t.word}`}
                type="button"
                className={chosen?.picture === t.picture && chosen.word === t.word ? `${css.tile} ${css.chosen}` : css.tile}
                aria-pressed={chosen?.picture === t.picture}
                onClick={() => pick(t.picture)}
                onDoubleClick={() => onGather([t])}
              >
                <Pic id={t.picture} collected />
                <span dir="auto">{t.name}</span>
                {t.gloss && <small>{t.gloss}</small>}
                <small>{t.why}</small>
              </button>
            ))}
          </li>
        ))}
      </ul>
    </>
  );
}

/** So many together. */
const inRows = <T,>(all: T[], size: number) => all.flatMap((_, i) => (i % size === 0 ? [all.slice(i, i + size)] : []));

function Nothing({ query, sound, known }: { query: string; sound: boolean; known: boolean }) {
  if (sound && query && !known)
    return <p className={parts.quiet}>{t`How “${query}” is said is not known here. Try another word with the same sound, or choose the sound itself.`}</p>;
  const said = sound ? t`No picture sounds so.` : t`No picture answers to “${query}”. Try a simpler word, or take in a picture of your own.`;
  return <p className={parts.quiet}>{said}</p>;
}
