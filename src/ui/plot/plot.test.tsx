/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { scaleLinear, scaleLog } from 'd3-scale';
import { Band, Course, Grip, LevelAxis, Plot, ticksAt } from '.';

const margin = { left: 50, right: 10, top: 10, bottom: 40 };

describe('the ground of a chart', () => {
  it('draws values upwards and to the right within its margins, and says itself', () => {
    render(
      <Plot
        height={200}
        margin={margin}
        label="strokes against grams"
        firstWidth={460}
        x={(range) => scaleLinear([0, 10], range)}
        y={(range) => scaleLinear([0, 100], range)}
      >
        {({ x, y }) => <Course data={[0, 10]} x={x} y={(n) => y(10 * n)} />}
      </Plot>,
    );
    const path = screen.getByRole('img', { name: 'strokes against grams' }).querySelector('path')!;
    expect(path.getAttribute('d')).toBe('M50,160L450,10');
  });

  it('reads a finger by its scale', () => {
    const heard: number[] = [];
    render(
      <Plot
        height={100}
        margin={margin}
        label="grams"
        firstWidth={460}
        x={(range) => scaleLinear([0, 400], range)}
        y={(range) => range}
        onScrub={(px, x) => heard.push(x.invert(px))}
      >
        {() => null}
      </Plot>,
    );
    const svg = screen.getByRole('img');
    Object.assign(svg, {
      setPointerCapture: () => {},
      getBoundingClientRect: () => ({ left: 20, width: 920 }),
    });
    // The picture is shown at twice its own size.
    const finger = (type: string, clientX: number, buttons: number) =>
      fireEvent(svg, new MouseEvent(type, { clientX, buttons, bubbles: true }));
    finger('pointerdown', 20 + 2 * 250, 1);
    finger('pointermove', 20 + 2 * 150, 1);
    finger('pointermove', 20, 0);
    expect(heard).toEqual([200, 100]);
  });
});

describe('a grip', () => {
  const grip = (at: number, onMove: (at: number) => void) => (
    <svg>
      <Grip
        x={0}
        y={0}
        at={at}
        count={5}
        label="Grams"
        value={{ least: 0, most: 400, now: 100 * at, words: `${100 * at} g` }}
        onMove={onMove}
      />
    </svg>
  );

  it('goes from stop to stop by keys, and never past its ends', () => {
    const moves: number[] = [];
    const { rerender } = render(grip(2, (at) => moves.push(at)));
    const press = (key: string) => fireEvent.keyDown(screen.getByRole('slider'), { key });
    ['ArrowLeft', 'ArrowUp', 'Home', 'End', 'a'].forEach(press);
    rerender(grip(4, (at) => moves.push(at)));
    press('ArrowRight');
    expect(moves).toEqual([1, 3, 0, 4, 4]);
    expect(screen.getByRole('slider').getAttribute('aria-valuetext')).toBe('400 g');
  });
});

it('shows the chosen levels that lie within a scale, whichever way it runs', () => {
  const keenAtTop = scaleLog([0.5, 10], [0, 100]);
  expect(ticksAt(keenAtTop, [0.2, 0.5, 5, 20], (um) => `${um} µm`).map((t) => t.label)).toEqual([
    '0.5 µm',
    '5 µm',
  ]);
  const upwards = scaleLinear([100, 0], [0, 100]);
  expect(ticksAt(upwards, [0, 50, 101])).toHaveLength(2);
});

it('one value alone is no course and has no band', () => {
  const { container } = render(
    <svg>
      <Course data={[1]} x={(n) => n} y={(n) => n} />
      <Band data={[1]} x={(n) => n} low={(n) => n} high={(n) => n} />
      <LevelAxis frame={{ left: 0, right: 9, top: 0, bottom: 9, width: 9, height: 9 }} ticks={[]} />
    </svg>,
  );
  expect(container.querySelectorAll('path')).toHaveLength(0);
});
