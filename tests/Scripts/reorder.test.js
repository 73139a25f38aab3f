// @vitest-environment jsdom
// A block of a class dragged to another place.
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { page } from './page';

describe('reorder', () => {
  let root;
  let form;
  const drag = (type, target) => {
    const event = new Event(type, { bubbles: true, cancelable: true });
    event.dataTransfer = {};
    target.dispatchEvent(event);
    return event;
  };

  beforeEach(async () => {
    vi.resetModules();
    root = page(
      '<div data-reorder="move"><table><tr data-block="0"><td>a</td></tr><tr data-block="1"><td>b</td></tr><tr data-block="2"><td>c</td></tr></table></div><p>else</p><form id="move"><input name="block"><input name="to"></form>',
    );
    form = root.querySelector('form');
    form.requestSubmit = vi.fn();
    (await import('../../resources/js/page/reorder')).default();
  });

  it('sends from where to where', () => {
    const cells = root.querySelectorAll('td');
    drag('dragstart', cells[2]);
    expect(drag('dragover', cells[0]).defaultPrevented).toBe(true);
    drag('drop', cells[0]);
    expect([form.elements.block.value, form.elements.to.value]).toEqual(['2', '0']);
    expect(form.requestSubmit).toHaveBeenCalled();
    drag('dragend', cells[2]);
  });

  it('leaves alone what is let go elsewhere, on itself, or was not dragged from there', () => {
    const cells = root.querySelectorAll('td');
    drag('drop', cells[0]);
    drag('dragstart', cells[1]);
    expect(drag('dragover', root.querySelector('p')).defaultPrevented).toBe(false);
    drag('drop', root.querySelector('p'));
    drag('drop', cells[1]);
    drag('dragend', cells[1]);
    drag('drop', cells[0]);
    expect(form.requestSubmit).not.toHaveBeenCalled();
  });
});
