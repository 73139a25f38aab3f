// Which two bodies are on the floor: by size, by a stature in metres, or by a press in the table of all.
const FIELDS = { defender: '[data-size-you]', attacker: '[data-size-attacker]' };

export default {
  // A stature that is no size is chosen like one.
  setBody(body, metres) {
    const select = this.find(FIELDS[body]);
    const known = [...select.options].find(
      (option) => option.value === metres || option.textContent.includes(` ${metres} `),
    );
    if (!known) select.add(new Option(`${metres} m`, metres));
    select.value = known ? known.value : metres;
    const slider = this.find(`[data-stature="${body}"]`);
    if (slider) {
      slider.value = metres;
      slider.nextElementSibling.textContent = metres;
    }
  },

  changed() {
    this.find(FIELDS.defender).dispatchEvent(new Event('change', { bubbles: true }));
  },

  chooseBodies(event) {
    const { defender, attacker } = event.currentTarget.dataset;
    this.setBody('defender', defender);
    this.setBody('attacker', attacker);
    this.changed();
    this.find('[data-stage]')?.scrollIntoView({ block: 'nearest' });
  },

  tellBody(event) {
    event.target.nextElementSibling.textContent = Number(event.target.value).toFixed(2);
  },

  slideBody(event) {
    this.setBody(event.target.dataset.stature, Number(event.target.value).toFixed(2));
    this.changed();
  },
};
