// Bodies between two beats: every number of what draws them goes evenly from where it is to where it will be.
const NUMBERS = /-?\d+(?:\.\d+)?/g;
const MOVED = ['transform', 'points', 'cx', 'cy', 'x', 'y', 'd'];

const turned = (from, to) => from + (((((to - from) % 360) + 540) % 360) - 180);

/**
 * A text of numbers part of the way to another one; where they are not alike, the nearer one. A turn goes the short way
 * round.
 */
export const between = (from, to, share) => {
  if (from === to) return from;
  const [a, b] = [from.match(NUMBERS) ?? [], to.match(NUMBERS) ?? []];
  if (a.length !== b.length) return share < 0.5 ? from : to;
  const turn = to.indexOf('rotate(');
  let place = 0;
  return to.replace(NUMBERS, (number, at) => {
    const begin = Number(a[place]);
    place += 1;
    const end = turn !== -1 && at > turn ? turned(begin, Number(number)) : Number(number);
    return String(Math.round((begin + share * (end - begin)) * 100) / 100);
  });
};

/** Where on a line of beats a time is: the beat that is over, the one that is under way, and how much of it. */
export const place = (times, now) => {
  const next = times.findIndex((time) => time > now);
  if (next === -1) return { from: times.length - 1, to: times.length - 1, share: 1 };
  if (next === 0) return { from: 0, to: 0, share: 0 };
  return { from: next - 1, to: next, share: (now - times[next - 1]) / (times[next] - times[next - 1]) };
};

const parts = (frame) => [...frame.querySelectorAll('[data-body] *')];

/** A copy of a frame's bodies that can be put anywhere between two frames; the frames themselves stay as they are. */
export const moving = (svg) => {
  const layer = document.createElementNS('http://www.w3.org/2000/svg', 'g');
  layer.setAttribute('class', 'moving');
  svg.append(layer);
  let copied = null;
  return {
    show(from, to, share) {
      if (copied !== to) {
        layer.replaceChildren(...[...to.querySelectorAll('[data-body]')].map((body) => body.cloneNode(true)));
        copied = to;
      }
      const [before, after, drawn] = [
        parts(from),
        parts(to),
        [...layer.querySelectorAll('*')].filter((part) => !part.matches('[data-body]')),
      ];
      if (before.length !== after.length) return;
      drawn.forEach((part, at) => {
        for (const name of MOVED) {
          const end = after[at].getAttribute(name);
          const begin = before[at].getAttribute(name);
          if (end !== null && begin !== null) part.setAttribute(name, between(begin, end, share));
        }
      });
    },
    remove() {
      layer.remove();
    },
  };
};
