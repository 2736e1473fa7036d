// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { DottedText } from './Dotted';

afterEach(cleanup);

function opened() {
  const then = vi.fn();
  const now = vi.fn();
  const { rerender } = render(<DottedText label="Name" value="bag" onKeep={then} />);
  fireEvent.click(screen.getByRole('button', { name: 'bag' }));
  rerender(<DottedText label="Name" value="hers" onKeep={now} />);
  return { then, now, field: screen.getByLabelText('Name') };
}

describe('a dotted word while a colleague changes what stands there', () => {
  it('is kept for what stood there when its field opened', () => {
    const { then, now, field } = opened();
    fireEvent.change(field, { target: { value: 'mine' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(then).toHaveBeenCalledWith('mine');
    expect(now).not.toHaveBeenCalled();
    expect(screen.getByRole('button', { name: 'hers' })).toBeDefined();
  });

  it('writes nothing back if nothing was typed', () => {
    const { then, now, field } = opened();
    fireEvent.blur(field);
    expect(then).not.toHaveBeenCalled();
    expect(now).not.toHaveBeenCalled();
  });

  it('is kept with what was offered for what was typed, which came while it was typed', () => {
    const withMore = vi.fn();
    const { rerender } = render(<DottedText label="Name" value="ball" onKeep={vi.fn()} />);
    fireEvent.click(screen.getByRole('button', { name: 'ball' }));
    const field = screen.getByLabelText('Name');
    fireEvent.change(field, { target: { value: 'kite' } });
    rerender(<DottedText label="Name" value="ball" onKeep={vi.fn()} onKeepWith={withMore} />);
    fireEvent.keyDown(field, { key: 'Enter', shiftKey: true });
    expect(withMore).toHaveBeenCalledWith('kite');
  });
});
