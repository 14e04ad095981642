/** A row of holes: a peg stands in each that is done, and the one at hand is ringed. */
export function Pegs({ done, of }: { done: number; of: number }) {
  return (
    <svg className="shrink-0" width={of * 18} height={18} aria-hidden>
      {Array.from({ length: of }, (_, i) => (
        <g key={i} transform={`translate(${i * 18 + 9} 9)`} stroke="currentColor">
          <circle r={6} fill="none" strokeWidth={i === done ? 2.6 : 1.2} />
          {i < done && <circle r={4} fill="currentColor" stroke="none" />}
        </g>
      ))}
    </svg>
  );
}
