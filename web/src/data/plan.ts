import { t } from '@lingui/core/macro';
import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { Board, Button, Meant, Plan, Revealed, Step, VocabularyView } from '../api/types';

/** What the student does not see, in a version. */
export const revealed = (id: number, version: number) =>
  queryOptions({
    queryKey: ['revealed', id, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/revealed', { params: { path: { vocabulary: id } } })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

/** The boards of a version as they would be at a step. */
export const triedStep = (id: number, version: number, step: string) =>
  queryOptions({
    queryKey: ['tried', id, version, step],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/steps/{step}/tried', { params: { path: { vocabulary: id, step } } })),
    staleTime: Infinity,
    retry: false,
  });

/** Every held word of a version. */
export const heldWords = (id: number, version: number) =>
  queryOptions({
    queryKey: ['held', id, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/held', { params: { path: { vocabulary: id } } })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

/** The words of a step of any vocabulary this person may look at. */
export const stepWords = (id: number, step: string) =>
  answer(client.GET('/api/vocabularies/{vocabulary}/step-words', { params: { path: { vocabulary: id }, query: { step } } }));

/** Everything, to be narrowed down by what is said besides. */
export const MEANT: Meant = { andOpened: false, allBut: false };

/** The number of a step in a plan, from 1; 0 for none. */
export const numberOf = (plan: Plan, step?: string) => plan.steps.findIndex((s) => s.id === step) + 1;

export const stepNow = (plan: Plan): Step | undefined => plan.steps[plan.at - 1];

/** The way back and home: they belong to no step and are never held. */
export const isWay = (b: Button) => b.leads.type === 'home' || b.leads.type === 'back';

/** A button that opens a board and says nothing follows what is behind it. */
export const onlyOpens = (b: Button) =>
  b.leads.type === 'opens' && b.doings.length === 0 && !b.sound && (b.says.type === 'nothing' || (b.says.type === 'label' && !b.label));

/** What keeps a button back, in a few words; undefined if it is shown. */
export function whyKept(plan: Plan, b: Pick<Button, 'step'>, why?: Revealed['kept'][string]): string | undefined {
  const number = numberOf(plan, b.step ?? undefined);
  switch (why) {
    case 'HELD':
      return t`held back`;
    case 'WAITS':
      return number > 0 ? t`waits for step ${number}, ${plan.steps[number - 1].name}` : t`waits: it is in no step`;
    case 'NOTHING_BEHIND':
      return t`hidden for now, as nothing behind it is shown`;
    default:
      return undefined;
  }
}

/**
 * Where a tap or a stroke over words sends them: into the step in hand, or, if all of them are there already, out of it.
 * Undefined if there is nothing that can go.
 */
export function painted(board: Board, ids: string[], step: string): { buttons: string[]; step?: string } | undefined {
  const all = board.buttons.filter((b) => ids.includes(b.id) && !isWay(b));
  if (all.length === 0) return undefined;
  return { buttons: all.map((b) => b.id), step: all.every((b) => b.step === step) ? undefined : step };
}

const remembered = (id: number) => `dwimble-new-words-${id}`;

/** Where new words go while a plan is on: remembered for the next, on this device. Undefined for shown from now. */
export function newWordsStep(view: VocabularyView): Step | undefined {
  const step = view.plan.steps.find((s) => s.id === localStorage.getItem(remembered(view.id)));
  return step && numberOf(view.plan, step.id) > view.plan.at ? step : undefined;
}

export function rememberNewWords(view: VocabularyView, step?: string): void {
  if (step) localStorage.setItem(remembered(view.id), step);
  else localStorage.removeItem(remembered(view.id));
}
