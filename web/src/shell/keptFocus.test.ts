// @vitest-environment jsdom
import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { regainFocus } from './keptFocus';

const press = (key: string) => document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
const drawn = () => new Promise(requestAnimationFrame);

beforeAll(() => regainFocus(document));
afterEach(() => {
  document.body.innerHTML = '';
});

describe('the focus', () => {
  it('goes to what is left beside a field that a key has closed', async () => {
    document.body.innerHTML = '<main><p><input id="field" /> <button id="word">label</button></p><button id="far">other</button></main>';
    document.getElementById('field')!.focus();
    press('Enter');
    document.getElementById('field')!.remove();
    await drawn();
    expect(document.activeElement!.id).toBe('word');
  });

  it('is left to whatever else has taken it', async () => {
    document.body.innerHTML = '<main><p><input id="field" /> <button id="word">label</button></p><button id="cell">cell</button></main>';
    document.getElementById('field')!.focus();
    press('Enter');
    document.getElementById('field')!.remove();
    document.getElementById('cell')!.focus();
    await drawn();
    expect(document.activeElement!.id).toBe('cell');
  });

  it('is nobody’s where nothing is left around it', async () => {
    document.body.innerHTML = '<div id="dialog"><input id="field" /></div><main><button id="cell">cell</button></main>';
    document.getElementById('field')!.focus();
    press('Escape');
    document.getElementById('dialog')!.remove();
    await drawn();
    expect(document.activeElement).toBe(document.body);
  });
});
