// Parts of one object: getters stay what they are, and no part takes the place of what another has.
import { describe, expect, it } from 'vitest';
import { mixed } from '../../resources/js/drill/mixed';

describe('mixed', () => {
  it('keeps getters, which read the whole', () => {
    const whole = mixed(
      { count: 2 },
      {
        get twice() {
          return 2 * this.count;
        },
      },
    );
    whole.count = 5;
    expect(whole.twice).toBe(10);
  });

  it('refuses a name that stands in two parts', () => {
    expect(() => mixed({ isShown: true }, { isShown: () => true })).toThrow('Two parts have isShown.');
  });
});
