import { desktopWithLights, diagnosisOf, probabilityOf, type BriefLog } from '../casework/testing-log';

/** Signs that more than one fault may show, and what tells those apart. */

test.each<[string, NonNullable<BriefLog['trials']>, string, string]>([
  [
    'fans that race with the card in its slot, and not with another card: it is the card',
    [
      ['start', 'fans-full'],
      ['look/card-seat/card', 'seated'],
      ['fix/seat-card@card', 'fans-full'],
      ['spare/card', 'works'],
      ['back/card', 'fans-full'],
    ],
    'card-dead@card',
    'card-not-seated@card',
  ],
  [
    'a bulging part on the board explains a loop better than a slow supply',
    [
      ['start', 'loop'],
      ['look/board-signs/board', 'damage'],
    ],
    'board-short@board',
    'supply-slow@supply',
  ],
  [
    'a drive that clicks has its leads in',
    [
      ['start', 'no-boot'],
      ['look/drive-sound/drive', 'clicks'],
    ],
    'drive-dead@drive',
    'drive-lead-loose@drive',
  ],
  [
    'a label is read of a module that lies beside the machine as well',
    [
      ['start', 'at-memory'],
      ['only/module-2/slot-A2', 'works'],
      ['look/module-label/module-1', 'other-kind'],
    ],
    'module-of-another-kind@module-1',
    'module-dead@module-1',
  ],
  [
    'a supply that is low before any load is worn',
    [
      ['start', 'works'],
      ['measure/rail-12/supply', 'low', 11.3],
      ['run-under-load', 'cuts-out'],
    ],
    'supply-too-small@supply',
    'cooling-clogged@cooler',
  ],
])('%s', (_name, trials, likelier, other) => {
  const diagnosis = diagnosisOf({ machine: { ...desktopWithLights, builtInGraphics: false }, trials });
  expect(probabilityOf(diagnosis, likelier)).toBeGreaterThan(0.2);
  expect(probabilityOf(diagnosis, likelier)).toBeGreaterThan(4 * probabilityOf(diagnosis, other));
});
