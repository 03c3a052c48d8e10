import { isOwnHost, isOwnOrigin, readNames, readOrigin } from '@/core/lock/hosts';
import { mixesAlphabets, plainName } from '@/core/lock/names';
import { networkOf, waitLeft } from '@/core/lock/attempts';
import { unkeptAt } from '@/core/text';

const ADDRESSES = {
  hosts: new Set(['127.0.0.1', '[::1]', 'tablet.house']),
  publicOrigin: 'https://oskil.house:8443',
};

test.each<[string | null, boolean]>([
  ['127.0.0.1', true],
  ['127.0.0.1:4820', true],
  ['[::1]:4820', true],
  ['Tablet.House:4820', true],
  ['oskil.house:8443', true],
  ['oskil.house', false],
  ['evil.example', false],
  ['127.0.0.1.evil.example:4820', false],
  ['127.0.0.1:4820@evil.example', false],
  ['127.0.0.1:48200000', false],
  ['tablet.house.', false],
  ['', false],
  [null, false],
])('Host %s is ours: %s', (host, own) => {
  expect(isOwnHost(host, ADDRESSES)).toBe(own);
});

test('an origin is ours when it is the page that was asked, or the proxy that was set', () => {
  expect(isOwnOrigin('http://127.0.0.1:4820', '127.0.0.1:4820', ADDRESSES)).toBe(true);
  expect(isOwnOrigin('https://oskil.house:8443', '127.0.0.1:4820', ADDRESSES)).toBe(true);
  expect(isOwnOrigin('https://127.0.0.1:4820', '127.0.0.1:4820', ADDRESSES)).toBe(false);
  expect(isOwnOrigin('http://oskil.house:8443', 'oskil.house:8443', ADDRESSES)).toBe(false);
  expect(isOwnOrigin('null', '127.0.0.1:4820', ADDRESSES)).toBe(false);
});

test('what is set as names or as an address is read, or refused', () => {
  expect(readNames(' Tablet.house,oskil ')).toEqual(['tablet.house', 'oskil']);
  for (const wrong of ['http://x', 'a/b', '*.house', 'x:80']) expect(readNames(wrong)).toBeNull();
  expect(readOrigin('https://oskil.house/')).toBe('https://oskil.house');
  for (const wrong of ['oskil.house', 'https://oskil.house/x', 'ftp://x', 'https://u:p@x'])
    expect(readOrigin(wrong)).toBeNull();
});

test('one network of version 6 counts as one, and version 4 however it is written', () => {
  expect(networkOf('2001:db8:1:2:a:b:c:d')).toBe(networkOf('2001:db8:1:2::9'));
  expect(networkOf('2001:db8:1:3::9')).not.toBe(networkOf('2001:db8:1:2::9'));
  expect(networkOf('::ffff:192.0.2.7')).toBe('192.0.2.7');
  expect(networkOf('fe80::1%eth0')).toBe(networkOf('fe80::2'));
});

test('no clock makes a wait longer than is said', () => {
  for (const ago of [-1e9, -1, 0, 1e9])
    expect(waitLeft({ tries: 5, lastAgoS: ago }, 4)).toBeLessThanOrEqual(5);
});

test('names that look the same are the same, or refused', () => {
  for (const typed of ['Anna', ' An\u200bna ', 'Ａnna', 'Anna\u0000', 'An\u00adna'])
    expect(plainName(typed)).toBe('Anna');
  expect(mixesAlphabets('Аnna')).toBe(true);
  for (const fine of ['Анна', 'Anna-Lena Ö', 'Ελένη', '安娜', "O'Neill 2"])
    expect(mixesAlphabets(fine)).toBe(false);
});

test('a text that no database keeps is found wherever it is', () => {
  expect(unkeptAt({ a: [{ b: 'x\0' }] })).toBe('a.0.b');
  expect(unkeptAt({ a: '\ud83d' })).toBe('a');
  expect(unkeptAt({ 'k\udc00': 1 })).toBe('');
  expect(unkeptAt({ a: '😀 fine', b: [1, null, true] })).toBeNull();
});
