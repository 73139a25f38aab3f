// Turn order, draw and hidden moment against what the core has written down: both sides say the same.
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { anyOf, draw, moment, onList, withoutThirdOfFamily } from '../../resources/js/drill/draw';
import { isOver, nextTurn, partner } from '../../resources/js/drill/turns';

const core = JSON.parse(readFileSync(new URL('../fixtures/drill.json', import.meta.url), 'utf8'));
const circle = (people) => Array.from({ length: people }, (_, place) => ({ place }));

describe('turns', () => {
  it('has the partners that the core has', () => {
    expect(core.partners.length).toBeGreaterThan(20);
    for (const { people, turn, attacker } of core.partners)
      expect(partner(circle(people), turn)?.place ?? null, `${people} at ${turn}`).toBe(attacker);
  });

  it('passes over whoever has nothing to drill, as the core does', () => {
    for (const { canDrill, turn, next } of core.nextTurns)
      expect(nextTurn(circle(canDrill.length), turn, ({ place }) => canDrill[place])).toBe(next);
  });

  it('is over once everybody had theirs, or the time is up', () => {
    const drill = { done: 3, goal: 4, minutes: 0, began: 0 };
    expect(isOver(drill, 1e9)).toBe(false);
    expect(isOver({ ...drill, done: 4 }, 0)).toBe(true);
    expect(isOver({ ...drill, minutes: 2 }, 120_000)).toBe(false);
    expect(isOver({ ...drill, minutes: 2 }, 120_001)).toBe(true);
  });
});

describe('draw', () => {
  it('waits as long as the core does', () => {
    for (const { chance, seconds } of core.moments) expect(moment(() => chance) / 1000).toBeCloseTo(seconds, 6);
  });

  it('draws the ticket that the core draws, and leaves out a family that came twice', () => {
    expect(core.draws.length).toBe(10);
    for (const { families, weights, latest, left, picks } of core.draws) {
      const cells = families.map((family) => ({ family }));
      const tickets = weights.map((weight, cell) => ({ cell, weights: [weight] }));
      const pool = withoutThirdOfFamily(tickets, latest, cells);
      expect(pool.map(({ cell }) => cell)).toEqual(left);
      for (const { chance, cell } of picks)
        expect(draw(pool, 0, () => chance).cell, `${latest} at ${chance}`).toBe(cell);
    }
  });

  it('takes what is on the list that was chosen', () => {
    const student = {
      isYouth: true,
      tickets: [
        { cell: 0, holds: true },
        { cell: 1, holds: false },
        { cell: 2, holds: false },
        { cell: 3, fails: true },
      ],
    };
    const filters = { 'rank:a': { adult: [0, 1, 3], youth: [2, 3] } };
    const on = (list) => onList(student, list, filters).map(({ cell }) => cell);
    expect(on('most')).toEqual([0, 1, 2]);
    expect(on('fails')).toEqual([3]);
    expect(on('holes')).toEqual([1, 2]);
    expect(on('rank:a')).toEqual([2]);
    expect(onList({ ...student, isYouth: false }, 'rank:a', filters).map(({ cell }) => cell)).toEqual([0, 1]);
  });

  it('picks any of a list, and nothing of none', () => {
    expect(anyOf(['a', 'b', 'c'], () => 0.99)).toBe('c');
    expect(anyOf([], () => 0.5)).toBeUndefined();
  });
});
