import { Button } from "react-bootstrap";
import type { Wire } from "./api";

/** What a drawing shows: the whole machine, one layer of it, or the run of the belt. */
export type Stage = { kind: "whole" } | { kind: "layer"; layer: string } | { kind: "belt" };

export const WHOLE: Stage = { kind: "whole" };

/** The stages of a layout, in the order in which it is opened up. */
export const stagesOf = (layout: Wire["LayoutWire"]): Stage[] => [
  WHOLE,
  ...layout.layers.map(({ layer }): Stage => ({ kind: "layer", layer })),
  ...(layout.belt ? [{ kind: "belt" } as const] : []),
];

const same = (a: Stage, b: Stage) =>
  a.kind === b.kind && (a.kind !== "layer" || b.kind !== "layer" || a.layer === b.layer);

/** The stage after this one; after the last comes the first. */
export function stageAfter(layout: Wire["LayoutWire"], stage: Stage): Stage {
  const all = stagesOf(layout);
  return all[(all.findIndex((s) => same(s, stage)) + 1) % all.length] ?? WHOLE;
}

type Props = { layout: Wire["LayoutWire"]; stage: Stage; onStage: (stage: Stage) => void; hint?: string };

/** Chooses how far the drawing is opened: layers outside the chosen one are hidden. */
export function Stages({ layout, stage, onStage, hint }: Props) {
  const name = (of: Stage) =>
    of.kind === "whole"
      ? "whole machine"
      : of.kind === "belt"
        ? "belt path"
        : layout.layers.find((l) => l.layer === of.layer)?.name;
  return (
    <div className="stages" role="group" aria-label="View">
      {stagesOf(layout).map((of) => (
        <Button
          key={of.kind === "layer" ? of.layer : of.kind}
          variant="link"
          size="sm"
          aria-pressed={same(of, stage)}
          onClick={() => onStage(of)}
        >
          {name(of)}
        </Button>
      ))}
      {hint && <kbd>{hint}</kbd>}
    </div>
  );
}
