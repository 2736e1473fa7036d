import { Button, Input, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { ChosenWord, FoundPicture } from '../../api/types';
import { sentence } from '../../api/client';
import { AboutPicture } from './AboutPicture';
import { Pic } from '../../drawn/art';
import { Outside } from './Outside';
import { bySound, categories, found, LONGEST, pairs, readings, sounds, used, type How } from '../../data/pictures';
import { caseload } from '../../data/students';
import { PutOnBoard } from './PutOnBoard';
import { DropPictures } from './TakeIn';
import { fixedAsk, fixedQuestions, questions, soundName, type SoundAsk } from './soundQuestions';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

const MOST = 120;
const hows: { how: How; words: string }[] = [
  { how: 'TYPED', words: 'is this' },
  { how: 'STARTS', words: 'starts so' },
  { how: 'ENDS', words: 'ends so' },
  { how: 'INSIDE', words: 'has it inside' },
  { how: 'WHOLE_WORD', words: 'is exactly this' },
  { how: 'MEANING', words: 'means much the same' },
];

interface Tile extends ChosenWord {
  picture: string;
  name: string;
  why: string;
}

/** Finding pictures: by word, by category, by sound; and what to do with them. */
export default function Pictures() {
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const [query, setQuery] = useState(search.get('word') ?? '');
  const [how, setHow] = useState<How>('TYPED');
  const [sound, setSound] = useState<SoundAsk>();
  const [reading, setReading] = useState(0);
  const [other, setOther] = useState<string>();
  const [category, setCategory] = useState<string>();
  const [picked, setPicked] = useState<string>();
  const [list, setList] = useState<Tile[]>([]);
  const [putting, setPutting] = useState<Tile[]>();

  const said = useQuery(readings(query));
  const words = useQuery({ ...found({ query, how, category, most: MOST }), enabled: !sound && (query.trim() !== '' || category !== undefined) });
  const heard = useQuery(
    bySound(
      sound && !other
        ? { how: sound.how, word: sound.fixed ? '' : query, reading, phone: sound.phone, shape: sound.shape, count: sound.count, most: MOST }
        : undefined,
    ),
  );
  const paired = useQuery(pairs(sound?.phone ?? '', sound && other ? other : undefined));
  const drawers = useQuery(categories);
  const phones = useQuery(sounds);
  const error = words.error ?? heard.error ?? paired.error;
  const spelt = sound?.phone && phones.data?.find((p) => p.code === sound.phone)?.spelt;

  const asked = sound !== undefined || query.trim() !== '' || category !== undefined;
  const tiles: Tile[] = !asked
    ? []
    : sound && other
      ? (paired.data ?? []).flatMap((p) => [p.one, p.other]).map((h) => ({ picture: h.id, word: h.word, name: h.word, why: h.ipa }))
      : sound
        ? (heard.data?.pictures ?? []).map((h) => ({ picture: h.id, word: h.word, name: h.word, why: h.ipa }))
        : (words.data?.pictures ?? []).map((p) => ({ picture: p.id, word: p.name, name: p.name, why: p.why }));
  const chosen = tiles.find((t) => t.picture === picked) ?? tiles[0];
  const chips = questions(said.data?.[Math.min(reading, (said.data?.length ?? 1) - 1)]);

  function ask(text: string) {
    setQuery(text);
    setReading(0);
    setPicked(undefined);
    if (sound && !sound.fixed) setSound(undefined);
    setSearch(text ? { word: text } : {}, { replace: true });
  }

  function askSound(next: SoundAsk | undefined) {
    setSound(next);
    setOther(undefined);
    setPicked(undefined);
  }

  const gather = (more: Tile[]) => setList((now) => [...now, ...more.filter((t) => !now.some((n) => n.picture === t.picture && n.word === t.word))]);

  return (
    <main className={`${parts.page} ${css.pictures}`} data-ready={drawers.data ? true : undefined}>
      <div>
        <h1 className={parts.unseen}>Pictures</h1>
        <div className={css.picturesSearch}>
          <Input
            size="large"
            autoFocus
            allowClear
            value={query}
            onChange={(e) => ask(e.target.value)}
            maxLength={LONGEST}
            placeholder="Type a word, in any of eleven languages"
            aria-label="Find a picture by its word"
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
            placeholder="All categories"
            aria-label="Category"
            popupMatchSelectWidth={260}
            className={css.categoryChoice}
            onChange={(c?: string) => {
              setCategory(c);
              setSound(undefined);
              setPicked(undefined);
            }}
            options={(drawers.data ?? []).map((c) => ({ value: c.name, label: `${c.name} (${c.pictures})${c.ofSchool ? ', ours' : ''}` }))}
          />
        </div>
        <div className={css.chips} role="group" aria-label="What of the word has to match">
          <span className={parts.quiet}>The word</span>
          {hows.map((h) => (
            <Chip
              key={h.how}
              on={!sound && how === h.how}
              onClick={() => {
                setHow(h.how);
                askSound(undefined);
              }}
            >
              {h.words}
            </Chip>
          ))}
        </div>
        <div className={css.chips} role="group" aria-label="What of its sound has to match">
          <span className={parts.quiet}>It sounds</span>
          {chips.map((c) => (
            <Chip
              key={c.words}
              on={sound !== undefined && !sound.fixed && sound.how === c.ask.how && sound.phone === c.ask.phone}
              onClick={() => askSound(c.ask)}
            >
              {c.words}
            </Chip>
          ))}
          {(said.data?.length ?? 0) > 1 &&
            said.data!.map((s, i) => (
              <Chip key={s.ipa} on={reading === i} onClick={() => setReading(i)}>
                said {s.ipa}
              </Chip>
            ))}
          <Select
            aria-label="A sound"
            placeholder="like any sound you choose…"
            className={css.soundChoice}
            showSearch
            allowClear
            popupMatchSelectWidth={230}
            value={sound?.fixed ? `${sound.how} ${sound.phone ?? sound.shape ?? sound.count}` : undefined}
            optionFilterProp="label"
            onChange={(value?: string) => askSound(value ? fixedAsk(value) : undefined)}
            options={fixedQuestions(phones.data ?? [])}
          />
          {sound?.phone && (
            <Select
              aria-label="Pairs with another sound"
              placeholder="in pairs with…"
              className={css.soundChoice}
              showSearch
              allowClear
              value={other}
              popupMatchSelectWidth={180}
              optionFilterProp="label"
              onChange={setOther}
              options={(phones.data ?? []).filter((p) => p.code !== sound.phone).map((p) => ({ value: p.code, label: soundName(p) }))}
            />
          )}
        </div>
        {error && <p role="alert">{sentence(error)}</p>}
        {asked && tiles.length > 1 && (
          <p className={css.tilesHead}>
            <button type="button" className={parts.dotted} onClick={() => gather(tiles)}>
              put all {tiles.length} on the list
            </button>
            {sound && <span className={parts.quiet}> American sounds, as the dictionary has them.</span>}
          </p>
        )}
        {!asked ? (
          <Start onCategory={setCategory} drawers={drawers.data ?? []} onPick={(p) => ask(p.name)} />
        ) : tiles.length === 0 && !words.isFetching && !heard.isFetching && !paired.isFetching ? (
          <Nothing query={query} sound={sound !== undefined} known={(said.data?.length ?? 0) > 0} />
        ) : (
          <ul className={other ? `${css.tiles} ${css.paired}` : css.tiles} aria-label="Pictures found">
            {inRows(tiles, other ? 2 : 1).map((row, i) => (
              <li key={`${row.map((t) => `${t.picture} ${t.word}`).join(' ')} ${i}`}>
                {row.map((t) => (
                  <button
                    key={`${t.picture} ${t.word}`}
                    type="button"
                    className={chosen?.picture === t.picture && chosen.word === t.word ? `${css.tile} ${css.chosen}` : css.tile}
                    aria-pressed={chosen?.picture === t.picture}
                    onClick={() => setPicked(t.picture)}
                    onDoubleClick={() => gather([t])}
                  >
                    <Pic id={t.picture} collected />
                    <span dir="auto">{t.name}</span>
                    <small>{t.why}</small>
                  </button>
                ))}
              </li>
            ))}
          </ul>
        )}
        {!sound && <Outside key={query} word={query} />}
        <DropPictures onTakenIn={() => void navigate('/pictures/own')} />
      </div>
      <aside className={css.picturesSide}>
        <p className={css.picturesTabs}>
          <strong>The library</strong> · <Link to="/pictures/own">Our own pictures</Link>
        </p>
        {chosen ? (
          <AboutPicture key={chosen.picture} id={chosen.picture} word={chosen.word} onGather={() => gather([chosen])} onPut={() => setPutting([chosen])} />
        ) : (
          <p className={parts.quiet}>A picture you choose is told about here.</p>
        )}
        {list.length > 0 && (
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
                    onClick={() => setList(list.filter((_, at) => at !== i))}
                  >
                    <Pic id={t.picture} collected />
                    {t.word}
                  </button>
                </li>
              ))}
            </ul>
            <div className={parts.sentenceButtons}>
              <Button type="primary" onClick={() => setPutting(list)}>
                Put on a board, or print
              </Button>
              <Button onClick={() => setList([])}>Empty it</Button>
            </div>
          </section>
        )}
      </aside>
      {putting && (
        <PutOnBoard words={putting} suggested={sound ? `Sounds${spelt ? ` ${spelt}` : ''}` : (category ?? 'New words')} onClose={() => setPutting(undefined)} />
      )}
    </main>
  );
}

