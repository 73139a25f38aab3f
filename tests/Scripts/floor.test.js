// @vitest-environment jsdom
// The floor beside the text: which beat is shown, the ways into what-ifs, the act in motion.
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import floor from '../../resources/js/editor/floor';
import { component, page, told } from './page';

// The start, two beats, and a what-if of two beats that leaves from beat 1.
const BEATS = [
  ['0', '', '0', ''],
  ['1', '', '0.5', ''],
  ['1.a1', '1.a', '1.1', 'if blocked'],
  ['1.a2', '1.a', '1.6', ''],
  ['2', '', '0.55', ''],
];
const beat = ([number, track, time, condition]) =>
  `<div data-beat="${number}" data-track="${track}" data-time="${time}" data-condition="${condition}"></div>`;
const drawn = (
  beats,
) => `<div data-stage tabindex="0">${beats.map(([number]) => `<svg><g data-frame="${number}"></g></svg>`).join('')}</div>
  <input type="range" min="0" data-scrub><button data-play></button><div data-tracks></div>${beats.map(beat).join('')}`;
const TEXTS = { start: 'the start', beat: 'beat :beat', play: 'Play', stop: 'Stop', 'main-line': 'main line' };

// Whether whoever looks wants nothing to move.
const still = (matches) => {
  window.matchMedia = () => ({ matches });
};

