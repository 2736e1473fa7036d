import { Alert, App, Button, Checkbox, Input, Modal, Progress, Radio, Select, Slider } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import Cropper, { type Area } from 'react-easy-crop';
import { Link } from 'react-router';
import { sentence } from '../../api/client';
import type { OwnAbout, ShownOwn } from '../../api/types';
import { caseload } from '../../data/students';
import { Pic, pictureAddress } from '../../drawn/art';
import { Camera } from './Camera';
import { categories, changeOwn, deleteOwn, ownPictures, retouch, takeIn } from '../../data/pictures';
import { accepted, picturesOf, takeWaiting } from './TakeIn';
import { done, taking, useTaking, type Batch } from './taking';
import { useFiles } from '../../shell/files';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** The pictures the school has taken in itself: many at once, with what is known of them. */
export default function OwnPictures() {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const own = useQuery(ownPictures);
  const [files, setFiles] = useState<File[]>(takeWaiting);
  const [over, setOver] = useState(false);
  const [camera, setCamera] = useState(false);
  const batch = useTaking();
  const [open, setOpen] = useState<number>();
  const [filter, setFilter] = useState('');
  const offer = useCallback((more: File[]) => {
    if (more.length > 0) setFiles((now) => [...now, ...more]);
  }, []);
  const [choose, field] = useFiles('Picture files', accepted, offer, true);

  useEffect(() => {
    const paste = (e: ClipboardEvent) => {
      const pasted = picturesOf(e.clipboardData);
      if (pasted.length > 0) {
        e.preventDefault();
        offer(pasted);
      }
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  }, [offer]);

  const fresh = () => {
    void queries.invalidateQueries({ queryKey: ownPictures.queryKey });
    void queries.invalidateQueries({ queryKey: ['pictures'] });
  };
  function take(facts: Omit<OwnAbout, 'words'>, words: string[]) {
    taking.take(files, (file) => takeIn(file, { ...facts, words }), fresh);
    setFiles([]);
  }

  const shown = (own.data ?? []).filter(
    (p) => filter.trim() === '' || [...p.about.words, ...p.about.categories].some((w) => w.toLowerCase().includes(filter.trim().toLowerCase())),
  );
  const chosen = own.data?.find((p) => p.id === open);

  return (
    <main
      className={over ? `${parts.page} ${css.pictures} ${css.over}` : `${parts.page} ${css.pictures}`}
      data-ready={own.data ? true : undefined}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={(e) => {
        if (e.currentTarget === e.target) setOver(false);
      }}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        offer(picturesOf(e.dataTransfer));
      }}
    >
      <div>
        <h1>Our own pictures</h1>
        <div className={`${css.dropPictures} ${css.large}`}>
          {field}
          <p>
            <strong>Drop photos anywhere on this page, or paste one.</strong> File names become their words. Where a photo was taken is not kept.
          </p>
          <div className={parts.sentenceButtons}>
            <Button onClick={choose}>Choose files</Button>
            <Button onClick={() => setCamera(true)}>Take a photo</Button>
          </div>
        </div>
        {batch && <BatchTold batch={batch} onAgain={() => taking.again(fresh)} />}
        {(own.data?.length ?? 0) > 8 && (
          <Input
            allowClear
            value={filter}
            onChange={(e) => setFilter(e.target.value)}
            placeholder="Which of them"
            aria-label="Find one of our own pictures"
            className={css.ownFilter}
          />
        )}
        {own.data?.length === 0 && !batch && (
          <p className={parts.quiet}>There are none yet. Photos of people, places and one-of-a-kind things are what a student knows best.</p>
        )}
        <ul className={css.tiles} aria-label="Our own pictures">
          {shown.map((p) => (
            <li key={p.id}>
              <button
                type="button"
                className={p.id === open ? `${css.tile} ${css.chosen}` : css.tile}
                aria-pressed={p.id === open}
                onClick={() => setOpen(p.id)}
              >
                <Pic id={p.picture} collected />
                <span dir="auto">{p.about.words[0]}</span>
                <small>{audience(p)}</small>
              </button>
            </li>
          ))}
        </ul>
      </div>
      <aside className={css.picturesSide}>
        <p className={css.picturesTabs}>
          <Link to="/pictures">The library</Link> · <strong>Our own pictures</strong>
        </p>
        {chosen ? (
          <OneOwn key={`${chosen.id} ${chosen.picture}`} picture={chosen} onGone={() => setOpen(undefined)} />
        ) : (
          <p className={parts.quiet}>A picture you choose is told about here, and can be changed.</p>
        )}
      </aside>
      {camera && (
        <Camera
          onClose={() => setCamera(false)}
          onPhoto={(file) => {
            setCamera(false);
            offer([file]);
          }}
        />
      )}
      {files.length > 0 && (
        <About
          title={files.length === 1 ? 'About this picture' : `About these ${files.length} pictures`}
          files={files}
          onClose={() => {
            setFiles([]);
            void message.info('Nothing was taken in.');
          }}
          onTake={take}
        />
      )}
    </main>
  );
}

