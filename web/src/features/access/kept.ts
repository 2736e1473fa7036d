import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Access, Student } from '../../api/types';
import { caseload, changeStudent, student as studentQuery, talkAs } from '../../data/students';

/** What is set for a student’s talk, kept as soon as it is chosen; what was last set from somebody else can be taken back. */
export function useKeptAccess(student: Student) {
  const queries = useQueryClient();
  const [told, setTold] = useState('');
  const [before, setBefore] = useState<Student>();

  async function keeping(made: () => Promise<Student>): Promise<boolean> {
    setTold('');
    try {
      queries.setQueryData(studentQuery(student.id).queryKey, await made());
      await Promise.all(['vocabulary', 'reach', 'showing', caseload.queryKey[0]].map((first) => queries.invalidateQueries({ queryKey: [first] })));
      return true;
    } catch (error) {
      setTold(sentence(error));
      await queries.invalidateQueries({ queryKey: studentQuery(student.id).queryKey });
      return false;
    }
  }
  const facts = ({ id: _id, ...known }: Student) => known;
  return {
    told,
    before,
    set: (access: Partial<Access>) => {
      setBefore(undefined);
      // What was shown is changed at once; who changed it meanwhile is told of.
      queries.setQueryData(studentQuery(student.id).queryKey, { ...student, access: { ...student.access, ...access } });
      return keeping(() => changeStudent(student, { ...facts(student), access: { ...student.access, ...access } }));
    },
    /** What is kept of what the student says. */
    setUse: (useKept: Student['useKept']) => {
      queries.setQueryData(studentQuery(student.id).queryKey, { ...student, useKept });
      return keeping(() => changeStudent(student, { ...facts(student), useKept }));
    },
    copy: async (from: string) => {
      if (await keeping(() => talkAs(student.id, from))) setBefore(student);
    },
    takeBack: async () => {
      if (before && (await keeping(() => changeStudent(student, { ...facts(student), access: before.access, voice: before.voice, hand: before.hand }))))
        setBefore(undefined);
    },
    looked: () => keeping(() => queries.fetchQuery({ ...studentQuery(student.id), staleTime: 0 })),
  };
}
