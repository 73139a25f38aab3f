// @vitest-environment jsdom
// What every page does: it asks before it destroys, follows single keys, and says when the server is not there.
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import confirmation from '../../resources/js/page/confirmation';
import shortcuts from '../../resources/js/page/shortcuts';
import unanswered from '../../resources/js/page/unanswered';
import { page } from './page';

const TEXTS = {
  'not-checked': 'Not checked.',
  'not-checked-signed-out': 'Sign in again.',
  'not-checked-old': 'Load the page again.',
  'not-sent-large': 'Too large.',
};

describe('whole page', () => {
  let root;
  const find = (selector) => root.querySelector(selector);

  beforeAll(() => {
    HTMLDialogElement.prototype.showModal = function showModal() {
      this.open = true;
    };
    globalThis.CSS = { escape: (value) => value };
    root = page(
      `<dialog id="confirmation"><p data-question></p></dialog><dialog id="shortcuts"></dialog>
      <form id="delete" data-confirm="Delete it?"><button value="x"></button></form><form id="save"></form>
      <input data-key="f"><input type="checkbox" data-key="o"><a href="#there" data-key="g">there</a><p id="part" data-unanswered="Holes are not there."></p><p id="plain"></p>
      <form id="sent"><p hidden data-unanswered-here data-unanswered="Not sent."></p></form>`,
      TEXTS,
    );
    confirmation();
    shortcuts();
    unanswered();
  });

  afterEach(() => {
    root.querySelectorAll('dialog').forEach((dialog) => {
      dialog.open = false;
    });
    document.activeElement.blur();
  });

  const submit = (form) => {
    const event = new Event('submit', { bubbles: true, cancelable: true });
    form.dispatchEvent(event);
    return event.defaultPrevented;
  };
  const close = (value) => {
    find('#confirmation').returnValue = value;
    find('#confirmation').dispatchEvent(new Event('close'));
  };
  const press = (key, target = document.body, more = {}) => {
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more });
    target.dispatchEvent(event);
    return event.defaultPrevented;
  };

  it('sends a form that destroys only after a yes', () => {
    const form = find('#delete');
    form.requestSubmit = vi.fn();
    expect(submit(form)).toBe(true);
    expect([find('#confirmation').open, find('[data-question]').textContent]).toEqual([true, 'Delete it?']);
    close('');
    expect(form.requestSubmit).not.toHaveBeenCalled();
    submit(form);
    close('yes');
    expect(form.requestSubmit).toHaveBeenCalledOnce();
    expect(submit(form)).toBe(false);
  });

  it('asks nothing for a form that destroys nothing', () => {
    expect(submit(find('#save'))).toBe(false);
    expect(find('#confirmation').open).toBe(false);
  });

  it('follows single keys and lists them, while nobody is typing', () => {
    const followed = vi.fn((event) => event.preventDefault());
    find('[data-key="g"]').addEventListener('click', followed);
    expect(press('g')).toBe(true);
    expect(followed).toHaveBeenCalledOnce();
    press('f');
    expect(document.activeElement).toBe(find('[data-key="f"]'));
    press('o');
    expect(find('[data-key="o"]').checked).toBe(true);
    expect(press('g', find('input'))).toBe(false);
    expect(press('g', document.body, { ctrlKey: true })).toBe(false);
    expect(press('q')).toBe(false);
    expect(followed).toHaveBeenCalledOnce();
    press('?');
    expect(find('#shortcuts').open).toBe(true);
  });

  const fail = (name, part, status) =>
    document.dispatchEvent(new CustomEvent(name, { detail: { target: find(part), xhr: status && { status } } }));

  it.each([
    ['#plain', 401, 'Sign in again.'],
    ['#plain', 419, 'Load the page again.'],
    ['#plain', 500, 'Not checked.'],
    ['#part', 500, 'Holes are not there.'],
  ])('says in %s what to do about %i', (part, status, said) => {
    fail('htmx:responseError', part, status);
    expect(find(part).textContent).toBe(said);
  });

  it('says it where no answer came at all, and where no part is known nothing breaks', () => {
    fail('htmx:sendError', '#plain');
    expect(find('#plain').textContent).toBe('Not checked.');
    expect(() => fail('htmx:sendError', '#not-there')).not.toThrow();
  });

  it('leaves a whole page alone that was to be the answer', () => {
    const place = find('[data-unanswered-here]');
    const answer = (name, xhr) =>
      document.dispatchEvent(new CustomEvent(name, { detail: { elt: find('#sent'), target: document.body, xhr } }));
    answer('htmx:responseError', { status: 413 });
    expect([place.textContent, place.hidden]).toEqual(['Too large.', false]);
    answer('htmx:sendError', {});
    expect([place.textContent, document.body.contains(root)]).toEqual(['Not sent.', true]);
  });
});
