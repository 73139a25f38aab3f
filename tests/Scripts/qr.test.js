// @vitest-environment jsdom
import { expect, it } from 'vitest';
import qr from '../../resources/js/page/qr';

it('draws an address into its picture', async () => {
  document.body.innerHTML = '<img data-qr="otpauth://totp/x?secret=ABC" hidden>';
  await qr();
  const image = document.querySelector('img');
  expect(image.hidden).toBe(false);
  expect(decodeURIComponent(image.src)).toMatch(/^data:image\/svg\+xml;utf8,<svg/);
});

it('does nothing where there is nothing to draw', async () => {
  document.body.innerHTML = '';
  await expect(qr()).resolves.toBeUndefined();
});
