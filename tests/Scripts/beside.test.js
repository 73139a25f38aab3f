// @vitest-environment jsdom
// Two floors with one cursor, and bodies that are chosen from a table.
import { beforeEach, describe, expect, it, vi } from 'vitest';
import beside from '../../resources/js/editor/beside';
import bodies from '../../resources/js/editor/bodies';
import { component, page, told } from './page';

describe('side by side', () => {
  let one;
  let root;
  const shown = (half) =>
    [...root.querySelectorAll(`[data-half="${half}"] [data-frame]:not(.not-now)`)].map((frame) => frame.dataset.frame);
  const floor = (half) =>
    `<div data-half="${half}"><svg><g data-frame="0"></g><g data-frame="1"></g><g data-frame="2"></g></svg></div>`;

  beforeEach(() => {
    root = page(
      `${floor('left')}${floor('right')}<div class="beside-beats"><button data-left="0" data-right="0"></button><button data-left="1" data-right="0"></button><button data-left="2" data-right="1"></button></div>`,
    );
    one = component(beside(), root);
    one.init();
  });

  it('shows what each has at a row, and goes by keys within the rows', () => {
    expect([shown('left'), shown('right')]).toEqual([['0'], ['0']]);
    one.key(told(root, { key: 'ArrowRight' }));
    expect([shown('left'), shown('right')]).toEqual([['1'], ['0']]);
    one.key(told(root, { key: 'ArrowRight' }));
    one.key(told(root, { key: 'ArrowRight' }));
    expect([one.at, shown('left'), shown('right')]).toEqual([2, ['2'], ['1']]);
    one.key(told(root, { key: 'ArrowLeft', ctrlKey: true }));
    expect(one.at).toBe(2);
    one.choose({ currentTarget: one.rows()[0] });
    expect([one.at, root.querySelectorAll('[aria-current]').length]).toEqual([0, 1]);
  });
});

describe('bodies', () => {
  const options = '<option value="small">small, 1.52 m</option><option value="large">large, 1.85 m</option>';
  let one;
  let root;
  const value = (selector) => root.querySelector(selector).value;

  beforeEach(() => {
    root = page(
      `<select data-size-you>${options}</select><select data-size-attacker>${options}</select><label><input type="range" min="1" max="2.2" step="0.01" data-stature="defender"><output></output></label>`,
    );
    one = component({ ...bodies, find: (selector) => root.querySelector(selector) }, root);
  });

  it('chooses a size where the stature is one, and adds it where it is none', () => {
    const changed = vi.fn();
    root.addEventListener('change', changed);
    one.chooseBodies({ currentTarget: { dataset: { defender: '1.52', attacker: '2.01' } } });
    expect([value('[data-size-you]'), value('[data-size-attacker]'), root.querySelector('output').textContent]).toEqual(
      ['small', '2.01', '1.52'],
    );
    one.slideBody({ target: Object.assign(root.querySelector('input'), { value: '1.43' }) });
    expect([value('[data-size-you]'), changed.mock.calls.length]).toEqual(['1.43', 2]);
  });
});
