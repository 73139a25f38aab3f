import { mkdir, readFile, writeFile } from 'node:fs/promises';
import subsetFont from 'subset-font';

// Fonts with no more than the pages draw: the letters and weights that resources/sass/_faces.scss names, and what sets
// letters beside each other.
const faces = new URL('sass/_faces.scss', import.meta.url);
const cut = new URL('fonts/', import.meta.url);
const whole = new URL('../node_modules/@fontsource-variable/archivo/files/', import.meta.url);
const KEPT = ['kern', 'mark', 'mkmk', 'ccmp', 'locl', 'tnum'];
// By its numbers in a font's names: whose it is, and under which licence and where that is.
const WHOSE = [0, 13, 14];

/** The characters of a unicode-range, such as “U+0041-0043, U+2020”. */
export const charactersOf = (range) =>
  range
    .split(',')
    .flatMap((part) => {
      const [first, last = first] = part.trim().replace(/^U\+/i, '').split('-');
      const from = parseInt(first, 16);
      return Array.from({ length: parseInt(last, 16) - from + 1 }, (_, at) => String.fromCodePoint(from + at));
    })
    .join('');

/** Each face of a style sheet: the file it asks for, the file of the package it is cut from, its characters. */
export const facesOf = (styles) =>
  [...styles.matchAll(/cut of (\S+)[^}]*?fonts\/([\w-]+\.woff2)[^}]*?unicode-range:([^;]*);/g)].map(
    ([, from, file, range]) => ({ file, from: `archivo-${from}-standard-normal.woff2`, text: charactersOf(range) }),
  );

/** The lightest and the boldest weight of a style sheet. */
export const weightsOf = (styles) => {
  const [, min, max] = /font-weight: (\d+) (\d+);/.exec(styles);
  return { min: Number(min), max: Number(max) };
};

/** Cuts the fonts before a build. */
export default () => ({
  name: 'cut-fonts',
  apply: 'build',
  async buildStart() {
    await mkdir(cut, { recursive: true });
    const styles = await readFile(faces, 'utf8');
    for (const { file, from, text } of facesOf(styles)) {
      const font = await subsetFont(await readFile(new URL(from, whole)), text, {
        targetFormat: 'woff2',
        keepFeatures: KEPT,
        preserveNameIds: WHOSE,
        variationAxes: { wght: weightsOf(styles) },
      });
      await writeFile(new URL(file, cut), font);
    }
  },
});
