import { inputOf } from '../casework';
import { desktopWithLights, stateOf } from '../casework/testing-log';
import { createDiagnoser } from '.';

test('undecided is said well: what is left, and what would decide it', () => {
  const diagnose = createDiagnoser();
  const spares = ['card', 'board', 'processor', 'supply', 'cord', 'module', 'drive'];
  const trials: (readonly [string, string])[] = [['start', 'at-graphics']];
  // Nothing that is looked at shows anything, and nothing that is tried helps.
  for (;;) {
    const state = stateOf({
      machine: { ...desktopWithLights, builtInGraphics: false },
      reported: 'at-graphics',
      trials,
    });
    const { advice } = diagnose({ ...inputOf(state), lacking: { tools: [], spares } });
    if (advice.trial === null || trials.length > 45) {
      expect(advice.kind).toBe('undecided');
      expect(advice.why).toMatch(/^Still possible: .*replace the graphics card \(\d+ %\)/);
      expect(advice.why).toContain('What would decide it: spare card (swap in a known-good graphics card and start');
      return;
    }
    const [sound] = advice.trial.outcomes;
    trials.push([advice.trial.id, advice.trial.kind === 'start' ? 'at-graphics' : (sound?.id ?? '')]);
  }
});
