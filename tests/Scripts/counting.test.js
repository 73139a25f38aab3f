// @vitest-environment jsdom
// Counting the beats of an answer aloud, at the pace that was chosen.
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { component, page } from './page';

const beep = vi.fn();
vi.mock('../../resources/js/drill/audio', () => ({ speaker: () => ({ unlock: vi.fn(), beep }), stayAwake: vi.fn() }));

describe('counting', () => {
  let counting;
  let root;
  const now = () => [...root.querySelectorAll('li')].findIndex((beat) => beat.hasAttribute('aria-current'));

  beforeEach(async () => {
    beep.mockClear();
    vi.useFakeTimers();
    root = page(
      '<ol><li data-seconds="0.5">step</li><li data-seconds="1">strip</li><li data-seconds="0.4">leave</li></ol><select x-ref="pace"><option value="0.5">half</option></select><button data-count="Count" data-stop="Stop"></button>',
    );
    const { default: made } = await import('../../resources/js/page/counting');
    const { mixed } = await import('../../resources/js/drill/mixed');
    counting = mixed(made(), component({}, root));
    counting.init();
  });

  it('beeps each beat for as long as it takes at the pace, the last one higher', () => {
    expect(counting.word).toBe('Count');
    counting.toggle();
    expect([counting.word, beep.mock.calls.length]).toEqual(['Stop', 0]);
    vi.advanceTimersByTime(1500);
    expect([now(), beep.mock.calls.length]).toEqual([0, 1]);
    // Half a second at half the pace is one.
    vi.advanceTimersByTime(999);
    expect(now()).toBe(0);
    vi.advanceTimersByTime(1);
    expect(now()).toBe(1);
    vi.advanceTimersByTime(2000);
    expect(now()).toBe(2);
    expect(beep.mock.calls.map(([pitch]) => pitch)).toEqual([660, 660, 990]);
    vi.advanceTimersByTime(800);
    expect([now(), counting.runs]).toEqual([-1, false]);
  });

  it('stops when it is told to', () => {
    counting.toggle();
    vi.advanceTimersByTime(1600);
    counting.toggle();
    vi.advanceTimersByTime(9000);
    expect([now(), counting.runs, beep.mock.calls.length]).toEqual([-1, false, 1]);
  });
});
