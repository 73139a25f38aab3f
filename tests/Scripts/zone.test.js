// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { guess } from '../../resources/js/page/zone';

const select = (...zones) => {
  document.body.innerHTML = `<select>${zones.map((zone) => `<option value="${zone}">${zone}</option>`).join('')}</select>`;
  return document.querySelector('select');
};

it('chooses the time zone of the browser', () => {
  const zones = select('UTC', 'Europe/Lisbon');
  guess(zones, 'Europe/Lisbon');
  expect(zones.value).toBe('Europe/Lisbon');
});

it('leaves what is chosen where the school’s list does not have it, or there is nothing to choose', () => {
  const zones = select('UTC', 'Europe/Lisbon');
  guess(zones, 'Moon/Base');
  expect(zones.value).toBe('UTC');
  expect(() => guess(null, 'UTC')).not.toThrow();
});
