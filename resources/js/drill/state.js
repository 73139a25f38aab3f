// What the mat begins with.
export default () => ({
  phase: 'setup', kit: null, error: '', turn: 0, people: [], set: {}, done: 0, goal: 0, count: null, markCount: 0, state: 'kept', timers: [],
  defender: '', attacker: '', title: '', said: '', card: '', reach: '', differences: '', cautions: '', leftOut: '', fails: false, whatIf: '', cues: '', proof: '', stressor: '',
  peeks: false, call: '', clock: '', last: null, mistakes: [], shownMistakes: {}, answers: [],
});
