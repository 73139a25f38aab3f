// @vitest-environment jsdom
// The text of an answer: undo and redo, places, mends, first steps, words to complete.
import { beforeEach, describe, expect, it, vi } from 'vitest';
import text from '../../resources/js/editor/text';
import { component, page, told } from './page';

describe('text of an answer', () => {
  let one;
  let field;
  const type = (value) => {
    field.value = value;
    field.setSelectionRange(value.length, value.length);
    field.dispatchEvent(new Event('input'));
  };
  const press = (key, more = {}) => {
    const event = new KeyboardEvent('keydown', { key, cancelable: true, ...more });
    field.dispatchEvent(event);
    return event;
  };
  const offered = () => [...one.$refs.words.children].map((button) => button.firstChild.textContent);

  beforeEach(() => {
    const root = page(
      `<textarea x-ref="text" data-words='["parry","pass","step"]'>left</textarea><pre x-ref="marks"></pre><div x-ref="words"></div>`,
    );
    one = component({ ...text, past: [], future: [] }, root);
    field = one.$refs.text;
    one.startText();
  });

  it('takes letters back and brings them again', () => {
    type('left s');
    type('left st');
    press('z', { ctrlKey: true });
    expect(field.value).toBe('left s');
    press('z', { metaKey: true });
    press('z', { ctrlKey: true });
    expect(field.value).toBe('left');
    press('Z', { ctrlKey: true, shiftKey: true });
    expect(field.value).toBe('left s');
    press('y', { ctrlKey: true });
    press('y', { ctrlKey: true });
    expect(field.value).toBe('left st');
  });

  it('forgets what was taken back once something else is typed', () => {
    type('left s');
    press('z', { ctrlKey: true });
    type('left p');
    press('y', { ctrlKey: true });
    expect(field.value).toBe('left p');
  });

  it('takes back a mend like a letter', () => {
    one.mend({ currentTarget: { dataset: { mended: 'left step\n' } } });
    expect([field.value, document.activeElement]).toEqual(['left step', field]);
    press('z', { ctrlKey: true });
    expect(field.value).toBe('left');
  });

  // Lines and columns from 1: the third column of the second line of "ab\ncdef" is its sixth letter, counted from 0: 5.
  it.each([
    [1, 1, 0],
    [1, 3, 2],
    [2, 1, 3],
    [2, 3, 5],
  ])('puts the cursor at line %i, column %i', (line, column, at) => {
    field.value = 'ab\ncdef';
    one.goTo({ currentTarget: { dataset: { line: String(line), column: String(column) } } });
    expect([field.selectionStart, field.selectionEnd]).toEqual([at, at]);
  });

  it('puts a first step before everything, and alone where nothing stands', () => {
    one.takeStep({ currentTarget: { dataset: { first: 'step back' } } });
    expect(field.value).toBe('step back\nleft');
    expect(field.selectionStart).toBe(9);
    field.value = '  \n';
    one.takeStep({ currentTarget: { dataset: { first: 'step back' } } });
    expect(field.value).toBe('step back');
  });

  it('completes a word with Tab, in the middle of a text, and forgets it with Escape', () => {
    type('left pa');
    expect(offered()).toEqual(['parry', 'pass']);
    expect(press('Tab').defaultPrevented).toBe(true);
    expect(field.value).toBe('left parry ');
    expect(offered()).toEqual([]);
    expect(press('Tab').defaultPrevented).toBe(false);
    field.value = 'st back';
    field.setSelectionRange(2, 2);
    one.complete();
    one.$refs.words.firstChild.click();
    expect([field.value, field.selectionStart]).toEqual(['step back', 5]);
    type('left pa');
    press('Escape');
    expect(offered()).toEqual([]);
  });

  it('asks again for what was typed while an answer was on its way', () => {
    vi.useFakeTimers();
    const asked = vi.fn();
    const ask = (beats) =>
      one.$root.dispatchEvent(new CustomEvent('htmx:configRequest', { detail: { parameters: { beats } } }));
    const answer = () =>
      one.$root.dispatchEvent(new CustomEvent('htmx:afterRequest', { detail: { successful: true } }));
    type('left s');
    ask('left s');
    field.addEventListener('input', asked);
    answer();
    vi.advanceTimersByTime(200);
    expect(asked).not.toHaveBeenCalled();
    field.value = 'left step';
    answer();
    vi.advanceTimersByTime(200);
    expect(asked).toHaveBeenCalledOnce();
    vi.useRealTimers();
  });

  it('moves the marks with the text', () => {
    [field.scrollTop, field.scrollLeft] = [40, 7];
    one.follow(told(field));
    expect([one.$refs.marks.scrollTop, one.$refs.marks.scrollLeft]).toEqual([40, 7]);
  });
});
