// A clip of an answer beside its floor: while it plays a key marks where beats begin; marked, both have one cursor.
import { toClip, toFloor } from './clip-time';
import workbench from './floor';
import { place } from './motion';

// A clip stands at a picture, not at a moment: so near, in seconds, is the same.
const NEAR = 0.02;

export default () => {
  const bench = workbench();
  return {
    ...bench,

    marks: [],

    init() {
      if (this.$root.dataset.alone !== undefined) return;
      this.tell();
      bench.init.call(this);
      const video = this.video();
      if (!video) return;
      // What is told late may be over: only what the clip does now counts.
      video.addEventListener('play', () => {
        if (!video.paused && this.isMarked() && !this.player) this.run(this.line());
      });
      video.addEventListener('pause', () => {
        if (video.paused && this.player) this.stop();
      });
      video.addEventListener('seeked', () => this.follow());
    },

    video() {
      return this.find('video');
    },

    fields() {
      return [...this.$root.querySelectorAll('[name="beats_at[]"]')];
    },

    isMarked() {
      return this.marks.length > 1;
    },

    times() {
      return this.line().map((beat) => Number(beat.dataset.time));
    },

    // What is marked, up to the first place that is still open.
    tell() {
      const open = this.fields().findIndex((field) => field.value === '');
      this.marks = this.fields()
        .slice(0, open === -1 ? undefined : open)
        .map((field) => Number(field.value));
    },

    mark() {
      const field = this.fields()[this.marks.length];
      const seconds = this.video().currentTime;
      if (!field || seconds <= (this.marks[this.marks.length - 1] ?? -1)) return;
      field.value = seconds.toFixed(3);
      this.tell();
      field.closest('tr').scrollIntoView({ block: 'nearest' });
    },

    unmark() {
      const field = this.fields()[this.marks.length - 1];
      if (field) field.value = '';
      this.tell();
    },

    pace() {
      const video = this.video();
      if (video) video.playbackRate = this.slow();
    },

    // The floor's clock is the clip.
    clock(from) {
      const video = this.video();
      if (!video || !this.isMarked()) return bench.clock.call(this, from);
      const [marks, times] = [this.marks, this.times()];
      const set = (to) => {
        video.currentTime = toClip(marks, times, to);
      };
      // In the middle of the beat that is shown the clip goes on from there.
      if (place(times, toFloor(marks, times, video.currentTime) + NEAR).from !== times.lastIndexOf(from)) set(from);
      this.pace();
      // A browser may not let it play: then nothing runs.
      video.play()?.catch(() => this.stop());
      return { at: () => (video.seeking ? from : toFloor(marks, times, video.currentTime)), set };
    },

    go(number) {
      bench.go.call(this, number);
      const video = this.video();
      if (!video || this.player || !this.isMarked()) return;
      const wanted = toClip(this.marks, this.times(), this.timeOf(number));
      if (Math.abs(video.currentTime - wanted) > NEAR) video.currentTime = wanted;
    },

    // The clip was moved by hand.
    follow() {
      if (this.player || !this.isMarked()) return;
      const line = this.line();
      const seconds = toFloor(this.marks, this.times(), this.video().currentTime);
      const { from } = place(this.times(), seconds + NEAR);
      if (line[from].dataset.beat !== this.now) bench.go.call(this, line[from].dataset.beat);
      this.cursor(seconds);
    },

    stop() {
      bench.stop.call(this);
      this.video()?.pause();
    },
  };
};
