// @vitest-environment jsdom
// A picture or a clip on its way to the school.
import { beforeEach, describe, expect, it } from 'vitest';
import upload from '../../resources/js/page/upload';
import { component, page } from './page';

describe('what is sent', () => {
  let one;
  let root;
  const choose = (type, size) => {
    const field = root.querySelector('input');
    Object.defineProperty(field, 'files', { value: [{ name: 'hall', type, size }], configurable: true });
    one.look({ target: field });
    return [field.validationMessage, root.querySelector('[data-too-large]').hidden];
  };

  beforeEach(() => {
    root = page(
      '<input type="file" data-most-image="20" data-most-video="64"><p data-too-large hidden></p><progress hidden data-progress></progress>',
      { 'too-large': ':name has :megabytes of :most' },
    );
    one = component(upload(), root);
    one.init();
  });

  it('is told to be too large before it is sent', () => {
    expect(choose('video/mp4', 2_000_000_000)).toEqual(['hall has 2000 of 64', false]);
    expect(choose('image/jpeg', 21_000_000)).toEqual(['hall has 21 of 20', false]);
    expect(choose('image/jpeg', 20_000_000)).toEqual(['', true]);
    expect(choose('video/webm', 64_000_000)).toEqual(['', true]);
  });

  it('tells how far it is', () => {
    const bar = root.querySelector('[data-progress]');
    root.dispatchEvent(new CustomEvent('htmx:xhr:progress', { detail: { loaded: 30, total: 120 } }));
    expect([bar.hidden, Number(bar.getAttribute('value') ?? bar.value)]).toEqual([false, 25]);
  });

  it('asks for a whole page', () => {
    const headers = { 'HX-Request': 'true', 'X-CSRF-TOKEN': 'x' };
    root.dispatchEvent(new CustomEvent('htmx:configRequest', { detail: { headers } }));
    expect(headers).toEqual({ 'X-CSRF-TOKEN': 'x' });
  });
});