function audience(p: ShownOwn): string {
  return { STUDENT: 'one student', MINE: p.mine ? 'my students' : `${p.takenInBy}’s students`, SCHOOL: 'the whole school' }[p.about.audience];
}

function BatchTold({ batch, onAgain }: { batch: Batch; onAgain: () => void }) {
  const words = `${batch.taken} of ${batch.of} taken in${batch.before > 0 ? `, ${batch.before} of them known before` : ''}.`;
  return (
    <section className={css.batch} aria-label="Taking in" aria-live={batch.running ? 'off' : 'polite'}>
      <Progress
        percent={Math.floor((done(batch) / batch.of) * 100)}
        status={batch.running ? 'active' : batch.refused.length > 0 ? 'exception' : 'success'}
        aria-label="How many are taken in"
      />
      <p>
        {words}
        {batch.stopped > 0 && ` The other ${batch.stopped} were left.`}{' '}
        {batch.running ? (
          batch.of > 3 && (
            <>
              <button type="button" className={parts.dotted} onClick={() => taking.stop()}>
                stop here
              </button>{' '}
              <span className={parts.quiet}>You can go on with other things meanwhile.</span>
            </>
          )
        ) : (
          <button type="button" className={parts.dotted} onClick={() => taking.close()}>
            done
          </button>
        )}
      </p>
      {batch.refused.length > 0 && (
        <div role="alert">
          <ul>
            {batch.refused.slice(0, 20).map((r) => (
              <li key={r.why}>
                {r.why}
                {r.files > 1 && ` (${r.files} files)`}
              </li>
            ))}
            {batch.refused.length > 20 && <li>and {batch.refused.length - 20} more</li>}
          </ul>
        </div>
      )}
      {batch.notes.map((n) => (
        <p key={n.why} className={parts.quiet} role="status">
          {n.why}
          {n.files > 1 && ` (${n.files} files)`}
        </p>
      ))}
      {!batch.running && batch.again > 0 && (
        <Button onClick={onAgain}>{batch.again === 1 ? 'Try that one again' : `Try those ${batch.again} again`}</Button>
      )}
    </section>
  );
}

const nothingKnown: OwnAbout = {
  words: [],
  categories: [],
  audience: 'MINE',
  person: true,
  origin: 'OWN_PHOTO',
  author: '',
  licence: '',
  source: '',
};

/** What is known of one picture or a batch. */
function Facts({
  facts,
  onChange,
  onePicture,
  file,
}: {
  facts: OwnAbout;
  onChange: (facts: OwnAbout) => void;
  onePicture: boolean;
  file?: string;
}) {
  const rows = useQuery(caseload);
  const drawers = useQuery(categories);
  const set = (change: Partial<OwnAbout>) => onChange({ ...facts, ...change });
  return (
    <div className={css.facts}>
      <label>
        {onePicture ? 'Its words, the first is its name' : 'Words for all of them; none to use the file names'}
        <Select
          mode="tags"
          value={facts.words}
          placeholder={onePicture && file ? `as the file is called: ${file.replace(/\.[^.]*$/, '')}` : undefined}
          onChange={(words) => set({ words })}
          tokenSeparators={[',', ';']}
          open={false}
          suffixIcon={null}
          aria-label="Words"
        />
      </label>
      <label>
        Categories, if any
        <Select
          mode="tags"
          value={facts.categories}
          onChange={(c) => set({ categories: c })}
          tokenSeparators={[',', ';']}
          options={(drawers.data ?? []).map((c) => ({ value: c.name }))}
          aria-label="Categories"
        />
      </label>
      <div className={css.field}>
        <span>Who may use {onePicture ? 'it' : 'them'}</span>
        <Radio.Group
          aria-label="Who may use it"
          value={facts.audience}
          onChange={(e) => set({ audience: e.target.value as OwnAbout['audience'], student: undefined })}
          options={[
            { value: 'STUDENT', label: 'one student' },
            { value: 'MINE', label: 'my students' },
            { value: 'SCHOOL', label: 'the whole school' },
          ]}
        />
      </div>
      {facts.audience === 'STUDENT' && (
        <Select
          aria-label="Which student"
          placeholder="Which student"
          value={facts.student}
          onChange={(student) => set({ student })}
          options={(rows.data ?? []).map((r) => ({ value: r.student.id, label: r.student.name }))}
        />
      )}
      <Checkbox checked={facts.person} onChange={(e) => set({ person: e.target.checked })}>
        {onePicture ? 'It shows a person' : 'Some show a person'}: then it stays at the school
      </Checkbox>
      <div className={css.field}>
        <span>Where {onePicture ? 'it comes' : 'they come'} from</span>
        <Radio.Group
          aria-label="Where it comes from"
          value={facts.origin}
          onChange={(e) => set({ origin: e.target.value as OwnAbout['origin'] })}
          options={[
            { value: 'OWN_PHOTO', label: 'our own photo' },
            { value: 'PERMISSION', label: 'by permission' },
            { value: 'LICENCE', label: 'under a licence' },
          ]}
        />
      </div>
      {facts.origin !== 'OWN_PHOTO' && (
        <div className={`${parts.sideBySide} ${css.pair}`}>
          <label>
            Made by <Input value={facts.author} onChange={(e) => set({ author: e.target.value })} />
          </label>
          {facts.origin === 'LICENCE' && (
            <label>
              Licence <Input value={facts.licence} placeholder="CC BY 4.0" onChange={(e) => set({ licence: e.target.value })} />
            </label>
          )}
          <label>
            Found at <Input value={facts.source} onChange={(e) => set({ source: e.target.value })} />
          </label>
        </div>
      )}
    </div>
  );
}

