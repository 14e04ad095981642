import { STOP_USE } from './stopWords';
import { stepCautions } from './cautions';
import { handWords, sideWords } from './handWords';

const filing = {
  kind: 'stone',
  task: 'file the spine square',
  form: 'file',
  direction: 'edge leading',
};
const stone = { kind: 'stone', task: 'restore the apex', form: 'plate', direction: 'edge leading' };
const strop = { kind: 'strop', task: 'strop', form: null, direction: 'edge trailing' };
const said = (step: object, form: 'knife' | 'axe' | 'machete', first = false): string =>
  stepCautions(step as Parameters<typeof stepCautions>[0], form, first).join(' ');

describe('cautions come at the step where they matter', () => {
  it('a seat, light and dressing once, at the first step', () => {
    expect(said(stone, 'knife', true)).toContain('nobody within reach');
    expect(said(stone, 'knife')).not.toContain('nobody within reach');
  });

  it('a glove for axes and machetes', () => {
    expect(said(stone, 'axe', true)).toContain('glove');
    expect(said(stone, 'machete', true)).toContain('glove');
    expect(said(stone, 'knife', true)).not.toContain('glove');
  });

  it('eyes at the file, fingers at the stone, a board at the strop', () => {
    expect(said({ ...stone, form: 'file' }, 'axe')).toContain('Eye protection');
    expect(said(stone, 'knife')).toContain('Fingers below and behind');
    expect(said(strop, 'knife')).toContain('never on thigh or palm');
    expect(said(strop, 'knife')).toContain('from spine toward edge');
  });

  it('knuckles at the spine, and the hand behind the steel at a hone', () => {
    expect(said(filing, 'machete')).toContain('Knuckles face the sharp edge');
    expect(said(filing, 'machete')).toContain('Eye protection');
    expect(said({ ...filing, task: 'raise the hook' }, 'machete')).not.toContain('Eye protection');
    expect(said(stone, 'machete')).not.toContain('Knuckles');
    const hone = { ...stone, task: 'lay a turned edge straight', direction: 'edge trailing' };
    expect(said(hone, 'knife')).toContain('away from the hand that holds it');
  });

  it('sides are cheeks on an axe, and ends on a spine that is filed', () => {
    const step = { task: 'restore the apex', motion: 'sweeps', direction: 'edge leading' } as const;
    expect(sideWords(step, 'left', true)).toBe('left cheek up');
    expect(sideWords(step, 'right', false)).toBe('right side up');
    expect(sideWords({ ...step, task: 'stone the spine' }, 'left', false)).toBe(
      'from the left end',
    );
    expect(handWords(step)).toBe('Sweeps, edge leading');
    expect(handWords({ ...step, task: 'strop the spine' })).toContain('then the spine');
  });

  it('a tool that is not sound stops, and the law comes first', () => {
    expect(STOP_USE).toMatch(/Cracked haft, loose head or cracked blade: stop/);
    expect(STOP_USE).toContain('local law');
  });
});
