// @vitest-environment jsdom
// A part of a page that the server does not answer says so, and why.
import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';

vi.mock('../../resources/js/texts', () => ({ text: (key) => `«${key}»` }));

const { default: unanswered } = await import('../../resources/js/page/unanswered');

describe('a part that is not answered', () => {
  let form;
  const fail = (status, type = 'htmx:responseError') => {
    const event = new CustomEvent(type, {
      bubbles: true,
      detail: { elt: form, target: document.getElementById('part'), xhr: status === null ? undefined : { status } },
    });
    form.dispatchEvent(event);
  };
  const said = () => document.getElementById('part').textContent;

  beforeAll(unanswered);
  beforeEach(() => {
    document.body.innerHTML = '<form><textarea>left hand parry</textarea><p id="part" hidden>12 cm to spare</p></form>';
    form = document.querySelector('form');
  });

  it.each([
    [401, '«not-checked-signed-out»'],
    [413, '«not-sent-large»'],
    [419, '«not-checked-old»'],
    [429, '«not-checked-busy»'],
    [503, '«not-checked-busy»'],
    [500, '«not-checked»'],
  ])('says why after %i, and shows itself', (status, words) => {
    fail(status);
    expect(said()).toBe(words);
    expect(document.getElementById('part').hidden).toBe(false);
    expect(form.querySelector('textarea').value).toBe('left hand parry');
  });

  it('says that there is no network where nothing came back', () => {
    fail(null, 'htmx:sendError');
    expect(said()).toBe('«not-checked»');
  });

  it('says it in its own words where it has some, but not in place of a reason', () => {
    document.getElementById('part').dataset.unanswered = 'The forecast is not there.';
    fail(500);
    expect(said()).toBe('The forecast is not there.');
    fail(429);
    expect(said()).toBe('«not-checked-busy»');
  });

  it('says it where the page has a place for it', () => {
    form.insertAdjacentHTML('beforeend', '<p data-unanswered-here hidden></p>');
    fail(419);
    const place = form.querySelector('[data-unanswered-here]');
    expect([place.textContent, place.hidden, said()]).toEqual(['«not-checked-old»', false, '12 cm to spare']);
  });
});
