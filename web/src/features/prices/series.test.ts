import { describe, expect, it } from 'vitest';
import { months, nearest, path, scale, standing, type Series } from './series';

const line: Series = {
  name: 'accepted',
  tone: 'moss',
  points: [
    { day: '2026-01-01', value: 100 },
    { day: '2026-01-11', value: 120 },
    { day: '2026-03-02', value: 110, gap: true },
  ],
};

describe('a chart', () => {
  it('has round figures along its side', () => {
    expect(scale([line], 600, 200)!.ticks).toEqual([100, 105, 110, 115, 120]);
  });

  it('names the months that it spans, and not too many', () => {
    expect(months('2026-01-15', '2026-04-01')).toEqual(['2026-02-01', '2026-03-01', '2026-04-01']);
    expect(months('2024-01-01', '2026-01-01').length).toBeLessThan(10);
  });

  it('breaks the line where days are not known', () => {
    const drawn = path(line, scale([line], 600, 200)!);
    expect(drawn.match(/M/g)).toHaveLength(2);
    expect(drawn.match(/L/g)).toHaveLength(1);
  });

  it('goes on at the old price until the day of the new one', () => {
    const at = scale([line], 600, 200)!;
    const [x, before, after] = [at.x('2026-01-11'), at.y(100), at.y(120)].map((n) => Number(n.toFixed(1)));
    expect(path({ ...line, steps: true }, at)).toContain(`M0,${before}L${x},${before}L${x},${after}`);
  });

  it('tells what stood on a day, and nothing before the first', () => {
    expect(standing([line], '2026-02-01')[0]!.point!.value).toBe(120);
    expect(standing([line], '2025-12-31')[0]!.point).toBeUndefined();
  });

  it('does not stretch to a price that was not believed, which stands for its day alone', () => {
    const refused: Series = {
      name: 'not let count',
      tone: 'soft',
      dots: true,
      points: [{ day: '2026-01-20', value: 9900 }],
    };
    const at = scale([line, refused], 600, 200)!;
    expect(at.ticks.at(-1)).toBeLessThan(130);
    expect(at.y(9900)).toBe(0);
    expect(at.y(1)).toBe(200);
    expect(standing([line, refused], '2026-01-20').map((s) => s.point?.value)).toEqual([120, 9900]);
    expect(standing([line, refused], '2026-01-21').map((s) => s.point?.value)).toEqual([120, undefined]);
    expect(scale([{ ...refused }], 600, 200)!.ticks.length).toBeGreaterThan(1);
  });

  it('finds the day under the pointer', () => {
    const at = scale([line], 600, 200)!;
    expect(nearest([line], at, 0)).toBe('2026-01-01');
    expect(nearest([line], at, 599)).toBe('2026-03-02');
  });

  it('draws nothing of nothing', () => {
    expect(scale([], 600, 200)).toBeNull();
  });
});
