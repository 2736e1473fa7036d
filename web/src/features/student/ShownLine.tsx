import { t } from '@lingui/core/macro';
import type { Glance } from '../../api/types';
import { dayAndTime } from '../../shell/time';
import { asWritten } from '../../words/words';
import css from './students.module.css';

const WIDTH = 260;
const HEIGHT = 46;
const MARKS = { STEP: '◆', PEOPLE: '●', NAMED: '▲' } as const;

const day = (at: string) => new Date(at).toLocaleDateString(asWritten(), { day: 'numeric', month: 'long' });

/** A round number near another, for a scale. */
export function nice(number: number): number {
  const ten = 10 ** Math.floor(Math.log10(Math.max(1, number)));
  return Math.round(number / ten) * ten;
}

/** What came, or the name a version got. */
const quoted = ({ what, sentence }: { what: string; sentence: string }) => (what === 'NAMED' ? `“${sentence}”` : sentence);

/** The line of words shown over time, with steps, people and named versions marked on it; each mark says what came. */
export function ShownLine({ glance, wide }: { glance: Glance; wide?: boolean }) {
  const { line } = glance;
  if (line.length === 0) return null;
  const times = line.map((p) => new Date(p.at).getTime());
  const [from, to] = [times[0], Math.max(times.at(-1)!, times[0] + 1)];
  const most = Math.max(...line.map((p) => p.shown), 1);
  const left = wide ? 26 : 6;
  const x = (i: number) => left + ((WIDTH - 6 - left) * (times[i] - from)) / (to - from);
  const y = (shown: number) => HEIGHT - 6 - ((HEIGHT - 18) * shown) / most;
  const scale = [...new Set([0, nice(most / 2), most])];
  const points = line.flatMap((p, i) =>
    i === 0
      ? [[x(i), y(p.shown)]]
      : [
          [x(i), y(line[i - 1].shown)],
          [x(i), y(p.shown)],
        ],
  );
  const marked = line.map((point, i) => ({ point, i })).filter(({ point }) => point.mark);
  return (
    <figure className={wide ? `${css.line} ${css.wideLine}` : css.line}>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={t`Words shown over time: ${line[0].shown} on ${dayAndTime(line[0].at)}, ${line.at(-1)!.shown} now`}
        preserveAspectRatio="none"
      >
        {wide && scale.map((n) => <line key={n} x1={0} x2={WIDTH} y1={y(n)} y2={y(n)} vectorEffect="non-scaling-stroke" />)}
        <polyline points={points.map((p) => p.join(',')).join(' ')} vectorEffect="non-scaling-stroke" />
      </svg>
      {wide &&
        scale.map((n) => (
          <span key={n} className={css.scale} style={{ top: `${(100 * y(n)) / HEIGHT}%` }} aria-hidden="true">
            {n}
          </span>
        ))}
      {wide && (
        <figcaption className={css.days} aria-hidden="true">
          <span>{day(line[0].at)}</span>
          <span>{day(line.at(-1)!.at)}</span>
        </figcaption>
      )}
      {marked.map(({ point, i }) => (
        <span
          key={`${point.at} ${i}`}
          className={css.mark}
          data-kind={point.mark!.what}
          style={{ insetInlineStart: `${(100 * x(i)) / WIDTH}%`, top: `${(100 * y(point.shown)) / HEIGHT}%` }}
          title={t`${dayAndTime(point.at)}: ${quoted(point.mark!)}. ${point.shown} of ${point.words} words shown.`}
          tabIndex={wide ? 0 : undefined}
          role="img"
          aria-label={t`${dayAndTime(point.at)}: ${point.mark!.sentence}. ${point.shown} of ${point.words} words shown.`}
        >
          {MARKS[point.mark!.what]}
        </span>
      ))}
    </figure>
  );
}
