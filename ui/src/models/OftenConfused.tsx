import type { Wire } from "../shared/api";
import { sentence } from "../shared/format";
import { PartPicture, pictureOf } from "../shared/PartPicture";

type Pictures = Wire["PicturesWire"];
type Shown = { name: string; tell: string; figures: Wire["Figure"][] };

/** Parts that are often confused, side by side: those that share a word, and variants of one name. */
export function OftenConfused({ pictures }: { pictures: Pictures }) {
  const words = Object.values(
    Object.fromEntries(pictures.words.map((w) => [w.partTypes.join(" "), w] as const)),
  );
  return (
    <section aria-label="Often confused">
      <h2>Often confused</h2>
      <div className="look-alikes">
        {words.map((word) => (
          <Row
            key={word.word}
            title={`“${word.word}”`}
            shown={word.partTypes.flatMap((type) => pictureOf(pictures, type) ?? [])}
            side={pictures.side}
          />
        ))}
        {pictures.partTypes
          .filter((type) => type.kinds.length > 0)
          .map((type) => (
            <Row key={type.partType} title={sentence(type.name)} shown={type.kinds} side={pictures.side} />
          ))}
      </div>
    </section>
  );
}

function Row({ title, shown, side }: { title: string; shown: Shown[]; side: number }) {
  return (
    <div className="card-plain">
      <span className="bin-tab">{title}</span>
      <ul>
        {shown.map((one) => (
          <li key={one.name}>
            <PartPicture figures={one.figures} side={side} />
            <b>{sentence(one.name)}</b>
            <span className="small soft">{one.tell}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