describe('floor', () => {
  let one;
  let root;
  const find = (selector) => root.querySelector(selector);
  const shown = () => [...root.querySelectorAll('[data-beat]:not([hidden])')].map((element) => element.dataset.beat);
  const ways = () => [...find('[data-tracks]').children].map((button) => button.textContent);
  const press = (key, more) => {
    const event = told(find('[data-stage]'), { key, ...more });
    one.stageKey(event);
    return event;
  };

  beforeEach(() => {
    vi.useFakeTimers();
    still(true);
    root = page(
      `<select data-size-you><option>small</option><option>tall</option></select><select data-size-attacker><option>small</option><option selected>tall</option></select>
      <input type="checkbox" data-layer="reach"><g class="layer-reach"></g><button data-ask-steps></button><div id="floor-here">${drawn(BEATS)}</div>`,
      TEXTS,
    );
    one = component(floor(), root);
    one.init();
  });

  afterEach(() => vi.useRealTimers());

  it('shows one beat, its frame and its place on the line', () => {
    expect(one.now).toBe('0');
    press('End');
    expect(shown()).toEqual(['2']);
    expect([...root.querySelectorAll('[data-frame]:not(.not-now)')].map((frame) => frame.dataset.frame)).toEqual(['2']);
    expect([find('[data-scrub]').max, find('[data-scrub]').value]).toEqual(['2', '2']);
    expect(find('[data-scrub]').getAttribute('aria-valuetext')).toBe('beat 2');
    press('Home');
    expect(find('[data-scrub]').getAttribute('aria-valuetext')).toBe('the start');
  });

  it('goes by keys, by buttons and by the slider, and stays at either end', () => {
    press('ArrowRight');
    press('ArrowRight');
    press('ArrowRight');
    expect(one.now).toBe('2');
    one.stepBy({ currentTarget: { dataset: { step: '-1' } } });
    expect(one.now).toBe('1');
    one.scrub(told({ value: '0' }));
    press('ArrowLeft');
    expect(one.now).toBe('0');
  });

  it('leaves keys with Ctrl and keys of others to the browser', () => {
    expect(press('ArrowRight', { ctrlKey: true }).preventDefault).not.toHaveBeenCalled();
    expect(press('x').preventDefault).not.toHaveBeenCalled();
    expect(one.now).toBe('0');
  });

  it('offers what leaves from a beat, walks it, and offers the way back', () => {
    expect(find('[data-tracks]').hidden).toBe(true);
    one.go('1');
    expect(ways()).toEqual(['if blocked …']);
    find('[data-tracks] button').click();
    expect([one.now, one.track]).toEqual(['1.a1', '1.a']);
    expect(one.line().map((element) => element.dataset.beat)).toEqual(['1', '1.a1', '1.a2']);
    expect(document.activeElement).toBe(find('[data-stage]'));
    expect(ways()).toEqual(['main line']);
    find('[data-tracks] button').click();
    expect([one.now, one.track]).toEqual(['1', '']);
  });

  it('jumps to a beat of a what-if and back to one of the main line', () => {
    one.jump({ currentTarget: { dataset: { jump: '1.a2' } } });
    expect([one.track, shown()]).toEqual(['1.a', ['1.a2']]);
    one.jump({ currentTarget: { dataset: { jump: '2' } } });
    expect([one.track, shown()]).toEqual(['', ['2']]);
  });

  it('keeps the beat that was shown when the floor is drawn anew, or takes the last there still is', () => {
    const draw = (beats) => {
      find('#floor-here').innerHTML = drawn(beats);
      one.refresh();
    };
    one.go('1');
    draw(BEATS);
    expect(shown()).toEqual(['1']);
    one.jump({ currentTarget: { dataset: { jump: '1.a2' } } });
    draw([BEATS[0], BEATS[1]]);
    expect([one.track, one.now]).toEqual(['', '1']);
    find('#floor-here').innerHTML = '';
    expect(() => one.refresh()).not.toThrow();
  });

  it('gives the focus back to a floor that had it', async () => {
    find('[data-stage]').focus();
    root.dispatchEvent(new Event('htmx:oobBeforeSwap'));
    find('#floor-here').innerHTML = drawn(BEATS);
    await vi.waitFor(() => expect(document.activeElement).toBe(find('[data-stage]')));
  });

  it('plays each beat for the time that it takes, at least 0.12 s, and stops at the end', () => {
    press(' ');
    expect(find('[data-play]').textContent).toBe('Stop');
    vi.advanceTimersByTime(499);
    expect(one.now).toBe('0');
    vi.advanceTimersByTime(1);
    expect(one.now).toBe('1');
    // 0.05 s from beat 1 to 2 would be too short to see.
    vi.advanceTimersByTime(119);
    expect(one.now).toBe('1');
    vi.advanceTimersByTime(1);
    expect([one.now, one.timer, find('[data-play]').textContent]).toEqual(['2', null, 'Play']);
  });

  it('runs through time where things may move, at the speed that is chosen', () => {
    still(false);
    press(' ');
    vi.advanceTimersByTime(400);
    expect([one.now, root.classList.contains('in-motion'), find('[data-play]').textContent]).toEqual([
      '0',
      true,
      'Stop',
    ]);
    vi.advanceTimersByTime(130);
    expect(one.now).toBe('1');
    vi.advanceTimersByTime(100);
    expect([one.now, one.player, root.classList.contains('in-motion')]).toEqual(['2', null, false]);
  });

  it('goes to the beat whose bar is pressed', () => {
    find('[data-tracks]').insertAdjacentHTML('afterend', '<div class="bars"><b data-jump="1"><i></i></b></div>');
    one.pick({ target: find('.bars i') });
    expect(one.now).toBe('1');
    one.pick({ target: find('.bars') });
    expect(one.now).toBe('1');
  });

  it('begins anew from the end, and stops when it is pressed again or stepped', () => {
    one.go('2');
    one.play();
    expect(one.now).toBe('0');
    one.play();
    vi.advanceTimersByTime(5000);
    expect(one.now).toBe('0');
    one.play();
    one.jump({ currentTarget: { dataset: { jump: '1' } } });
    vi.advanceTimersByTime(5000);
    expect(one.now).toBe('1');
  });

  it('hides a layer that is not chosen, and swaps the two sizes', () => {
    expect(find('.layer-reach').classList.contains('off')).toBe(true);
    find('[data-layer]').checked = true;
    one.layers();
    expect(find('.layer-reach').classList.contains('off')).toBe(false);
    const changed = vi.fn();
    root.addEventListener('change', changed);
    one.swapSizes();
    expect([find('[data-size-you]').value, find('[data-size-attacker]').value]).toEqual(['tall', 'small']);
    expect(changed).toHaveBeenCalledOnce();
  });

  it('asks for first steps with b', () => {
    const asked = vi.fn();
    find('[data-ask-steps]').addEventListener('click', asked);
    press('f');
    expect(asked).toHaveBeenCalledOnce();
  });
});
