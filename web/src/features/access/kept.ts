import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { sentence } from '../../api/client';
import type { Access, Student } from '../../api/types';
import { caseload, changeStudent, student as studentQuery, talkAs } from '../../data/students';

/** What is set for a student’s talk, kept as soon as it is chosen; what was last set from somebody else can be taken back. */
export function useKeptAccess(student: Student) {
  const queries = useQueryClient();
  const [told, setTold] = useState('');
  const [before, setBefore] = useState<Student>();

  const mine = studentQuery(student.id).queryKey;
  /** One after the other, in the order they were chosen; what is shown meanwhile is what was chosen last. */
  const line = useRef<{ last: Promise<unknown>; length: number }>({ last: Promise.resolve(), length: 0 });
  function keeping(made: () => Promise<Student>): Promise<boolean> {
    line.current.length += 1;
    const kept = line.current.last.then(() => keep(made));
    line.current.last = kept;
    return kept;
  }
  async function keep(made: () => Promise<Student>): Promise<boolean> {
    setTold('');
    try {
      const now = await made();
      line.current.length -= 1;
      if (line.current.length > 0) return true;
      queries.setQueryData(mine, now);
      await Promise.all(['vocabulary', 'reach', 'showing', caseload.queryKey[0]].map((first) => queries.invalidateQueries({ queryKey: [first] })));
      return true;
    } catch (error) {
      line.current.length -= 1;
      setTold(sentence(error));
      await queries.invalidateQueries({ queryKey: mine });
      return false;
    }
  }
  /** What was chosen is shown at once, and then kept; whoever changed it meanwhile is told of. */
  function change(to: Partial<Student>): Promise<boolean> {
    queries.setQueryData(mine, { ...student, ...to });
    return keeping(() => changeStudent(student, { ...facts(student), ...to }));
  }
  const facts = ({ id: _id, ...known }: Student) => known;
  return {
    told,
    before,
    set: (access: Partial<Access>) => {
      setBefore(undefined);
      return change({ access: { ...student.access, ...access } });
    },
    /** What is kept of what the student says. */
    setUse: (useKept: Student['useKept']) => change({ useKept }),
    copy: async (from: string) => {
      if (await keeping(() => talkAs(student.id, from))) setBefore(student);
    },
    takeBack: async () => {
      if (before && (await change({ access: before.access, voice: before.voice, hand: before.hand }))) setBefore(undefined);
    },
    looked: () => keeping(() => queries.fetchQuery({ ...studentQuery(student.id), staleTime: 0 })),
  };
}
