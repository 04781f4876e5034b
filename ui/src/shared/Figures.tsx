import type { Wire } from "./api";

type FigureWire = Wire["Figure"];

/** Blades and turns are drawn with so many points; the eye cannot tell more apart. */
const point = (x: number, y: number) => `${x.toFixed(1)} ${y.toFixed(1)}`;

const onCircle = (x: number, y: number, radius: number, degrees: number) => {
  const angle = (degrees * Math.PI) / 180;
  return point(x + radius * Math.cos(angle), y + radius * Math.sin(angle));
};

function pathOf(points: number[]): string {
  const pairs = points.flatMap((x, i) => (i % 2 === 0 ? [point(x, points[i + 1] ?? 0)] : []));
  return `M${pairs.join("L")}`;
}

function arc([x = 0, y = 0, diameter = 0, from = 0, to = 0]: number[]): string {
  const radius = diameter / 2;
  const span = to - from;
  if (span >= 360) {
    const half = onCircle(x, y, radius, from + 180);
    const start = onCircle(x, y, radius, from);
    return `M${start}A${radius} ${radius} 0 1 1 ${half}A${radius} ${radius} 0 1 1 ${start}`;
  }
  const large = span > 180 ? 1 : 0;
  return `M${onCircle(x, y, radius, from)}A${radius} ${radius} 0 ${large} 1 ${onCircle(x, y, radius, to)}`;
}

function coil([x1 = 0, y1 = 0, x2 = 0, y2 = 0, breadth = 0, turns = 1]: number[]): string {
  const length = Math.hypot(x2 - x1, y2 - y1) || 1;
  const across = [(-(y2 - y1) / length) * (breadth / 2), ((x2 - x1) / length) * (breadth / 2)];
  const zigzag = Array.from({ length: turns * 2 }, (_, i) => {
    const part = (i + 0.5) / (turns * 2);
    const side = i % 2 === 0 ? 1 : -1;
    return point(
      x1 + (x2 - x1) * part + side * (across[0] ?? 0),
      y1 + (y2 - y1) * part + side * (across[1] ?? 0),
    );
  });
  return `M${[point(x1, y1), ...zigzag, point(x2, y2)].join("L")}`;
}

function blades([x = 0, y = 0, diameter = 0, count = 0]: number[]): string {
  return Array.from({ length: count }, (_, i) => {
    const angle = (i * 360) / count;
    const inner = onCircle(x, y, diameter * 0.16, angle);
    const control = onCircle(x, y, diameter * 0.36, angle + 8);
    return `M${inner}Q${control} ${onCircle(x, y, diameter * 0.46, angle + 34)}`;
  }).join("");
}

/** Whether a figure encloses a face that can be filled. */
export const isClosed = (figure: FigureWire): boolean =>
  ["box", "round", "area", "fan"].includes(figure.kind);

/** One piece of line work; `fill` is what a closed one is filled with. */
export function Figure({ figure, fill }: { figure: FigureWire; fill?: string | undefined }) {
  const { kind, at } = figure;
  const [x = 0, y = 0, a = 0, b = 0, corner = 0] = at;
  const filled = fill !== undefined && figure.weight !== "solid";
  const look = { className: `figure ${figure.weight}`, style: filled ? { fill } : undefined };
  switch (kind) {
    case "box":
      return <rect x={x} y={y} width={a} height={b} rx={corner} {...look} />;
    case "round":
      return <circle cx={x} cy={y} r={a / 2} {...look} />;
    case "fan":
      return (
        <g>
          <circle cx={x} cy={y} r={a / 2} {...look} />
          <path d={blades(at)} className="figure fine open" />
        </g>
      );
    case "area":
      return <path d={`${pathOf(at)}Z`} {...look} />;
    default:
      return <path d={openPath(figure)} className={`figure ${figure.weight} open`} />;
  }
}

/** The stroke of a figure that encloses nothing. */
export function openPath({ kind, at }: FigureWire): string {
  return kind === "arc" ? arc(at) : kind === "coil" ? coil(at) : pathOf(at);
}
