// @vitest-environment jsdom
// Walking the stones of the wall, and carrying one to another course.
import { beforeEach, describe, expect, it, vi } from 'vitest';
import wall from '../../resources/js/wall/wall';
import { component, page, told } from './page';

// Three courses of 100, the highest at the top: rank c at 0, b at 100, a at 200. The stones stand in courses 0, 1 and
// 2.
const stone = (column, course, move) => `<a href="#" data-stone data-column="${column}" data-course="${course}"
  aria-label="stone ${column} ${course}" tabindex="${column + course === 0 ? 0 : -1}" ${move ? `data-move="${move}"` : ''}></a>`;
const TEXTS = { 'let-go': 'Let go: :rank.', 'let-go-outside': 'Let go: nothing changes.' };

describe('wall', () => {
  let one;
  let root;
  const at = (column, course) => root.querySelector(`[data-column="${column}"][data-course="${course}"]`);

  beforeEach(() => {
    root = page(
      `<p x-ref="card">Arrows walk.</p><svg>
      <rect data-rank="c" data-name="Course C"/><rect data-rank="b" data-name="Course B"/><rect data-rank="a" data-name="Course A"/>
      ${[0, 1, 2].map((course) => stone(0, course) + stone(1, course, course === 1 ? '/move' : '')).join('')}
    </svg>`,
      TEXTS,
    );
    [...root.querySelectorAll('[data-rank]')].forEach((course, index) => {
      course.getBoundingClientRect = () => ({ top: index * 100, bottom: index * 100 + 99 });
    });
    one = component(wall(), root);
    one.place = vi.fn();
    one.init();
  });

  const press = (key, from, more) => one.walk(told(from, { key, ...more }));

  it('moves the focus with the arrows, and one stone only can be reached with Tab', () => {
    press('ArrowRight', at(0, 0));
    expect(document.activeElement).toBe(at(1, 0));
    press('ArrowUp', at(1, 0));
    expect(document.activeElement).toBe(at(1, 1));
    press('ArrowLeft', at(1, 1));
    press('ArrowDown', at(0, 1));
    expect(document.activeElement).toBe(at(0, 0));
    expect([...root.querySelectorAll('[tabindex="0"]')]).toEqual([at(0, 0)]);
  });

  it('stays where the wall ends, and leaves other keys alone', () => {
    at(0, 0).focus();
    press('ArrowLeft', at(0, 0));
    press('ArrowDown', at(0, 0));
    expect(document.activeElement).toBe(at(0, 0));
    const other = told(at(0, 0), { key: 'a' });
    one.walk(other);
    expect(other.preventDefault).not.toHaveBeenCalled();
  });

  it('tells what is under the pointer, and afterwards what has the focus', () => {
    expect(one.card).toBe('Arrows walk.');
    one.tell(told(at(1, 2)));
    expect(one.card).toBe('stone 1 2');
    one.rest();
    expect(one.card).toBe('Arrows walk.');
    at(0, 1).focus();
    one.rest();
    expect(one.card).toBe('stone 0 1');
  });

  it('moves a laid stone one course with Shift, none beyond the last and none that is not laid', () => {
    press('ArrowUp', at(1, 1), { shiftKey: true });
    expect(one.place.mock.calls.map(([, course]) => course.dataset.rank)).toEqual(['c']);
    press('ArrowDown', at(1, 1), { shiftKey: true });
    expect(one.place.mock.calls.map(([, course]) => course.dataset.rank)).toEqual(['c', 'a']);
    press('ArrowUp', at(0, 1), { shiftKey: true });
    at(1, 2).dataset.move = '/move';
    press('ArrowUp', at(1, 2), { shiftKey: true });
    expect(one.place).toHaveBeenCalledTimes(2);
  });

  describe('carried with the mouse', () => {
    let drawing;

    beforeEach(() => {
      drawing = root.querySelector('svg');
      drawing.setPointerCapture = vi.fn();
      // The drawing is shown at twice its size.
      drawing.getScreenCTM = () => ({ d: 2 });
      Object.defineProperty(at(1, 1), 'ownerSVGElement', { value: drawing });
      one.lift(told(at(1, 1), { button: 0, clientY: 150, pointerType: 'mouse' }));
    });

    const carry = (clientY) => one.carry(told(drawing, { clientY, pointerId: 7 }));
    const aimed = () => [...root.querySelectorAll('.aimed')].map((course) => course.dataset.rank);

    it('follows the pointer after eight pixels and says where it would be let go', () => {
      carry(157);
      expect(at(1, 1).hasAttribute('transform')).toBe(false);
      carry(250);
      expect(drawing.setPointerCapture).toHaveBeenCalledWith(7);
      expect(at(1, 1).getAttribute('transform')).toBe('translate(0 50)');
      expect(aimed()).toEqual(['a']);
      expect(one.card).toBe('Let go: Course A.');
      carry(400);
      expect(aimed()).toEqual([]);
      expect(one.card).toBe('Let go: nothing changes.');
    });

    it('asks for the course where it is let go, and that press opens nothing', () => {
      carry(30);
      one.drop(told(drawing, { clientY: 30 }));
      expect(one.place.mock.calls[0][1].dataset.rank).toBe('c');
      expect(at(1, 1).hasAttribute('transform')).toBe(false);
      const click = told(at(1, 1));
      one.swallow(click);
      expect(click.preventDefault).toHaveBeenCalledOnce();
      one.swallow(click);
      expect(click.preventDefault).toHaveBeenCalledOnce();
    });

    it.each([
      ['its own course', 120],
      ['no course', 400],
    ])('changes nothing when let go over %s', (_, y) => {
      carry(30);
      one.drop(told(drawing, { clientY: y }));
      expect(one.place).not.toHaveBeenCalled();
      expect(one.held).toBeNull();
    });

    it('opens the stone when it was only pressed', () => {
      one.drop(told(drawing, { clientY: 152 }));
      const click = told(at(1, 1));
      one.swallow(click);
      expect(click.preventDefault).not.toHaveBeenCalled();
    });

    it('lifts nothing with a finger, another button, or a stone that is not laid', () => {
      one.putBack();
      one.lift(told(at(1, 1), { button: 0, clientY: 150, pointerType: 'touch' }));
      one.lift(told(at(1, 1), { button: 2, clientY: 150, pointerType: 'mouse' }));
      one.lift(told(at(0, 1), { button: 0, clientY: 150, pointerType: 'mouse' }));
      expect(one.held).toBeNull();
    });
  });
});
