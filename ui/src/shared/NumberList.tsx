import { Link } from "react-router";

type Props = {
  title: string;
  rows: { number: string; to: string; words?: string; figure?: string }[];
};

/** Numbers under a heading, each leading to its page; nothing where there are none. */
export function NumberList({ title, rows }: Props) {
  if (rows.length === 0) {
    return null;
  }
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      <ul className="card-plain candidates">
        {rows.map(({ number, to, words, figure }) => (
          <li key={number}>
            <Link to={to}>
              <span className="code">{number}</span>
              <span className="small">{words}</span>
              <span className="numeric small">{figure}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
