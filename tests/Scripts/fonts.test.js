import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { charactersOf, facesOf, weightsOf } from '../../resources/fonts.config.js';

const read = (path) => readFileSync(new URL(`../../${path}`, import.meta.url), 'utf8');
const faces = facesOf(read('resources/sass/_faces.scss'));
const drawing = (text) =>
  faces.filter((face) => [...text].some((letter) => face.text.includes(letter))).map((face) => face.file);

test('a range says its characters, one by one or from one to another', () => {
  expect(charactersOf(' U+0041-0043, U+2020')).toBe('ABC†');
});

test('the weights are those that a style sheet names', () => {
  expect(weightsOf('font-stretch: 62% 125%;\n  font-weight: 300 700;')).toEqual({ min: 300, max: 700 });
});

test('no character of the font is left out of its parts', () => {
  const styles = read('node_modules/@fontsource-variable/archivo/standard.css');
  const all = [...styles.matchAll(/unicode-range:([^;]*);/g)].map(([, range]) => charactersOf(range)).join('');
  const kept = new Set(faces.flatMap((face) => [...face.text]));
  expect(all.length).toBeGreaterThan(1500);
  expect([...all].filter((letter) => !kept.has(letter))).toEqual([]);
});

test('a name is drawn with as few parts as hold its letters', () => {
  expect(drawing('Zoë Müller-Åberg – 5’')).toEqual(['archivo-latin.woff2']);
  expect(drawing('Paweł Dvořák, İpek Ţurcanu')).toEqual(['archivo-latin.woff2', 'archivo-europe.woff2']);
  expect(drawing('Nguyễn Thị Hạnh')).toEqual(['archivo-latin.woff2', 'archivo-vietnamese.woff2']);
  expect(drawing('Ɗan Ɓala')).toEqual(['archivo-latin.woff2', 'archivo-elsewhere.woff2']);
});