function About({
  title,
  files,
  onClose,
  onTake,
}: {
  title: string;
  files: File[];
  onClose: () => void;
  onTake: (facts: Omit<OwnAbout, 'words'>, words: string[]) => void;
}) {
  const [facts, setFacts] = useState<OwnAbout>(nothingKnown);
  const missing =
    facts.audience === 'STUDENT' && !facts.student
      ? 'Choose the student.'
      : facts.origin === 'LICENCE' && !facts.licence.trim()
        ? 'Name the licence.'
        : '';
  return (
    <Modal
      open
      title={title}
      onCancel={onClose}
      okText={`Take ${files.length === 1 ? 'it' : 'them'} in`}
      cancelText="Leave it"
      okButtonProps={{ disabled: missing !== '' }}
      onOk={() => onTake(facts, facts.words)}
    >
      <Previews files={files} />
      <Facts facts={facts} onChange={setFacts} onePicture={files.length === 1} file={files[0]?.name} />
      <p className={parts.quiet}>{missing || 'The same file twice is one picture.'}</p>
    </Modal>
  );
}

function Previews({ files }: { files: File[] }) {
  const [addresses, setAddresses] = useState<string[]>([]);
  const [unseen, setUnseen] = useState<string[]>([]);
  useEffect(() => {
    const made = files.slice(0, 6).map((f) => URL.createObjectURL(f));
    setAddresses(made);
    return () => made.forEach((a) => URL.revokeObjectURL(a));
  }, [files]);
  return (
    <div className={css.previews}>
      {addresses.map((a, i) => (
        <span key={a} title={files[i]?.name}>
          {unseen.includes(a) ? (
            <small>{files[i]?.name}</small>
          ) : (
            <img src={a} alt={files[i]?.name ?? ''} onError={() => setUnseen((u) => [...u, a])} />
          )}
        </span>
      ))}
      {files.length > 6 && <span className={parts.quiet}>and {files.length - 6} more</span>}
    </div>
  );
}

