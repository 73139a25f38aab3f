// A picture or a clip that is sent: too large is told before it is sent, and how far it is while it goes.
import { text } from '../texts';

const MILLION = 1_000_000;

export default () => ({
  init() {
    // A whole page is asked for, which keeps in the session what it has to say; parts of pages do not.
    this.$root.addEventListener('htmx:configRequest', (event) => {
      delete event.detail.headers['HX-Request'];
    });
    this.$root.addEventListener('htmx:xhr:progress', (event) => {
      const bar = this.$root.querySelector('[data-progress]');
      bar.hidden = false;
      bar.value = event.detail.total > 0 ? (100 * event.detail.loaded) / event.detail.total : 0;
    });
  },

  look(event) {
    const field = event.target;
    const [file] = field.files;
    const most = Number(file?.type.startsWith('video/') ? field.dataset.mostVideo : field.dataset.mostImage);
    const words =
      file && file.size > most * MILLION
        ? text('too-large', { name: file.name, megabytes: Math.round(file.size / MILLION), most })
        : '';
    field.setCustomValidity(words);
    const place = this.$root.querySelector('[data-too-large]');
    place.textContent = words;
    place.hidden = words === '';
  },
});
