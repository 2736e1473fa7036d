import { Checkbox, Input, Radio, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import type { OwnAbout } from '../../api/types';
import { caseload } from '../../data/students';
import { categories } from '../../data/pictures';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

export const nothingKnown: OwnAbout = {
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
export function Facts({
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