/** One own picture: its facts, and cutting, turning and brightening it. */
function OneOwn({ picture, onGone }: { picture: ShownOwn; onGone: () => void }) {
  const queries = useQueryClient();
  const { modal } = App.useApp();
  const [facts, setFacts] = useState<OwnAbout>(picture.about);
  const [retouching, setRetouching] = useState(false);
  const fresh = () => {
    void queries.invalidateQueries({ queryKey: ownPictures.queryKey });
    void queries.invalidateQueries({ queryKey: ['pictures'] });
  };
  const keeping = useMutation({ mutationFn: () => changeOwn(picture.id, facts), onSuccess: fresh });
  const deleting = useMutation({
    mutationFn: () => deleteOwn(picture.id),
    onSuccess: () => {
      fresh();
      onGone();
    },
  });
  const error = keeping.error ?? deleting.error;
  return (
    <section className={css.aboutPicture} aria-label={`About ${picture.about.words[0]}`}>
      <div className={css.aboutLarge}>
        <Pic id={picture.picture} collected />
      </div>
      <p className={parts.quiet}>
        Taken in by {picture.takenInBy}.{' '}
        {picture.boards === 0 ? 'On no board yet.' : picture.boards === 1 ? 'On 1 board.' : `On ${picture.boards} boards.`}
      </p>
      {picture.mine ? (
        <>
          <Facts facts={facts} onChange={setFacts} onePicture />
          {error && <Alert type="error" showIcon title={sentence(error)} />}
          <div className={parts.sentenceButtons}>
            <Button
              type="primary"
              loading={keeping.isPending}
              disabled={JSON.stringify(facts) === JSON.stringify(picture.about)}
              onClick={() => keeping.mutate()}
            >
              Keep
            </Button>
            <Button onClick={() => setRetouching(true)}>Cut, turn, brighten</Button>
            <Button
              onClick={() =>
                void modal.confirm({
                  title: `Delete “${picture.about.words[0]}”?`,
                  content: picture.boards > 0 ? 'Boards that have it keep it. It is only not offered any more.' : 'No board has it.',
                  okText: 'Delete it',
                  cancelText: 'Leave it',
                  onOk: () => deleting.mutateAsync().catch(() => undefined),
                })
              }
            >
              Delete
            </Button>
          </div>
        </>
      ) : (
        <p>
          {picture.about.words.join(', ')}. Only {picture.takenInBy} can change it.
        </p>
      )}
      {retouching && <Retouch picture={picture} onClose={() => setRetouching(false)} onDone={fresh} />}
    </section>
  );
}

function Retouch({ picture, onClose, onDone }: { picture: ShownOwn; onClose: () => void; onDone: () => void }) {
  const [crop, setCrop] = useState({ x: 0, y: 0 });
  const [zoom, setZoom] = useState(1);
  const [quarters, setQuarters] = useState(0);
  const [brighten, setBrighten] = useState(0);
  const [square, setSquare] = useState(true);
  const [opened, setOpened] = useState(false);
  const [area, setArea] = useState<Area>();
  const [size, setSize] = useState({ width: 1, height: 1 });
  const keeping = useMutation({
    mutationFn: () => {
      const turned = quarters % 2 === 0 ? size : { width: size.height, height: size.width };
      const part =
        square && area
          ? { x: area.x / turned.width, y: area.y / turned.height, side: area.width / Math.min(turned.width, turned.height) }
          : { x: 0, y: 0, side: 0 };
      return retouch(picture.id, { quarters, brighten, ...part });
    },
    onSuccess: () => {
      onDone();
      onClose();
    },
  });
  return (
    <Modal
      open
      title="Cut, turn, brighten"
      onCancel={onClose}
      okText="Keep it so"
      cancelText="Leave it"
      confirmLoading={keeping.isPending}
      okButtonProps={{ disabled: square && !area }}
      afterOpenChange={setOpened}
      onOk={() => keeping.mutate()}
    >
      <div className={css.retouch} style={{ '--brighten': 1 + brighten / 100 } as React.CSSProperties}>
        {opened && (
          <Cropper
            image={pictureAddress(picture.picture, { art: '' })}
            crop={crop}
            zoom={zoom}
            rotation={quarters * 90}
            aspect={1}
            minZoom={1}
            maxZoom={4}
            restrictPosition
            showGrid={false}
            onCropChange={setCrop}
            onZoomChange={setZoom}
            onCropComplete={(_, pixels) => setArea(pixels)}
            onMediaLoaded={(m) => setSize({ width: m.naturalWidth, height: m.naturalHeight })}
          />
        )}
      </div>
      <Checkbox checked={square} onChange={(e) => setSquare(e.target.checked)}>
        Cut to the square that is shown
      </Checkbox>
      <label className={css.slider}>
        Closer <Slider min={1} max={4} step={0.05} value={zoom} onChange={setZoom} tooltip={{ open: false }} ariaLabelForHandle="Closer" />
      </label>
      <label className={css.slider}>
        Brighter or darker{' '}
        <Slider min={-50} max={50} value={brighten} onChange={setBrighten} tooltip={{ open: false }} ariaLabelForHandle="Brighter or darker" />
      </label>
      <Button onClick={() => setQuarters((quarters + 1) % 4)}>Turn a quarter</Button>
      {keeping.isError && <Alert type="error" showIcon title={sentence(keeping.error)} />}
      {picture.boards > 0 && <p className={parts.quiet}>Boards that have it keep it as it was.</p>}
    </Modal>
  );
}
