import { t } from '@lingui/core/macro';
import { Form, Input, Radio, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useId, useRef } from 'react';
import type { OwnAbout } from '../../api/types';
import { caseload } from '../../data/students';
import { categories } from '../../data/pictures';
import { Several } from '../../shell/Several';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';
import { showsFor, showsOptions, staysHere } from './shows';

export const nothingKnown: OwnAbout = {
  words: [],
  categories: [],
  audience: 'MINE',
  shows: 'OTHERS',
  origin: 'OWN_PHOTO',
  author: '',
  licence: '',
  source: '',
};

const USED_BY = [
  { value: 'STUDENT', label: t`one student` },
  { value: 'MINE', label: t`my students` },
  { value: 'SCHOOL', label: t`the whole school` },
];
const ORIGINS = [
  { value: 'OWN_PHOTO', label: t`our own photo` },
  { value: 'PERMISSION', label: t`by permission` },
  { value: 'LICENCE', label: t`under a licence` },
];

/** What is known of one picture or a batch. `facts`: what is known at first. */
export function Facts({ facts, onChange, onePicture, file }: { facts: OwnAbout; onChange: (facts: OwnAbout) => void; onePicture: boolean; file?: string }) {
  const [form] = Form.useForm<OwnAbout>();
  // For whom it was, should it be so again.
  const whose = useRef(facts.student);
  const rows = useQuery(caseload);
  const student = rows.data?.find((r) => r.student.id === facts.student)?.student;
  const drawers = useQuery(categories);
  return (
    <Form
      form={form}
      name={useId()}
      component={false}
      initialValues={facts}
      onValuesChange={(change: Partial<OwnAbout>) => {
        const student = change.audience === undefined ? (change.student ?? facts.student) : change.audience === 'STUDENT' ? whose.current : undefined;
        if (student) whose.current = student;
        if (change.audience === 'STUDENT') form.setFieldValue('student', student);
        const now = { ...facts, ...change, student };
        const shows = showsFor(now.audience, now.shows);
        form.setFieldValue('shows', shows);
        onChange({ ...now, shows });
      }}
    >
      <div className={css.facts}>
        <label>
          {onePicture ? t`Its words, the first is its name` : t`Words for all of them; none to use the file names`}
          <Form.Item name="words" noStyle>
            <Several
              mode="tags"
              placeholder={onePicture && file ? t`as the file is called: ${file.replace(/\.[^.]*$/, '')}` : undefined}
              tokenSeparators={[',', ';']}
              open={false}
              suffixIcon={null}
              aria-label={t`Words`}
            />
          </Form.Item>
        </label>
        <label>
          {t`Categories, if any`}
          <Form.Item name="categories" noStyle>
            <Several mode="tags" tokenSeparators={[',', ';']} options={(drawers.data ?? []).map((c) => ({ value: c.name }))} aria-label={t`Categories`} />
          </Form.Item>
        </label>
        <div className={css.field}>
          <span>{onePicture ? t`Who may use it` : t`Who may use them`}</span>
          <Form.Item name="audience" noStyle>
            <Radio.Group aria-label={t`Who may use it`} options={USED_BY} />
          </Form.Item>
        </div>
        {facts.audience === 'STUDENT' && (
          <Form.Item name="student" noStyle preserve={false}>
            <Select
              aria-label={t`Which student`}
              placeholder={t`Which student`}
              options={(rows.data ?? []).map((r) => ({ value: r.student.id, label: r.student.name }))}
            />
          </Form.Item>
        )}
        <div className={css.field}>
          <span>{onePicture ? t`It shows` : t`They show`}</span>
          <Form.Item name="shows" noStyle>
            <Radio.Group aria-label={t`Whom it shows`} options={showsOptions(facts.audience === 'STUDENT' ? (student?.name ?? t`the student`) : undefined)} />
          </Form.Item>
          <small className={parts.quiet}>{staysHere(facts.shows, onePicture)}</small>
        </div>
        <div className={css.field}>
          <span>{onePicture ? t`Where it comes from` : t`Where they come from`}</span>
          <Form.Item name="origin" noStyle>
            <Radio.Group aria-label={t`Where it comes from`} options={ORIGINS} />
          </Form.Item>
        </div>
        {facts.origin !== 'OWN_PHOTO' && (
          <div className={`${parts.sideBySide} ${css.pair}`}>
            <label>
              {t`Made by`}{' '}
              <Form.Item name="author" noStyle>
                <Input />
              </Form.Item>
            </label>
            {facts.origin === 'LICENCE' && (
              <label>
                {t`Licence`}{' '}
                <Form.Item name="licence" noStyle>
                  <Input placeholder={t`CC BY 4.0`} />
                </Form.Item>
              </label>
            )}
            <label>
              {t`Found at`}{' '}
              <Form.Item name="source" noStyle>
                <Input />
              </Form.Item>
            </label>
          </div>
        )}
      </div>
    </Form>
  );
}
