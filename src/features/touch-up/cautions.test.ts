import { stepCautions, STOP_USE } from './cautions';

const stone = { kind: 'stone', task: 'restore the apex', form: 'plate', direction: 'edge leading' };
const strop = { kind: 'strop', task: 'strop', direction: 'edge trailing' };
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

  it('a tool that is not sound stops, and the law comes first', () => {
    expect(STOP_USE).toMatch(/Cracked haft, loose head or cracked blade: stop/);
    expect(STOP_USE).toContain('local law');
  });
});
