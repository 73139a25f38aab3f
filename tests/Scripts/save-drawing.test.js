// @vitest-environment jsdom
// A drawing of the page as a file that stands alone.
import { beforeEach, describe, expect, it, vi } from 'vitest';
import saveDrawing, { standAlone } from '../../resources/js/page/save-drawing';
import { page } from './page';

describe('a saved drawing', () => {
  let root;

  beforeEach(() => {
    root = page(
      `<style>.real { fill: rgb(1, 2, 3); opacity: 0.5 } .gone { display: none }</style>
      <svg class="curve" viewBox="-5 0 40 20"><defs><g id="try"><circle r="3"></circle></g></defs><circle class="real" r="2"></circle><text class="gone">hidden</text><use href="#try"></use><title>It goes up</title></svg>
      <button data-save-drawing="svg.curve" data-name="the-curve">Save</button><button data-save-drawing="#nowhere" data-name="x">No</button>`,
      {},
    );
  });

  it('has the styles of the page in it, and nothing that is not seen', () => {
    const text = standAlone(root.querySelector('svg.curve'));
    const read = new DOMParser().parseFromString(text, 'image/svg+xml').documentElement;
    const circle = [...read.querySelectorAll('circle')].find((one) => one.getAttribute('r') === '2');
    expect(text.startsWith('<?xml version="1.0" encoding="UTF-8"?>')).toBe(true);
    expect([circle.getAttribute('fill'), circle.getAttribute('opacity'), circle.getAttribute('class')]).toEqual([
      'rgb(1, 2, 3)',
      '0.5',
      null,
    ]);
    expect([
      read.textContent.includes('hidden'),
      read.querySelector('title').textContent,
      read.querySelectorAll('defs circle').length,
    ]).toEqual([false, 'It goes up', 1]);
    const ground = read.querySelector('rect');
    expect(['x', 'y', 'width', 'height'].map((name) => ground.getAttribute(name))).toEqual(['-5', '0', '40', '20']);
    // The drawing of the page stays as it is.
    expect(root.querySelector('svg.curve').outerHTML).toContain('class="gone"');
  });

  it('is given under its name, and nothing where there is no drawing', () => {
    URL.createObjectURL = vi.fn(() => 'blob:x');
    URL.revokeObjectURL = vi.fn();
    const given = [];
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function click() {
      given.push([this.download, this.href]);
    });
    saveDrawing();
    root.querySelectorAll('button').forEach((button) => button.click());
    expect(given).toEqual([['the-curve.svg', 'blob:x']]);
    expect(URL.createObjectURL.mock.calls[0][0].type).toBe('image/svg+xml');
  });
});
