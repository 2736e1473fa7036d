import { plural, t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, InputNumber, Radio } from 'antd';
import { Link } from 'react-router';
import { sentence } from '../../api/client';
import type { NewCheck, Rounds, Student } from '../../api/types';
import { sheetAddress, targets, type Asked } from '../../data/pointing';
import { sizes } from '../../data/sizes';
import parts from '../../shell/parts.module.css';
import { count } from './playing';
import css from './pointing.module.css';

export type How = NewCheck['how'];
const LEVELS = [70, 80, 90];
const MOST_SIZES = 6;
const LAST_SHEET = 9999;

interface Props {
  student: Student;
  how: How;
  asked: Asked;
  onHow: (how: How) => void;
  onAsk: (asked: Asked) => void;
  onBegin: (rounds: Rounds) => void;
}

/** How it is pointed, at which sizes, and beginning. */
export function Start({ student, how, asked, onHow, onAsk, onBegin }: Props) {
  const { data: known } = useQuery(sizes(student.id, {}));
  const read = useQuery({ ...targets(student.id, asked), enabled: asked.grid.length > 0 });
  const rounds = asked.grid.length > 0 && !read.error ? read.data : undefined;
  const lines = known?.lines ?? [];
  const grids = lines
    .filter((l, i, all) => all.findIndex((o) => o.rows === l.rows && o.columns === l.columns) === i)
    .sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm);
  const now = (rows: number, columns: number) => lines.find((l) => l.of === 'VOCABULARY' && l.rows === rows && l.columns === columns)?.name;
  const paper = how === 'PAPER' || how === 'EYES';
  const unready = how === 'SWITCH' && !student.access.scanning;
  return (
    <>
      <h2>{t`A new check`}</h2>
      <Radio.Group
        className={css.lines}
        aria-label={t`How it is pointed`}
        value={how}
        onChange={(e) => onHow(e.target.value as How)}
        options={[
          { value: 'FINGER', label: t`with a finger, on ${student.name}’s own device` },
          { value: 'SWITCH', label: t`with a switch, as in talk` },
          { value: 'PAPER', label: t`with a finger, on paper` },
          { value: 'EYES', label: t`with the eyes: you hold the sheet up, and follow them` },
        ]}
      />
      {unready && (
        <p role="status">
          {t`How the switch goes round is not set yet.`} <Link to={`/students/${student.id}/talking`}>{t`how ${student.name} talks`}</Link>
        </p>
      )}
      <h3>{t`Cells to try`}</h3>
      <Checkbox.Group
        className={css.lines}
        value={asked.grid}
        onChange={(grid) => onAsk({ ...asked, grid })}
        options={grids.map((l) => {
          const grid = `${l.rows}x${l.columns}`;
          return {
            value: grid,
            disabled: !asked.grid.includes(grid) && asked.grid.length >= MOST_SIZES,
            label: (
              <>
                {t`${l.rows} x ${l.columns}: ${Math.round(l.widthMm)} x ${Math.round(l.heightMm)} mm`}
                {now(l.rows, l.columns) && <small className={css.small}>{t`as ${now(l.rows, l.columns) ?? ''} is`}</small>}
              </>
            ),
          };
        })}
      />
      <h3>{t`How many are to be hit`}</h3>
      <Radio.Group
        aria-label={t`How many are to be hit`}
        value={asked.level}
        onChange={(e) => onAsk({ ...asked, level: e.target.value as number })}
        options={LEVELS.map((level) => ({ value: level, label: t`${level / 10} of 10` }))}
      />
      <p>
        <label>
          {t`Targets of each size`}{' '}
          <InputNumber
            min={1}
            max={200}
            value={asked.count ?? rounds?.fewest}
            onChange={(n) => onAsk({ ...asked, count: n === null || n === rounds?.fewest ? undefined : n })}
          />
        </label>
        {rounds && (
          <small className={css.small}>
            {t`At least ${rounds.fewest}, all of them hits, until it is sure.`}{' '}
            {plural(count(rounds.rounds), { one: '# target in all.', other: '# targets in all.' })}
          </small>
        )}
      </p>
      {paper && (
        <p>
          <label>
            {t`Number of the sheet`} <InputNumber min={1} max={LAST_SHEET} value={asked.seed} onChange={(n) => onAsk({ ...asked, seed: n ?? asked.seed })} />
          </label>
          <small className={css.small}>{t`It stands at the foot of the print. To tell what was ticked on paper another day, type it in again.`}</small>
        </p>
      )}
      {read.error && asked.grid.length > 0 && <p role="alert">{sentence(read.error)}</p>}
      <p className={css.doors}>
        {paper && rounds && (
          <a className={parts.door} href={sheetAddress(student.id, asked, rounds.fewest)} target="_blank" rel="noreferrer">{t`Print the sheet`}</a>
        )}
        <Button type="primary" disabled={!rounds || unready} onClick={() => rounds && onBegin(rounds)}>
          {paper ? t`Tell what is pointed at` : t`Begin`}
        </Button>
      </p>
    </>
  );
}
