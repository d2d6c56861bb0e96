/** What is printed on the computer that shares: where, with a picture to scan, what the phone will ask, and how safe it is. */
export function shareWords(addresses: readonly string[], qr: string): string {
  const [first, ...others] = addresses;
  return [
    'On a phone in the same network, scan this or type the address:',
    '',
    qr,
    `  ${first}`,
    ...others.map((address) => `  or ${address}`),
    '',
    'The browser will warn that it does not know this computer: choose Advanced, then Continue. That is enough to use it',
    'while the phone reaches this computer. To install it and use it out in the patch, without a network:',
    `  open ${origin(first ?? '')}/certificate.crt on the phone, and trust it in the phone’s settings (search for`,
    '  “certificate”; on an iPhone also under About, Certificate Trust Settings). Then open the address again.',
    '',
    'Who has this address, with its key, can open the app; your records stay in the browser that made them. Share in a',
    'network that you trust, not in a café. What the phone trusts is this computer at these addresses alone; when they',
    'change, and after a year, it asks again. Ctrl+C ends it.',
  ].join('\n');
}

const origin = (address: string): string => (address === '' ? '' : new URL(address).origin);
