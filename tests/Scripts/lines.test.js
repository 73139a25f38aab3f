import { readFileSync, readdirSync } from 'node:fs';
import { expect, it } from 'vitest';

const MAX_LINES = 150;
const root = new URL('../../resources/js/', import.meta.url);

it('keeps every script short', () => {
  const scripts = readdirSync(root, { recursive: true }).filter((name) => name.endsWith('.js'));
  expect(scripts.length).toBeGreaterThan(15);
  for (const name of scripts)
    expect(readFileSync(new URL(name, root), 'utf8').split('\n').length, name).toBeLessThanOrEqual(MAX_LINES);
});
