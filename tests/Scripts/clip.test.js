// @vitest-environment jsdom
// A clip beside the floor: its times, its marks, and one cursor.
import { beforeEach, describe, expect, it, vi } from 'vitest';
import clip from '../../resources/js/editor/clip';
import { toClip, toFloor } from '../../resources/js/editor/clip-time';
import { component, page } from './page';

describe('times of a clip', () => {
  // The first beat takes 2 s in the clip and 0.5 s on the floor, the second 1 s and 0.25 s, the last stands 3 s for 1
  // s.
  const marks = [1, 3, 4, 7];
  const times = [0, 0.5, 0.75, 1.75];

  it('are those of the floor where beats are marked, and go evenly between', () => {
    expect(marks.map((mark) => toFloor(marks, times, mark))).toEqual(times);
    expect(times.map((time) => toClip(marks, times, time))).toEqual(marks);
    expect(toFloor(marks, times, 2)).toBeCloseTo(0.25);
    expect(toFloor(marks, times, 5.5)).toBeCloseTo(1.25);
    expect(toClip(marks, times, 0.625)).toBeCloseTo(3.5);
  });

  it('stand still before the first and after the last', () => {
    expect([toFloor(marks, times, 0.2), toFloor(marks, times, 9), toClip(marks, times, 5)]).toEqual([0, 1.75, 7]);
  });

  it('end where no more is marked, and are none with one mark', () => {
    expect(toFloor([1, 3], times, 6)).toBe(0.5);
    expect(toClip([1, 3], times, 1)).toBe(3);
    expect([toFloor([1], times, 1), toFloor([], times, 1)]).toEqual([null, null]);
  });
});

describe('marks of a clip', () => {
  let one;
  let root;
  const fields = () => [...root.querySelectorAll('[name="beats_at[]"]')].map((field) => field.value);
  const video = () => root.querySelector('video');

  beforeEach(() => {
    root = page(
      `<video></video><table>${'<tr><td><input name="beats_at[]"></td></tr>'.repeat(3)}</table>
      <div id="floor-here"><div data-stage tabindex="0"><svg><g data-frame="0"></g><g data-frame="1"></g><g data-frame="2"></g></svg></div>
      <input type="range" min="0" data-scrub><button data-play></button><select data-slow><option value="0.5"></option></select><div data-tracks></div>
      ${['0', '0.5', '1.5'].map((time, at) => `<div data-beat="${at}" data-track="" data-time="${time}"></div>`).join('')}</div>`,
      {},
    );
    let now = 0;
    Object.defineProperty(video(), 'currentTime', {
      get: () => now,
      set: (to) => {
        now = to;
      },
    });
    video().pause = () => {};
    HTMLElement.prototype.scrollIntoView = () => {};
    one = component(clip(), root);
    one.init();
  });

  it('are set one after the other, never back, and taken back from the last', () => {
    for (const seconds of [1, 2.25, 2, 4]) {
      video().currentTime = seconds;
      one.mark();
    }
    expect(fields()).toEqual(['1.000', '2.250', '4.000']);
    one.mark();
    one.unmark();
    expect([fields(), one.marks]).toEqual([
      ['1.000', '2.250', ''],
      [1, 2.25],
    ]);
  });

  it('lead the clip to a beat, and a beat to the clip', () => {
    video().currentTime = 3;
    one.go('1');
    expect(video().currentTime).toBe(3);
    root.querySelectorAll('[name="beats_at[]"]').forEach((field, at) => {
      field.value = [1, 2, 4][at];
    });
    one.tell();
    one.go('2');
    expect(video().currentTime).toBe(4);
    one.go('1');
    expect(video().currentTime).toBe(2);
    video().currentTime = 1.5;
    video().dispatchEvent(new Event('seeked'));
    expect(one.now).toBe('0');
    one.pace();
    expect(video().playbackRate).toBe(0.5);
  });

  it('stands still again where the browser does not let the clip play', async () => {
    root.querySelectorAll('[name="beats_at[]"]').forEach((field, at) => {
      field.value = String(at + 1);
    });
    one.tell();
    video().play = () => Promise.reject(new Error('NotAllowedError'));
    one.stop = vi.fn();
    one.clock(0);
    expect(one.stop).not.toHaveBeenCalled();
    await new Promise((done) => {
      setTimeout(done);
    });
    expect(one.stop).toHaveBeenCalledOnce();
  });

  it('may be of a clip that has no floor', () => {
    root = page('<video></video><select data-slow><option value="0.25"></option></select>', {});
    root.dataset.alone = '';
    one = component(clip(), root);
    one.init();
    one.pace();
    expect(video().playbackRate).toBe(0.25);
  });
});
