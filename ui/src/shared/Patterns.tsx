/** Hatch, dots and lines for suspicion: four that differ without their colors, too. */
export function Patterns({ id }: { id: string }) {
  return (
    <defs>
      <pattern id={`${id}-1`} width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" className="wash" />
        <path d="M0 0L5 5M5 0L0 5" className="hatch" />
      </pattern>
      <pattern id={`${id}-2`} width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" className="wash brass" />
        <rect x="1" y="1" width="2.4" height="2.4" className="dot" />
      </pattern>
      <pattern id={`${id}-3`} width="4" height="4" patternUnits="userSpaceOnUse">
        <rect width="4" height="4" className="blank" />
        <path d="M0 4L4 0" className="thin" />
      </pattern>
      <pattern id={`${id}-4`} width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" className="blank" />
        <path d="M0 3H6" className="thin" />
      </pattern>
    </defs>
  );
}
