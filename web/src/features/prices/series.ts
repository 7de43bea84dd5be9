import { scaleLinear, scaleUtc } from 'd3-scale';
import { curveLinear, curveStepAfter, line } from 'd3-shape';

/** A line of a chart: a name and what it stands at on some days; where `gap` is set the line is broken before it. */
export interface Point {
  day: string;
  value: number;
  gap?: boolean;
}
export interface Series {
  name: string;
  points: Point[];
  /** Drawn as steps, as a price is; else from point to point. */
  steps?: boolean;
  /** Each point stands for itself and its day alone, as a price that was not believed; the scale does not stretch to it. */
  dots?: boolean;
  tone: 'moss' | 'ink' | 'slate' | 'soft';
}

export interface Scale {
  x: (day: string) => number;
  y: (value: number) => number;
  ticks: number[];
  months: string[];
}

const time = (day: string) => new Date(day).getTime();

/** The first days of some months between two days, not more than nine of them. */
export function months(from: string, to: string): string[] {
  const list: string[] = [];
  const at = new Date(`${from.slice(0, 7)}-01T00:00:00Z`);
  while (at.getTime() <= time(to)) {
    if (at.getTime() >= time(from)) list.push(at.toISOString().slice(0, 10));
    at.setUTCMonth(at.getUTCMonth() + 1);
  }
  const every = Math.ceil(list.length / 9);
  return list.filter((_, i) => i % every === 0);
}

export function scale(series: Series[], width: number, height: number): Scale | null {
  const all = series.flatMap((s) => s.points);
  if (all.length === 0) return null;
  const days = all.map((p) => p.day).sort();
  const [from, to] = [days[0]!, days.at(-1)!];
  const lines = series.filter((s) => !s.dots && s.points.length);
  const values = (lines.length ? lines : series).flatMap((s) => s.points).map((p) => p.value);
  const spread = Math.max(...values) - Math.min(...values) || Math.max(...values) * 0.1 || 1;
  const [low, high] = [Math.min(...values) - spread * 0.08, Math.max(...values) + spread * 0.08];
  const x = scaleUtc()
    .domain([time(from), time(to)])
    .range([0, width]);
  // What lies beyond the scale lies at its edge.
  const y = scaleLinear().domain([low, high]).range([height, 0]).clamp(true);
  return { x: (day) => (from === to ? 0 : x(time(day))), y, ticks: y.ticks(5), months: months(from, to) };
}

/** The line as an SVG path, broken before each gap. */
export function path(series: Series, at: Scale): string {
  const draw = line<Point>()
    .x((p) => at.x(p.day))
    .y((p) => at.y(p.value))
    .curve(series.steps ? curveStepAfter : curveLinear)
    .digits(1);
  return unbroken(series.points)
    .map((part) => draw(part))
    .join('');
}

/** The points in runs without a gap. */
function unbroken(points: Point[]): Point[][] {
  const runs: Point[][] = [];
  for (const point of points) {
    if (point.gap || !runs.length) runs.push([]);
    runs.at(-1)!.push(point);
  }
  return runs;
}

/** Of each line the last point that is not after a day; of dots that of the day. */
export function standing(series: Series[], day: string): { name: string; point: Point | undefined }[] {
  return series.map((s) => ({
    name: s.name,
    point: s.points.findLast((p) => (s.dots ? p.day === day : p.day <= day)),
  }));
}

/** The day of all that is nearest to a place on the chart. */
export function nearest(series: Series[], at: Scale, x: number): string | undefined {
  const days = [...new Set(series.flatMap((s) => s.points.map((p) => p.day)))];
  return days.sort((a, b) => Math.abs(at.x(a) - x) - Math.abs(at.x(b) - x))[0];
}
