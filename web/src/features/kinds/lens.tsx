import { t } from '@lingui/core/macro';
import type { Board } from '../../api/types';
import { keyOf } from '../../data/cells';
import { kinds } from '../../drawn/kindNames';
import { KindMark } from '../../drawn/kinds';
import type { Lens } from '../../drawn/overlay';
import { hang } from '../lens';
import bench from '../../shell/bench.module.css';

/** The kind of each word, in words. */
export const kindsLens: Lens = (_, board) =>
  new Map(
    board.buttons.map((b) => {
      const kind = kinds.find((k) => k.kind === b.kind);
      return [keyOf(b.cell), kind ? { classes: [], note: kind.short, told: kind.bare } : { classes: ['silentWord'] }];
    }),
  );

function KindsSide({ board }: { board: Board }) {
  return (
    <section className={bench.findings} aria-label={t`Kinds`}>
      <h3>{t`Kinds on this board`}</h3>
      <ul className={bench.lensList}>
        {kinds.map(({ kind, bare }) => (
          <li key={kind}>
            <span>
              <KindMark kind={kind} /> {bare}
            </span>
            <span>{board.buttons.filter((b) => b.kind === kind).length}</span>
          </li>
        ))}
        <li>
          <span>{t`no word`}</span>
          <span>{board.buttons.filter((b) => !b.kind).length}</span>
        </li>
      </ul>
    </section>
  );
}

hang({
  name: t`Kinds`,
  place: 5,
  about: t`What kind of word each is`,
  mark: <path d="M8 2 14 13H2Z" />,
  useLens: (room, on) => ({ overlay: kindsLens, beside: on && room && <KindsSide board={room.board} /> }),
});
