import { parseIdentity, parseReading } from '.';

test.each([
  ['+1.2034E+01', 12.034],
  ['5.04\r', 5.04],
  ['-1.2E1', -12],
  ['.5', 0.5],
  ['12', 12],
])('%s is a reading', (line, value) => expect(parseReading(line)).toEqual({ ok: true, value }));

test.each([
  ['9.9E37', 'over-range'],
  ['+9.90000000E+37', 'over-range'],
  ['-9.9E38', 'over-range'],
  ['', 'garbage'],
  ['12.0 V', 'garbage'],
  ['1.2.3', 'garbage'],
  ['NAN', 'garbage'],
  ['1E9999', 'garbage'],
  ['þ%?#', 'garbage'],
] as const)('"%s" is none: %s', (line, code) => expect(parseReading(line)).toEqual({ ok: false, code }));

test('a meter names its maker, model, serial number and firmware', () => {
  expect(parseIdentity('BAY WORKS,M-3,0042,1.7\r\n')).toEqual({
    maker: 'BAY WORKS',
    model: 'M-3',
    serial: '0042',
    firmware: '1.7',
  });
});

test.each(['', 'BAY WORKS', 'a,b,c', 'a,b,c,d,e', ',b,c,d', 'a\u0007,b,c,d'])('"%s" is no identity', (line) =>
  expect(parseIdentity(line)).toBeNull(),
);
