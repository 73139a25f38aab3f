/** One object of several, with their getters as they are. */
export const mixed = (...parts) =>
  Object.defineProperties({}, Object.assign({}, ...parts.map(Object.getOwnPropertyDescriptors)));
