// @vitest-environment jsdom
import { beforeEach, expect, test, vi } from 'vitest';
import board from '../../resources/js/page/board';

const line = (attack) => `<tr><td><svg data-attack="${attack}"><path d="M2 2h20v20h-20z"/></svg></td></tr>`;
let went;

beforeEach(() => {
  document.body.innerHTML = `<table data-board="/people/4 /people/9 /people/2">${line(7)}${line(8)}</table><svg data-attack="1"></svg>`;
  went = [];
  vi.stubGlobal('location', { assign: (address) => went.push(address) });
  vi.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue({ left: 100 });
});

board();

// Places are 24 wide, and the drawing begins at 100: the middle of the second is at 136.
test.each([
  [112, '/people/4'],
  [136, '/people/9'],
  [160, '/people/2'],
  [100, '/people/4'],
  [123.9, '/people/4'],
  [124, '/people/9'],
])('opens whoever has the place at %d', (x, page) => {
  document
    .querySelector('[data-attack="8"] path')
    .dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: x }));

  expect(went).toEqual([`${page}?attack=8#timeline`]);
});

test('opens nobody beside the places, and nothing outside the board', () => {
  for (const x of [172, 400, 90])
    document.querySelector('[data-attack="7"]').dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: x }));
  document.querySelector('table + svg').dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: 112 }));

  expect(went).toEqual([]);
});
