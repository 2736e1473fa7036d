import { t } from '@lingui/core/macro';
import { queryOptions, useQuery, type QueryClient } from '@tanstack/react-query';
import { answer, client, done } from '../api/client';
import type { Deleted, Member, Student, UsualScreen, VocabularyView } from '../api/types';

export const caseload = queryOptions({ queryKey: ['caseload'], queryFn: () => answer(client.GET('/api/students')), staleTime: 0 });

/** Each student’s plan, holds and line of words shown. */
export const glances = queryOptions({ queryKey: ['glances'], queryFn: () => answer(client.GET('/api/glances')), staleTime: 0 });

/** The same of one vocabulary. */
export const glanceOf = (vocabulary: number) =>
  queryOptions({
    queryKey: ['glances', vocabulary],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/glance', { params: { path: { vocabulary } } })),
  });

export const student = (id: string) =>
  queryOptions({ queryKey: ['student', id], queryFn: () => answer(client.GET('/api/students/{student}', { params: { path: { student: id } } })) });

export const team = (id: string) =>
  queryOptions({ queryKey: ['team', id], queryFn: () => answer(client.GET('/api/students/{student}/team', { params: { path: { student: id } } })) });

export const vocabularies = (id: string) =>
  queryOptions({
    queryKey: ['vocabularies', id],
    queryFn: () => answer(client.GET('/api/students/{student}/vocabularies', { params: { path: { student: id } } })),
  });

/** The student's other vocabularies, asked for once a vocabulary is shown: whoever types the name of one at once finds it. */
export function useOtherVocabularies(of?: VocabularyView) {
  const { data = [] } = useQuery({ ...vocabularies(of?.student?.id ?? ''), enabled: !!of?.student });
  return data.filter((v) => v.vocabulary !== of?.id);
}

export interface StudentFacts {
  name: string;
  schoolYear?: number;
  className: string;
  screen: Student['screen'];
  appearance?: Student['appearance'];
  placesKept?: boolean;
  voice?: Student['voice'];
  hand?: Student['hand'];
  access?: Student['access'];
  useKept?: Student['useKept'];
}

export const addStudent = (facts: StudentFacts) => answer(client.POST('/api/students', { body: facts }));
/** `was`: the student as it was seen; what somebody else changed since stays. */
export const changeStudent = (was: Student, facts: StudentFacts) =>
  answer(client.PUT('/api/students/{student}', { params: { path: { student: was.id } }, body: { student: facts, was } }));
/** What was known of a student, wherever it is shown, is asked for anew. */
export function studentChanged(queries: QueryClient, id: string): void {
  void queries.invalidateQueries({ queryKey: caseload.queryKey });
  void queries.invalidateQueries({ queryKey: ['student', id] });
  void queries.invalidateQueries({ queryKey: ['vocabulary'] });
}
/** With the settings of another student’s talk. */
export const talkAs = (student: string, other: string) =>
  answer(client.PUT('/api/students/{student}/talks-as/{other}', { params: { path: { student, other } } }));
export const joinTeam = (student: string, signIn: string, role: Member['role']) =>
  answer(client.PUT('/api/students/{student}/team/{signIn}', { params: { path: { student, signIn } }, body: { role } }));
export const leaveTeam = (student: string, signIn: string) =>
  answer(client.DELETE('/api/students/{student}/team/{signIn}', { params: { path: { student, signIn } } }));

export const deleteStudent = (student: string) => done(client.DELETE('/api/students/{student}', { params: { path: { student } } }));
export const deleteVocabulary = (vocabulary: number) => done(client.DELETE('/api/vocabularies/{vocabulary}', { params: { path: { vocabulary } } }));
export const deleted = queryOptions({ queryKey: ['deleted'], queryFn: () => answer(client.GET('/api/deleted')), staleTime: 0 });
export const restore = (one: Deleted) => answer(client.POST('/api/deleted/restored', { body: { what: one.what, id: one.id } }));

export const screens = queryOptions({ queryKey: ['screens'], queryFn: () => answer(client.GET('/api/screens')), staleTime: Infinity });

/** What people call a screen: by its name among the usual ones, else by its sides. */
export function screenName(screen: Student['screen'], usual: UsualScreen[]): string {
  return (
    usual.find((s) => s.screen.width === screen.width && s.screen.height === screen.height)?.name ??
    t`${Math.round(screen.width / 1000)} x ${Math.round(screen.height / 1000)} mm`
  );
}
