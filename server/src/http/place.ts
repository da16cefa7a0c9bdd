import ipaddr from 'ipaddr.js';

/** Bits of an IPv6 address that a provider gives to one house; what is behind them is the house's to choose. */
const HOUSE_BITS = 64;

/**
 * From where somebody asks: an IPv4 address, or the part of an IPv6 one that they cannot change at will.
 * @example [placeOf('::ffff:192.0.2.1'), placeOf('2001:db8:1:2:3::4')] // ['192.0.2.1', '2001:db8:1:2::/64']
 */
export function placeOf(ip: string): string {
  if (!ipaddr.isValid(ip)) return ip;
  const address = ipaddr.process(ip);
  if (address.kind() === 'ipv4') return address.toString();
  return `${ipaddr.IPv6.networkAddressFromCIDR(`${address.toString()}/${HOUSE_BITS}`).toString()}/${HOUSE_BITS}`;
}

/** Whether somebody asks from the machine itself. */
export const isHere = (ip: string): boolean => ipaddr.isValid(ip) && ipaddr.process(ip).range() === 'loopback';
