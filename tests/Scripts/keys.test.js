import { describe, expect, it, vi } from 'vitest';
import { press } from '../../resources/js/drill/keys';

const key = (pressed, { on = [], ...more } = {}) => ({
  key: pressed,
  ctrlKey: false,
  metaKey: false,
  altKey: false,
  repeat: false,
  preventDefault: vi.fn(),
  stopImmediatePropagation: vi.fn(),
  // The element matches any of the selectors that its test names.
  target: { closest: (selectors) => (selectors.split(', ').some((one) => on.includes(one)) ? {} : null) },
  ...more,
});
const acts = () => ({ halt: vi.fn(), go: vi.fn(), undo: vi.fn(), record: vi.fn() });

describe('keys', () => {
  it.each([
    ['c', 'clean'],
    ['s', 'scraped'],
    ['r', 'recovered'],
    ['l', 'late'],
    ['h', 'hit'],
    ['F', 'froze'],
    ['x', 'stopped'],
  ])('%s records %s', (pressed, outcome) => {
    const can = acts();
    press(key(pressed), can);
    expect(can.record).toHaveBeenCalledExactlyOnceWith(outcome);
  });

  it('stops, calls and takes back', () => {
    const can = acts();
    press(key('Escape'), can);
    press(key(' '), can);
    press(key('u'), can);
    expect([can.halt, can.go, can.undo].map((act) => act.mock.calls.length)).toEqual([1, 1, 1]);
  });

  it('leaves space to the button that has the focus, but for the one that calls', () => {
    const can = acts();
    const own = key(' ', { on: ['button'] });
    press(own, can);
    expect(can.go).not.toHaveBeenCalled();
    expect(own.preventDefault).not.toHaveBeenCalled();
    press(key(' ', { on: ['button', '[data-go]'] }), can);
    expect(can.go).toHaveBeenCalledOnce();
  });

  it('leads nowhere else while a drill runs, and types where somebody types', () => {
    const can = acts();
    const away = key('w');
    press(away, can);
    expect(away.stopImmediatePropagation).toHaveBeenCalledOnce();
    press(key('c', { on: ['input'] }), can);
    press(key('c', { ctrlKey: true }), can);
    press(key('c', { repeat: true }), can);
    expect(can.record).not.toHaveBeenCalled();
  });
});
