import { beforeAll, describe, expect, it, vi } from 'vitest';

describe('texts', () => {
  let module;
  beforeAll(async () => {
    vi.stubGlobal('document', {
      getElementById: (id) =>
        id === 'texts'
          ? {
              textContent: JSON.stringify({
                now: 'NOW',
                state: { offline: 'no network' },
                waiting: ':count reps wait: :why.',
              }),
            }
          : null,
    });
    module = await import('../../resources/js/texts');
  });

  it('finds a text, however deep, with its values', () => {
    expect(module.text('now')).toBe('NOW');
    expect(module.text('state.offline')).toBe('no network');
    expect(module.text('waiting', { count: 3, why: 'offline' })).toBe('3 reps wait: offline.');
    expect(module.text('waiting', { count: 3 })).toBe('3 reps wait: :why.');
  });

  it('shows the key where there are no words', () => {
    expect(module.text('state.gone')).toBe('state.gone');
    expect(module.text('state')).toBe('state');
    expect(module.texts('gone')).toEqual({});
  });
});
