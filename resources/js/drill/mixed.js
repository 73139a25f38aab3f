/** One object of several, with their getters as they are; none takes the place of what another has. */
export const mixed = (...parts) => {
  const whole = {};
  for (const part of parts)
    for (const [name, property] of Object.entries(Object.getOwnPropertyDescriptors(part))) {
      if (Object.hasOwn(whole, name)) throw new Error(`Two parts have ${name}.`);
      Object.defineProperty(whole, name, property);
    }
  return whole;
};
