import { useState } from "react";
import { Button } from "react-bootstrap";
import { Link, useParams } from "react-router";
import type { Wire } from "../shared/api";
import { BeltPath } from "../shared/BeltPath";
import { fuelName, sentence } from "../shared/format";
import { MachineDrawing, placesOf } from "../shared/MachineDrawing";
import { Masthead } from "../shared/Masthead";
import { PartPicture, pictureOf, usePictures } from "../shared/PartPicture";
import { stageAfter, Stages, type Stage, WHOLE } from "../shared/Stages";
import { useKeys } from "../shared/useKeys";
import { useLayouts } from "../shared/useLayouts";
import { BuiltModels } from "./BuiltModels";
import { OftenConfused } from "./OftenConfused";
import "./models.css";

const NONE = new Map();

/** One construction: drawn layer by layer, with every place and its part type. */
export function ConstructionPage() {
  const { appliance = "", layout: id } = useParams();
  const layouts = useLayouts(appliance);
  const layout = layouts.find((l) => l.layout === id);
  return (
    <>
      <Masthead />
      <main id="main" className="place lists machines">
        <h1>
          <Link to="/models">Models</Link> · {layout ? `${sentence(appliance)} · ${layout.name}` : appliance}
        </h1>
        {layout ? (
          <Drawn key={layout.layout} appliance={appliance} layout={layout} />
        ) : (
          <p className="soft">
            {layouts.length === 0 ? "Loading the drawing …" : `There is no ${appliance} construction ${id}.`}
          </p>
        )}
      </main>
    </>
  );
}

function Drawn({ appliance, layout }: { appliance: string; layout: Wire["LayoutWire"] }) {
  const [stage, setStage] = useState<Stage>(WHOLE);
  const [fuel, setFuel] = useState(layout.fuels[0] ?? "electric");
  const [pointed, setPointed] = useState<string | null>(null);
  const pictures = usePictures(appliance);
  useKeys({ l: () => setStage(stageAfter(layout, stage)) });
  const layers = layout.layers.filter((l) => stage.kind !== "layer" || l.layer === stage.layer);
  return (
    <>
      <div className="construction">
        <section className="card-plain" aria-label="Drawing">
          <Stages layout={layout} stage={stage} onStage={setStage} hint="L" />
          {stage.kind === "belt" && layout.belt ? (
            <BeltPath belt={layout.belt} layout={layout} />
          ) : (
            <MachineDrawing
              layout={layout}
              fuels={[fuel]}
              marks={NONE}
              layer={stage.kind === "layer" ? stage.layer : null}
              pointed={pointed}
              onPoint={(place) => setPointed(place?.slot ?? null)}
              onPick={(place) => setPointed(place.slot)}
            />
          )}
          <div className="row-line small soft">
            {layout.seen} Tag location: {layout.tag.charAt(0).toLowerCase() + layout.tag.slice(1)}
          </div>
          {appliance === "dryer" && (
            <div className="row-line d-flex gap-2 align-items-baseline" role="group" aria-label="Fuel">
              {layout.fuels.map((f) => (
                <Button
                  key={f}
                  variant="quiet"
                  size="sm"
                  aria-pressed={f === fuel}
                  className={f === fuel ? "fw-bold" : ""}
                  onClick={() => setFuel(f)}
                >
                  {fuelName(f)}
                </Button>
              ))}
            </div>
          )}
        </section>
        <section className="card-plain places" aria-label="Places" tabIndex={0}>
          {layers.map((l) => (
            <div key={l.layer}>
              <h2>{sentence(l.name)}</h2>
              <ul>
                {placesOf(layout, [fuel])
                  .filter((place) => place.layer === l.layer)
                  .map((place) => (
                    <li
                      key={place.slot}
                      className={place.slot === pointed ? "picked" : undefined}
                      onMouseEnter={() => setPointed(place.slot)}
                      onMouseLeave={() => setPointed(null)}
                    >
                      <PlaceLine place={place} pictures={pictures} />
                    </li>
                  ))}
              </ul>
            </div>
          ))}
        </section>
      </div>
      <BuiltModels appliance={appliance} layout={layout.layout} />
      {pictures && <OftenConfused pictures={pictures} />}
    </>
  );
}

function PlaceLine({ place, pictures }: { place: Wire["PlaceWire"]; pictures: Wire["PicturesWire"] | null }) {
  const picture = pictureOf(pictures, place.partType);
  return (
    <>
      {pictures && picture && <PartPicture figures={picture.figures} side={pictures.side} />}
      <span>
        <b>{sentence(place.name)}</b>
        {place.quantity > 1 && ` ×${place.quantity}`}{" "}
        {picture && picture.name !== place.name && <span className="small">({picture.name})</span>}
        <span className="small soft d-block">{sentence(place.where)}</span>
      </span>
    </>
  );
}
