// The ways from a beat into its what-ifs, and back.
import { text } from '../texts';

export default {
  offerTracks() {
    const place = this.find('[data-tracks]');
    const from = this.beats().filter(
      (beat) => beat.dataset.condition && beat.dataset.beat.split('.').slice(0, -1).join('.') === this.now,
    );
    place.replaceChildren(
      ...from.map((beat) => this.trackButton(`${beat.dataset.condition} …`, beat.dataset.track, beat.dataset.beat)),
    );
    if (this.track !== '') place.append(this.trackButton(text('main-line'), '', this.track.split('.')[0]));
    place.hidden = place.childElementCount === 0;
  },

  trackButton(words, track, beat) {
    const button = document.createElement('button');
    Object.assign(button, { type: 'button', className: 'btn btn-plain btn-sm', textContent: words });
    button.addEventListener('click', () => {
      this.track = track;
      this.go(beat);
      this.find('[data-stage]').focus();
    });
    return button;
  },
};
