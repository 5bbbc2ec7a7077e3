import { labelPath } from './label-path';

const id = '0d3a0b00-0000-4000-8000-000000000001';

test.each([
  [`http://bench.example:4870/shelf/${id}`, `/shelf/${id}`],
  [`https://probe.example/cases/${id}`, `/cases/${id}`],
  [`https://probe.example/cases/${id}/close`, null],
  ['https://probe.example/shelf/../account', null],
  [`javascript:/shelf/${id}`, `/shelf/${id}`],
  ['S-0007', null],
  ['', null],
])('%s leads to %s', (text, path) => expect(labelPath(text)).toBe(path));
