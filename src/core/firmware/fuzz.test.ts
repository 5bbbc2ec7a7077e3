import { fuzz } from './testing-fuzz';

test('mutated sticks, archives and images are all answered, and most of them refused', async () => {
  const { findings, answers } = await fuzz(900, 20_260_105, () => 0);
  expect(findings).toEqual([]);
  const refused = Object.entries(answers).filter(([answer]) => /bad|cut|refused|encrypted|traversal|too/.test(answer));
  expect(refused.reduce((sum, [, count]) => sum + count, 0)).toBeGreaterThan(200);
  expect(answers['stick: good']).toBeGreaterThan(10);
});
