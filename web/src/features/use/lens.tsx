import { plural, t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Use } from '../../api/types';
import { keyOf } from '../../data/cells';
import { useOf } from '../../data/use';
import type { Lens, Overlay } from '../../drawn/overlay';
import { hang, type LensRoom } from '../lens';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

/** How often each word was said, wherever it stands; one never said is faint. */
export const said =
  (times: Use['times']): Lens =>
  (_, board) =>
    new Map<string, Overlay>(
      board.buttons.map((b) => {
        const count = times[b.id];
        if (count === undefined) return [keyOf(b.cell), { classes: ['silentWord'] }];
        const note = count === 0 ? t`never` : plural(count, { one: '# time', other: '# times' });
        return [keyOf(b.cell), { classes: count === 0 ? ['hiddenWord'] : [], note, told: count === 0 ? t`never said` : t`said ${note}` }];
      }),
    );

function UseSide({ use, room }: { use: Use; room: LensRoom }) {
  const name = room.view.student?.name ?? t`the student`;
  return (
    <section className={bench.findings} aria-label={t`Use`}>
      <h3>{t`Words said most`}</h3>
      {!use.since && (
        <p className={parts.quiet}>
          {use.kept && use.kept !== 'NOTHING'
            ? t`Nothing was said yet since it is kept.`
            : t`Nothing is kept of what ${name} says. It is asked for where it is set how ${name} talks.`}
        </p>
      )}
      <ol className={bench.lensList}>
        {use.most.map((word) => (
          <li key={word.label}>
            <button type="button" className={parts.dotted} onClick={() => room.go(word.board)}>
              {word.label}
            </button>
            <span>{plural(word.times, { one: '# time', other: '# times' })}</span>
          </li>
        ))}
      </ol>
      {use.since && <p>{plural(use.never, { one: '# shown word was never said.', other: '# shown words were never said.' })}</p>}
    </section>
  );
}

function useUseLens(room: LensRoom | undefined, on: boolean) {
  const { data } = useQuery({ ...useOf(room?.view.id ?? 0), enabled: on && room?.view.student !== undefined });
  const overlay = useMemo(() => (data ? said(data.times) : undefined), [data]);
  return { overlay, beside: on && data && room && <UseSide use={data} room={room} /> };
}

hang({
  name: t`Use`,
  place: 7,
  about: t`How often each word was said`,
  mark: <path d="M3 14V9h2v5zm4 0V3h2v11zm4 0V7h2v7z" />,
  useLens: useUseLens,
});