/** So many together. */
const inRows = <T,>(all: T[], size: number) => all.flatMap((_, i) => (i % size === 0 ? [all.slice(i, i + size)] : []));

function Chip({ on, onClick, children }: { on: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <button type="button" className={on ? `${css.chip} ${css.on}` : css.chip} aria-pressed={on} onClick={onClick}>
      {children}
    </button>
  );
}

const count = (n: number, most: number) => (n >= most ? `the first ${most}` : n === 1 ? '1 picture' : `${n} pictures`);

function Nothing({ query, sound, known }: { query: string; sound: boolean; known: boolean }) {
  if (sound && query && !known)
    return <p className={parts.quiet}>How “{query}” is said is not known here. Try another word with the same sound, or choose the sound itself.</p>;
  const said = sound ? 'No picture sounds so.' : `No picture answers to “${query}”. Try a simpler word, or take in a picture of your own.`;
  return <p className={parts.quiet}>{said}</p>;
}

/** What there is before anything is asked: the categories, and what a student's boards are made of. */
function Start({
  drawers,
  onCategory,
  onPick,
}: {
  drawers: { name: string; example: string }[];
  onCategory: (name: string) => void;
  onPick: (picture: FoundPicture) => void;
}) {
  const [student, setStudent] = useState<string>();
  const rows = useQuery(caseload);
  const lately = useQuery(used(student));
  return (
    <>
      <section className={css.startCategories} aria-label="Categories">
        {drawers.map((d) => (
          <button key={d.name} type="button" className={`${css.chip} ${css.pictured}`} onClick={() => onCategory(d.name)}>
            <Pic id={d.example} collected />
            {d.name}
          </button>
        ))}
      </section>
      <section className={css.startUsed} aria-label="Pictures a student uses">
        <label>
          Pictures used for{' '}
          <Select
            allowClear
            aria-label="Student"
            placeholder="a student"
            className={css.soundChoice}
            value={student}
            onChange={setStudent}
            options={(rows.data ?? []).map((r) => ({ value: r.student.id, label: r.student.name }))}
          />
        </label>
        {lately.data && lately.data.recent.length === 0 && <p className={parts.quiet}>None was chosen yet.</p>}
        {lately.data &&
          lately.data.recent.length > 0 &&
          (
            [
              ['last', lately.data.recent],
              ['most often', lately.data.often],
            ] as const
          ).map(([words, pictures]) => (
            <div key={words} className={css.usedRow}>
              <span className={parts.quiet}>{words}</span>
              {pictures.slice(0, 12).map((p) => (
                <button key={p.id} type="button" title={p.name} aria-label={p.name} onClick={() => onPick(p)}>
                  <Pic id={p.id} collected />
                </button>
              ))}
            </div>
          ))}
      </section>
    </>
  );
}
