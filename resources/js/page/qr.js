// Draws an address as a picture for an authenticator. The code that draws is fetched where there is one to draw.
export default async () => {
  const image = document.querySelector('[data-qr]');
  if (!image) return;
  const { default: QRCode } = await import('qrcode');
  const svg = await QRCode.toString(image.dataset.qr, { type: 'svg', margin: 2 });
  image.src = `data:image/svg+xml;utf8,${encodeURIComponent(svg)}`;
  image.hidden = false;
};
