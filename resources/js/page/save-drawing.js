// A drawing of the page as a file that stands alone: what the page's styles give it is written into it.
const NS = 'http://www.w3.org/2000/svg';
const WRITTEN = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-opacity',
  'opacity',
  'paint-order',
  'text-anchor',
  'font-family',
  'font-size',
  'font-weight',
  'font-stretch',
];

/** The text of an SVG file with what is seen of a drawing. */
export const standAlone = (svg) => {
  const copy = svg.cloneNode(true);
  const [drawn, copied] = [[...svg.querySelectorAll('*')], [...copy.querySelectorAll('*')]];
  const style = (element) => window.getComputedStyle(element);
  drawn.forEach((element, at) => {
    const seen = style(element);
    if (seen.display === 'none' && !element.closest('defs, title, desc')) copied[at].setAttribute('display', 'none');
    for (const name of WRITTEN) {
      const value = seen.getPropertyValue(name);
      if (value) copied[at].setAttribute(name, value.replaceAll('"', "'"));
    }
    copied[at].removeAttribute('class');
  });
  copy.querySelectorAll('[display="none"]').forEach((element) => element.remove());
  const box = (svg.getAttribute('viewBox') ?? `0 0 ${svg.getAttribute('width')} ${svg.getAttribute('height')}`).split(
    ' ',
  );
  const ground = document.createElementNS(NS, 'rect');
  ['x', 'y', 'width', 'height'].forEach((name, at) => ground.setAttribute(name, box[at]));
  ground.setAttribute('fill', style(document.body).backgroundColor || 'white');
  copy.prepend(ground);
  copy.removeAttribute('class');
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(copy)}\n`;
};

export default () => {
  document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-save-drawing]');
    const svg = button && document.querySelector(button.dataset.saveDrawing);
    if (!svg) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([standAlone(svg)], { type: 'image/svg+xml' }));
    link.download = `${button.dataset.name}.svg`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
  });
};
