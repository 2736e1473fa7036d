// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SayIt } from './SayIt';

describe('say it', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
  });

  /** Each saying takes a second. */
  function shown() {
    const said = vi.fn(() => new Promise<void>((over) => setTimeout(over, 1000)));
    const page = render(<SayIt disabled={false} onSay={said} />);
    return { said, page, key: screen.getByRole('button') };
  }
  const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

  it('says it once when it is touched', async () => {
    const { said, key } = shown();
    fireEvent.pointerDown(key);
    fireEvent.pointerUp(key);
    fireEvent.click(key);
    await pass(5000);
    expect(said).toHaveBeenCalledTimes(1);
  });

  it('says it again and again while it is held, and no more once it is let go', async () => {
    const { said, key } = shown();
    fireEvent.pointerDown(key);
    await pass(3000);
    expect(said).toHaveBeenCalledTimes(3);
    fireEvent.pointerUp(key);
    fireEvent.click(key);
    await pass(5000);
    expect(said).toHaveBeenCalledTimes(3);
    fireEvent.click(key);
    expect(said).toHaveBeenCalledTimes(4);
  });

  it('falls silent when talk is left while it is held', async () => {
    const { said, page, key } = shown();
    fireEvent.pointerDown(key);
    await pass(1000);
    page.unmount();
    await pass(5000);
    expect(said).toHaveBeenCalledTimes(1);
  });
});
