import { describe, expect, it } from 'vitest';
import { offers, wordBefore } from '../../resources/js/editor/completion';

describe('completion', () => {
  const words = ['palm', 'parry', 'part', 'pass', 'pat', 'path', 'pause', 'step'];

  it('goes on from the word that is being typed', () => {
    expect(wordBefore('left pa', 7)).toBe('pa');
    expect(wordBefore('left ', 5)).toBe('');
    expect(offers(words, 'left st', 7)).toEqual(['step']);
    expect(offers(words, 'left PA', 7)).toHaveLength(6);
  });

  it('offers nothing for a letter, in the middle of a word, or once it stands there', () => {
    expect(offers(words, 'left s', 6)).toEqual([]);
    expect(offers(words, 'stp', 2)).toEqual([]);
    expect(offers(words, 'step', 4)).toEqual([]);
  });
});
