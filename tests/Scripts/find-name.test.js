// @vitest-environment jsdom
// A long list of people is narrowed by what is typed.
import { beforeEach, describe, expect, it, vi } from 'vitest';

vi.mock('../../resources/js/texts', () => ({ text: (key, { count, all }) => `${count} of ${all}` }));

const { default: findName } = await import('../../resources/js/page/find-name');

describe('a list that is narrowed', () => {
  const page = (list) => {
    document.body.innerHTML = `<form><input type="search" id="find" data-finds="people" aria-describedby="found"><span id="found"></span>${list}</form>`;
  };
  const type = (words) => {
    const field = document.getElementById('find');
    field.value = words;
    field.dispatchEvent(new Event('input', { bubbles: true }));
  };
  const left = () =>
    [...document.querySelectorAll('#people label, #people tbody tr')]
      .filter((line) => !line.hidden)
      .map((line) => line.textContent.trim());
  const said = () => document.getElementById('found').textContent;

  beforeEach(() =>
    page(
      '<div id="people"><label><input type="checkbox" checked> Ada Fell</label><label><input type="checkbox"> Zoë Fell</label><label><input type="checkbox"> Bo Marsh</label></div>',
    ),
  );
  findName();

  it('shows whose line has what is typed, whatever its case and accents, and who is ticked', () => {
    type(' ZOE ');
    expect(left()).toEqual(['Ada Fell', 'Zoë Fell']);
    expect(said()).toBe('2 of 3');
    type('marsh');
    expect(left()).toEqual(['Ada Fell', 'Bo Marsh']);
  });

  it('shows everybody again once nothing is typed', () => {
    type('marsh');
    type('  ');
    expect(left()).toHaveLength(3);
    expect(said()).toBe('');
  });

  it('narrows the lines of a table, not its head', () => {
    page(
      '<table id="people"><thead><tr><th>Name</th></tr></thead><tbody><tr><td>Ada Fell</td></tr><tr><td>Bo Marsh</td></tr></tbody></table>',
    );
    type('nobody of that name');
    expect(left()).toEqual([]);
    expect(document.querySelector('thead tr').hidden).toBe(false);
    expect(said()).toBe('0 of 2');
  });

  it('sends no form when what is looked for is entered', () => {
    const enter = new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true });
    document.getElementById('find').dispatchEvent(enter);
    expect(enter.defaultPrevented).toBe(true);
    const elsewhere = new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true });
    document.querySelector('#people input').dispatchEvent(elsewhere);
    expect(elsewhere.defaultPrevented).toBe(false);
  });

  it('narrows again what a browser that comes back has filled in', () => {
    document.getElementById('find').value = 'bo';
    dispatchEvent(new Event('pageshow'));
    expect(left()).toEqual(['Ada Fell', 'Bo Marsh']);
  });
});
