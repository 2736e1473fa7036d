import { describe, expect, it } from 'vitest';
import type { Job } from '../api/types';
import { linkTo, percent, stateInWords } from './told';

const job = (over: Partial<Job>): Job => ({ id: 1, what: 'A book', state: 'RUNNING', done: 0, of: 0, at: '2026-11-27T10:00:00Z', ...over });

describe('long work', () => {
  it('says how far it is, if anybody knows', () => {
    expect(percent({ done: 3, of: 12 })).toBe(25);
    expect(percent({ done: 0, of: 0 })).toBeUndefined();
    expect(stateInWords(job({ done: 3, of: 12 }))).toBe('3 of 12 done');
    expect(stateInWords(job({}))).toBe('being done');
  });

  it('says why it ended', () => {
    expect(stateInWords(job({ state: 'FAILED', told: 'The disk is full.' }))).toBe('The disk is full.');
    expect(stateInWords(job({ state: 'CANCELLED' }))).toContain('nothing was changed');
  });

  it('opens pages beside and saves other files', () => {
    expect(linkTo(job({ file: 'Home.pdf' }))).toMatchObject({ href: '/api/jobs/1/result', target: '_blank' });
    expect(linkTo(job({ file: 'Home.zip' }))).toEqual({ href: '/api/jobs/1/result', download: 'Home.zip' });
  });
});
