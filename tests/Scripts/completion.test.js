import { describe, expect, it } from 'vitest';
import { NONE, offers } from '../../resources/js/editor/completion';

describe('completion', () => {
  const words = [
    'palm',
    'parry',
    'part',
    'pass',
    'pat',
    'path',
    'pause',
    'step',
    'go behind left',
    'go on',
    'go to',
    'if taller:',
    'left hand',
  ];

  it('goes on from the word that is being typed', () => {
    expect(offers(words, 'left st', 7)).toEqual({ begun: 2, words: ['step'] });
    expect(offers(words, 'left PA', 7).words).toHaveLength(6);
  });

  it('goes on from a phrase of several words, on its own line', () => {
    expect(offers(words, 'go b', 4)).toEqual({ begun: 4, words: ['go behind left'] });
    expect(offers(words, 'drop, go behind l', 17)).toEqual({ begun: 11, words: ['go behind left'] });
    expect(offers(words, 'drop\n  if ', 10)).toEqual({ begun: 3, words: ['if taller:'] });
    expect(offers(words, 'left palm if\nta', 15)).toEqual(NONE);
  });

  it('offers nothing for a letter, in the middle of a word, or once it stands there', () => {
    expect(offers(words, 'right s', 7)).toEqual(NONE);
    expect(offers(words, 'stp', 2)).toEqual(NONE);
    expect(offers(words, 'step', 4)).toEqual(NONE);
    expect(offers(words, '', 0)).toEqual(NONE);
  });
});
