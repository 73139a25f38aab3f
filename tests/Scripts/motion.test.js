// @vitest-environment jsdom
// What draws a body between two beats, and where in time a line of beats is.
import { describe, expect, it } from 'vitest';
import { between, moving, place } from '../../resources/js/editor/motion';

describe('motion', () => {
  it('goes evenly from one place to another', () => {
    expect(between('translate(0 -63.9) rotate(180)', 'translate(10 -53.9) rotate(180)', 0.5)).toBe(
      'translate(5 -58.9) rotate(180)',
    );
    expect(between('0,0 10,-20', '4,0 14,-40', 0.25)).toBe('1,0 11,-25');
    expect(between('5', '5', 0.5)).toBe('5');
  });

  it('turns the short way round', () => {
    expect(between('translate(0 0) rotate(350)', 'translate(0 0) rotate(10)', 0.5)).toBe('translate(0 0) rotate(360)');
    expect(between('translate(0 0) rotate(10)', 'translate(0 0) rotate(350)', 0.5)).toBe('translate(0 0) rotate(0)');
  });

  it('shows the nearer of two that are not alike', () => {
    expect([between('1,1', '1,1 2,2', 0.4), between('1,1', '1,1 2,2', 0.6)]).toEqual(['1,1', '1,1 2,2']);
  });

  it('knows which beat is under way, and how much of it', () => {
    const times = [0, 0.35, 0.6, 1.6];
    expect(place(times, 0)).toEqual({ from: 0, to: 1, share: 0 });
    expect(place(times, 0.475).from).toBe(1);
    expect(place(times, 0.475).share).toBeCloseTo(0.5);
    expect(place(times, 2)).toEqual({ from: 3, to: 3, share: 1 });
  });

  it('moves a copy and leaves the beats as they are', () => {
    document.body.innerHTML =
      '<svg><g data-frame="0"><g data-body="you"><circle cx="0" cy="0"/></g></g><g data-frame="1"><g data-body="you"><circle cx="10" cy="-20"/></g></g></svg>';
    const svg = document.querySelector('svg');
    const [from, to] = svg.querySelectorAll('[data-frame]');
    const layer = moving(svg);
    layer.show(from, to, 0.5);
    const circle = svg.querySelector('.moving circle');
    expect([circle.getAttribute('cx'), circle.getAttribute('cy')]).toEqual(['5', '-10']);
    expect([from.querySelector('circle').getAttribute('cx'), to.querySelector('circle').getAttribute('cx')]).toEqual([
      '0',
      '10',
    ]);
    layer.remove();
    expect(svg.querySelector('.moving')).toBe(null);
  });
});
