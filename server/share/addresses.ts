import type { NetworkInterfaceInfo } from 'node:os';

/** Ranges of home and local networks [RFC 1918; RFC 3927]. */
const LOCAL = /^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.|169\.254\.)/;

/**
 * The IPv4 addresses by which others on the local network reach this computer, those of home networks first. Addresses
 * that belong to the open internet are left out: nothing is shared there.
 *
 * @param interfaces as `os.networkInterfaces()` tells them.
 * @example localAddresses({ wlan0: [{ address: '192.168.1.7', family: 'IPv4', internal: false, … }] }) // ['192.168.1.7']
 */
export function localAddresses(
  interfaces: Readonly<Record<string, readonly NetworkInterfaceInfo[] | undefined>>,
): string[] {
  return Object.entries(interfaces)
    .filter(([name]) => !/^(docker|br-|veth|virbr|vmnet|vboxnet)/.test(name))
    .flatMap(([, infos]) => infos ?? [])
    .filter(({ family, internal, address }) => family === 'IPv4' && !internal && LOCAL.test(address))
    .map(({ address }) => address)
    .sort((a, b) => rank(a) - rank(b) || (a < b ? -1 : 1));
}

const rank = (address: string): number =>
  ['192.168.', '10.', '172.', '169.254.'].findIndex((start) => address.startsWith(start));
