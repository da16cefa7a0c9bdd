import { phonePage } from './lan.js';

describe('the page about phones', () => {
  it('says that nobody else reaches the server while it listens at home only', async () => {
    expect(await phonePage({ hosts: ['127.0.0.1'], tls: null, authority: null }, 4180)).toEqual({
      lan: false,
      secure: false,
      addresses: [],
      authority: null,
    });
  });

  it('gives each open address with a code for the camera', async () => {
    const page = await phonePage({ hosts: ['127.0.0.1', '127.0.0.2'], tls: { cert: '', key: '', own: true }, authority: null }, 4180);
    expect(page.secure).toBeTrue();
    expect(page.addresses.map((one) => one.url)).toEqual(['https://127.0.0.2:4180']);
    expect(page.addresses[0]?.qr).toMatch(/^data:image\/png;base64,/);
  });
});
