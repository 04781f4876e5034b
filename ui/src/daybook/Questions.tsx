import type { Wire } from "../shared/api";
import { many, sentence } from "../shared/format";
import { Bars } from "./Bars";

type Asked = Wire["AskedWire"];

/** So many of the best and of the worst are shown, of those asked so often; the table has them all. */
const SHOWN = 5;
const OFTEN = 5;

/** By so many bits an answer must move what it was, or it told nothing. */
const NOTHING = 0.05;

/** The questions whose answers told most, and those that were asked for nothing. */
export function Questions({ questions }: { questions: Asked[] }) {
  const often = questions.filter((q) => q.times >= OFTEN);
  const told = often.filter((q) => q.meanBits > NOTHING).slice(0, SHOWN);
  const useless = often.filter((q) => q.meanBits <= NOTHING).slice(-SHOWN);
  if (often.length === 0) {
    return <p className="soft small">No question was asked {OFTEN} times yet.</p>;
  }
  return (
    <>
      {told.length > 0 && (
        <>
          <p className="group">Told most: by how much what it was became likelier</p>
          <Bars
            rows={told.map((q) => ({
              label: sentence(q.question),
              value: q.meanBits,
              said: `× ${(2 ** q.meanBits).toFixed(1)}, asked ${many(q.times, "time")}`,
            }))}
          />
        </>
      )}
      {useless.length > 0 && (
        <>
          <p className="group">Asked for nothing</p>
          <ul className="useless">
            {useless.map((q) => (
              <li key={q.finding} className="bar-words">
                <span>{sentence(q.question)}</span>{" "}
                <span className="soft">
                  {q.meanBits < -NOTHING && "led away, "}asked {many(q.times, "time")}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
