// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { board, button, onPage, vocabulary } from '../../testing/page';
import { RecordDialog } from './RecordDialog';

function recording() {
  const onKeep = vi.fn();
  const page = onPage(<RecordDialog button={button('more', 0, 0)} view={vocabulary(board('home', 1, 1))} onKeep={onKeep} onClose={() => undefined} />, {
    answers: { 'GET /api/session': { account: { name: 'Odile' } } },
  });
  return { ...page, onKeep };
}

it('says that an address that is not safe gives no microphone, and what to do instead', async () => {
  vi.stubGlobal('isSecureContext', false);
  recording();
  expect((await screen.findByRole('alert')).textContent).toContain('Open Dwimble at one that begins with https, or bring a recording as a file.');
  expect(screen.getByRole('button', { name: 'A file instead' })).toBeDefined();
});

it.each([
  ['NotAllowedError', 'The browser was told to give no microphone here.'],
  ['NotFoundError', 'No microphone is found.'],
  ['NotReadableError', 'The microphone cannot be opened; another program may have it.'],
])('says what %s means, and tries again when asked', async (name, told) => {
  vi.stubGlobal('isSecureContext', true);
  const getUserMedia = vi.fn(() => Promise.reject(new DOMException('', name)));
  vi.stubGlobal('navigator', Object.create(navigator, { mediaDevices: { value: { getUserMedia } } }));
  const { user } = recording();
  expect((await screen.findByRole('alert')).textContent).toContain(told);
  await user.click(screen.getByRole('button', { name: 'try the microphone again' }));
  await vi.waitFor(() => expect(getUserMedia).toHaveBeenCalledTimes(2));
});

it('refuses a file that is empty or far too large before it is read', async () => {
  const { user, onKeep } = recording();
  const field = screen.getByLabelText('A sound from a file');
  await user.upload(field, new File([], 'none.mp3', { type: 'audio/mpeg' }));
  expect(await screen.findByText('That file is empty. Nothing was changed; choose another.')).toBeDefined();
  const huge = new File(['x'], 'huge.wav', { type: 'audio/wav' });
  Object.defineProperty(huge, 'size', { value: 200 << 20 });
  await user.upload(field, huge);
  expect(await screen.findByText('A sound can have up to 60 MB; this file has 200. Nothing was changed.')).toBeDefined();
  expect(onKeep).not.toHaveBeenCalled();
});
