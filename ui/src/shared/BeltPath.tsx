import { useId } from "react";
import type { Wire } from "./api";
import "./drawing.css";
import { length, sentence } from "./format";

type Belt = Wire["BeltPath"];
type Station = Wire["BeltPathStation"];
type Layout = Wire["LayoutWire"];

/** Air round the pulleys, and below them for their names, in millimeters. */
const AIR = 40;
const BELOW = 120;

const radius = (pulley: { diameterMm: number }) => pulley.diameterMm / 2;

/** The closed line of the belt as an SVG path, moved so far to its inside; on the sheet y grows downwards. */
function runOf(stations: Station[], inset = 0): string {
  const touched = stations.filter((s) => s.wrapDegrees > 0);
  const parts = touched.map((s, index) => {
    const r = radius(s) + (s.side === "inside" ? -inset : inset);
    const at = ({ xMm, yMm }: { xMm: number; yMm: number }) =>
      `${s.xMm + ((xMm - s.xMm) * r) / radius(s)} ${-(s.yMm + ((yMm - s.yMm) * r) / radius(s))}`;
    const large = s.wrapDegrees > 180 ? 1 : 0;
    const clockwise = s.side === "inside" ? 1 : 0;
    return `${index === 0 ? "M" : "L"}${at(s.on)}A${r} ${r} 0 ${large} ${clockwise} ${at(s.off)}`;
  });
  return `${parts.join("")}Z`;
}

/** The sides of the machine as they stand in the drawing: the left one first. */
const sidesOf = (belt: Belt) => (belt.from === "rear" ? ["RIGHT", "LEFT"] : ["LEFT", "RIGHT"]);

function nameOf(station: Station, stations: Station[]): string {
  if (station.role !== "idler") {
    return station.role === "drum" ? "drum" : "motor pulley";
  }
  const idlers = stations.filter((s) => s.role === "idler");
  return idlers.length < 2 ? "idler" : station === idlers[0] ? "first idler" : "second idler";
}

/** A direction in words, as seen in the drawing. */
function towards({ xMm, yMm }: { xMm: number; yMm: number }): string {
  const up = Math.abs(yMm) > Math.abs(xMm) / 2 ? (yMm > 0 ? "up" : "down") : "";
  const across = Math.abs(xMm) > Math.abs(yMm) / 2 ? `to the ${xMm > 0 ? "right" : "left"}` : "";
  return [up, across].filter(Boolean).join(" and ");
}

/** What the run of a belt comes to, a line each. */
function saidOf(belt: Belt): string[] {
  const lines = belt.stations.map((station) => {
    const face = station.face === "ribbed" ? "ribs" : "flat face";
    const way = station.role === "idler" ? `; the belt runs ${station.over ? "over" : "under"} it` : "";
    return `${sentence(nameOf(station, belt.stations))}: ${face} on it, ${Math.round(station.wrapDegrees)}° of wrap${way}.`;
  });
  const pushes = belt.stations.flatMap((s) => {
    const name = nameOf(s, belt.stations);
    return s.travel
      ? `To slip the belt off, push the ${name} ${length(Math.hypot(s.travel.xMm, s.travel.yMm))} ${towards(s.travel)}, against its spring.`
      : [];
  });
  return [...lines, ...pushes, `This gives ${length(belt.slackMm)} of slack.`];
}

