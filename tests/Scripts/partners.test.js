// Who works with whom once somebody comes late or leaves, and who attacks first.
import alea from 'seedrandom/lib/alea';
import { describe, expect, it } from 'vitest';
import { evenly } from '../../resources/js/drill/even-turns';
import { against, circle, key, roles, rounds, without } from '../../resources/js/drill/partners';

const pairsOf = (made) =>
  made.flatMap((round) => round.filter((together) => together.length > 1).map(([a, b]) => key(a, b)));
const nobody = { today: new Set(), against: {} };

describe('partners', () => {
  it('lets everybody meet everybody once in a circle', () => {
    for (const people of [2, 3, 4, 7, 8, 13, 60]) {
      const ids = Array.from({ length: people }, (_, place) => place + 1);
      const met = pairsOf(rounds(ids, people + (people % 2) - 1, nobody, alea('a')));
      expect(new Set(met).size).toBe((people * (people - 1)) / 2);
      expect(met.length).toBe((people * (people - 1)) / 2);
      expect(circle(people).length).toBe(people + (people % 2) - 1);
    }
  });

  it('has nobody twice in a round, and each as a third who is over', () => {
    const made = rounds([1, 2, 3, 4, 5], 5, nobody, alea('b'));
    for (const round of made) expect(round.flat().sort()).toEqual([1, 2, 3, 4, 5]);
    expect(made.map((round) => round.find((together) => together.length === 3)[2]).sort()).toEqual([1, 2, 3, 4, 5]);
  });

  it('keeps apart who has met today, as far as there are others', () => {
    const today = new Set(pairsOf(rounds([1, 2, 3, 4, 5, 6, 7, 8], 2, nobody, alea('c'))));
    const after = pairsOf(rounds([1, 2, 3, 4, 5, 6], 2, { today, against: {} }, alea('d')));
    expect(after.filter((pair) => today.has(pair))).toEqual([]);
    // Four people have three ways to be two pairs: two of them have met before.
    const before = { '1 2': 1, '3 4': 1, '1 3': 0.5, '2 4': 0.5 };
    expect(pairsOf(rounds([1, 2, 3, 4], 1, { today: new Set(), against: before }, alea('e'))).sort()).toEqual(['1 4', '2 3']);
  });

  it('puts those who have met today last, where all will meet anyway', () => {
    for (const [people, count, last] of [
      [4, 3, 2],
      [4, 5, 2],
      [8, 9, 6],
    ]) {
      const ids = Array.from({ length: people }, (_, place) => place + 1);
      const [first] = pairsOf(rounds(ids, count, nobody, alea('h')));
      const made = rounds(ids, count, { today: new Set([first]), against: {} }, alea('h'));
      expect(made.flatMap((round, place) => (pairsOf([round]).includes(first) ? [place] : []))).toEqual([last]);
    }
  });

  it('leaves alone who is alone', () => {
    expect(rounds([9], 2, nobody, alea('f'))).toEqual([[[9]], [[9]]]);
    expect(rounds([], 2, nobody, alea('f'))).toEqual([[], []]);
  });

  // How much more often each attacks first than not.
  const more = (made) => {
    const counts = {};
    for (const [first, other] of made.flat().filter((together) => together.length > 1)) {
      counts[first] = (counts[first] ?? 0) + 1;
      counts[other] = (counts[other] ?? 0) - 1;
    }
    return counts;
  };

  it('lets everybody attack first as often as not, give or take one', () => {
    for (const people of [2, 3, 4, 5, 8, 13, 60]) {
      const ids = Array.from({ length: people }, (_, place) => place + 1);
      for (const count of [1, 2, 4, 5, 9]) {
        const made = rounds(ids, count, nobody, alea(`i${people} ${count}`));
        const even = evenly(made);
        expect(Object.values(more(even)).every((by) => Math.abs(by) <= 1)).toBe(true);
        // The same work together.
        expect(pairsOf(even)).toEqual(pairsOf(made));
      }
    }
  });

  it('makes up for who has attacked first before, as far as any choice of turns does', () => {
    const worst = (made) => Math.max(...Object.values(more(made)).map(Math.abs));
    for (let seed = 0; seed < 20; seed++) {
      const chance = alea(`j${seed}`);
      const past = rounds([1, 2, 3, 4, 5], 2, nobody, chance);
      const coming = rounds([1, 2, 3, 4, 6], 3, nobody, chance);
      const pairs = coming.flat().filter((together) => together.length > 1);
      const choices = Array.from({ length: 2 ** pairs.length }, (_, choice) =>
        pairs.map(([a, b], place) => ((choice >> place) & 1 ? [b, a] : [a, b])),
      );
      const least = Math.min(...choices.map((chosen) => worst([...past, chosen])));
      expect(worst([...past, ...evenly(coming, past)])).toBe(least);
    }
  });

  it('leaves a round that runs to those who stay, where they are', () => {
    const but =
      (...gone) =>
      (id) =>
        !gone.includes(id);
    const none = () => false;
    const round = [[1, 2], [3, 4, 5], [6, 7], [8, 9]];
    // Of a three a pair is left; whose partner left joins the first pair as a third.
    expect(without(round, but(3), none)).toEqual([[1, 2], [4, 5], [6, 7], [8, 9]]);
    expect(without(round, but(7), none)).toEqual([[1, 2, 6], [3, 4, 5], [], [8, 9]]);
    // Two who are left work together where one of them is; an instructor works with one where that is wished for.
    expect(without(round, but(7, 8), none)).toEqual([[1, 2], [3, 4, 5], [6, 9], []]);
    expect(without(round, but(7), none, true)).toEqual([[1, 2], [3, 4, 5], [6], [8, 9]]);
    // Those under 16 stay among themselves, and nobody is left at a place that both have left.
    const young = (id) => id === 6 || id > 7;
    expect(without(round, but(7), young)).toEqual([[1, 2], [3, 4, 5], [], [8, 9, 6]]);
    expect(without(round, but(1, 2), none)).toEqual([[], [3, 4, 5], [6, 7], [8, 9]]);
    expect(without([[1, 2], [5]], but(2), none)).toEqual([[1], [5]]);
    expect(round[2]).toEqual([6, 7]);
  });

  it('reads what speaks against each two, of those who were planned for', () => {
    expect(against([5, 9, 2], [[], [1.5], [0, 2.25]])).toEqual({ '5 9': 1.5, '2 9': 2.25 });
  });

  it('leaves who is over to an instructor where that is wished for', () => {
    const made = rounds([1, 2, 3, 4, 5], 5, nobody, alea('g'), true);
    expect(made.map((round) => round.map(({ length }) => length))).toEqual(Array(5).fill([2, 2, 1]));
  });

  it('lets each attack, defend and record in turn', () => {
    expect([0, 1, 2].map((turn) => roles([1, 2], turn))).toEqual([
      { attacker: 1, defender: 2, recorder: null },
      { attacker: 2, defender: 1, recorder: null },
      { attacker: 1, defender: 2, recorder: null },
    ]);
    expect([0, 1, 2].map((turn) => Object.values(roles([1, 2, 3], turn)))).toEqual([
      [1, 2, 3],
      [2, 3, 1],
      [3, 1, 2],
    ]);
    expect(roles([7], 3)).toEqual({ attacker: null, defender: 7, recorder: null });
  });
});
