// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest';
import { forgetMessages, rememberMessage, saidLately, withMessage } from './saidLately';

const message = (...words: string[]) => words.map((text) => ({ text, layers: [] }));

describe('what was said lately', () => {
  beforeEach(() => localStorage.clear());

  it('is there once, the latest first, and no more than three', () => {
    for (const words of [['more'], ['I', 'want'], ['more'], ['stop'], ['help']]) rememberMessage(7, message(...words));
    expect(saidLately(7).map((m) => m.map((t) => t.text).join(' '))).toEqual(['help', 'stop', 'more']);
    expect(saidLately(8)).toEqual([]);
  });

  it('is of today alone, and holds nothing that was drawn', () => {
    const kept = withMessage({ day: '2026-11-30', messages: [message('old')] }, message('new'), '2026-12-1');
    expect(kept.messages).toEqual([message('new')]);
    expect(withMessage(kept, [{ text: '', layers: [], drawn: 'blob:1' }], '2026-12-1').messages).toEqual([message('new')]);
  });

  it('is gone when somebody signs out, and when it is of an earlier day', () => {
    rememberMessage(7, message('more'));
    localStorage.setItem('dwimble.message.9', JSON.stringify({ day: '2020-1-1', messages: [message('old')] }));
    forgetMessages();
    expect([saidLately(7).length, localStorage.length]).toEqual([1, 1]);
    forgetMessages(true);
    expect(localStorage.length).toBe(0);
    localStorage.setItem('dwimble.message.7', 'no json');
    expect(saidLately(7)).toEqual([]);
  });
});