/** The run of a belt, to scale: what it touches and with which face, and how far the idler gives way. */
export function BeltPath({ belt, layout }: { belt: Belt; layout: Layout }) {
  return (
    <figure className="belt">
      <BeltDrawing belt={belt} layout={layout} />
      <figcaption>
        <p>
          <b>{length(belt.lengthMm)}</b> around the pulleys, drawn to scale, seen from the {belt.from}.
        </p>
        <ul>
          {saidOf(belt).map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        <p className="soft">
          Typical of this construction ({belt.basis}); order by the length listed in the catalog.
        </p>
      </figcaption>
    </figure>
  );
}

function BeltDrawing({ belt, layout }: { belt: Belt; layout: Layout }) {
  const tip = `${useId()}-tip`;
  const discs = [...belt.stations, ...belt.pushed, ...belt.rests];
  const left = Math.min(...discs.map((d) => d.xMm - radius(d))) - AIR;
  const right = Math.max(...discs.map((d) => d.xMm + radius(d))) + AIR;
  const top = Math.max(...discs.map((d) => d.yMm + radius(d))) + AIR;
  const bottom = Math.min(...discs.map((d) => d.yMm - radius(d))) - BELOW;
  const ribsInside = belt.stations.some((s) => s.side === "inside" && s.face === "ribbed");
  const [first, second] = sidesOf(belt);
  return (
    <svg
      className="belt-path"
      viewBox={`${left} ${-top} ${right - left} ${top - bottom}`}
      role="img"
      aria-label={`Belt path, seen from the ${belt.from}. ${saidOf(belt).join(" ")}`}
    >
      <defs>
        <marker id={tip} viewBox="0 0 8 8" refX="7" refY="4" markerWidth="5" markerHeight="5" orient="auto">
          <path d="M0 0L8 4L0 8Z" className="tip" />
        </marker>
      </defs>
      {belt.rests.map((rest) => (
        <Rest key={`${rest.slot} ${rest.xMm}`} rest={rest} layout={layout} />
      ))}
      {belt.stations.map((s) => (
        <circle
          key={`${s.role} ${s.xMm}`}
          cx={s.xMm}
          cy={-s.yMm}
          r={radius(s)}
          className={`pulley ${s.role}`}
        />
      ))}
      <path d={runOf(belt.pushed)} className="slackened" />
      <path d={runOf(belt.stations)} className="run" />
      <path d={runOf(belt.stations, ribsInside ? 8 : -8)} className="ribs" />
      {belt.stations.map((s) => (
        <PulleyName key={`${s.role} ${s.xMm}`} station={s} stations={belt.stations} tip={tip} />
      ))}
      <text x={left + 6} y={-bottom - 8} className="side">
        {first}
      </text>
      <text x={right - 6} y={-bottom - 8} className="side end">
        {second}
      </text>
    </svg>
  );
}

function Rest({ rest, layout }: { rest: Wire["BeltPathRest"]; layout: Layout }) {
  const name = layout.places.find((p) => p.slot === rest.slot)?.name.replace(" drum", "");
  const below = -rest.yMm + radius(rest) + 34;
  return (
    <>
      <circle cx={rest.xMm} cy={-rest.yMm} r={radius(rest)} className="rest" />
      <text
        x={rest.xMm + Math.sign(rest.xMm) * radius(rest)}
        y={below}
        className={`soft rest-name ${rest.xMm === 0 ? "middle" : rest.xMm < 0 ? "" : "end"}`}
      >
        {name}
      </text>
    </>
  );
}

function PulleyName({ station: s, stations, tip }: { station: Station; stations: Station[]; tip: string }) {
  const between = s.role === "motor" && stations.filter((other) => other.role === "idler").length > 1;
  const aside = s.xMm >= 0 ? 1 : -1;
  const drop = stations.length > 3 ? -10 : 50;
  const beside = { x: s.xMm + aside * (radius(s) + 24), y: drop - s.yMm, set: aside > 0 ? "" : "end" };
  const below = { x: s.xMm, y: 56 - s.yMm, set: "middle" };
  const drum = { x: 0, y: -140, set: "middle" };
  const { x, y, set } = s.role === "drum" ? drum : between ? below : beside;
  return (
    <>
      {s.travel && (
        <path
          d={`M${s.xMm} ${-s.yMm}l${s.travel.xMm * 3} ${-s.travel.yMm * 3}`}
          className="travel"
          markerEnd={`url(#${tip})`}
        />
      )}
      <text x={x} y={y} className={set}>
        {nameOf(s, stations)}
      </text>
      <text x={x} y={y + 36} className={`soft ${set}`}>
        {s.face === "ribbed" ? "ribs on it" : "flat face on it"}
      </text>
    </>
  );
}
