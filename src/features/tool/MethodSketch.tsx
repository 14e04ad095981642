/** What to measure, on a sketch: the steel grey, the measure in the loud colour. */
export function MethodSketch({ id }: { id: string }) {
  return (
    <svg aria-hidden="true" width={220} height={84} viewBox="0 0 220 84" className="my-1">
      {SECTION_METHODS.includes(id) ? (
        <Section id={id} />
      ) : id === 'stone' ? (
        <Stone />
      ) : (
        <Held id={id} />
      )}
    </svg>
  );
}

const SECTION_METHODS = ['face', 'height', 'behind'];
const STEEL = { fill: 'var(--steel-light)', stroke: 'var(--ink)', strokeWidth: 1.4 };
const MEASURE = { stroke: 'var(--blaze)', strokeWidth: 3, fill: 'none' };

/** The section, apex to the left. */
function Section({ id }: { id: string }) {
  const measure = {
    face: 'M12,42L130,12',
    height: 'M12,42H130',
    behind: 'M60,29.8V54.2',
  }[id];
  return (
    <>
      <path d="M12,42L130,12H215V72H130Z" {...STEEL} />
      {id !== 'behind' && <path d="M130,12V72" {...MEASURE} strokeDasharray="4 3" />}
      {id === 'behind' && <path d="M12,76H60M60,72V80M12,72V80" {...MEASURE} strokeWidth={2} />}
      <path d={measure} {...MEASURE} />
    </>
  );
}

/** A blade on a stone, its spine held up. */
function Held({ id }: { id: string }) {
  return (
    <>
      <path d="M0,70H220V84H0Z" fill="var(--rule)" />
      <path d="M16,70L66,50L192,24L195,38L74,62Z" {...STEEL} />
      {id === 'lift' && <path d="M195,38V70M189,38H201M189,70H201" {...MEASURE} />}
      {id === 'coins' &&
        [62, 54, 46].map((y) => (
          <rect key={y} x={172} y={y} width={24} height={8} {...MEASURE} strokeWidth={2} />
        ))}
      {(id === 'wedge' || id === 'fold') && (
        <path d="M70,70H200V42Z" {...MEASURE} strokeDasharray={id === 'fold' ? '5 3' : undefined} />
      )}
    </>
  );
}

/** A stone over a braced tool, its rear raised off the cheek. */
function Stone() {
  return (
    <>
      <path d="M14,62Q60,42 215,34V84H60Z" {...STEEL} />
      <path d="M8,66L196,6" stroke="var(--ink)" strokeWidth={7} strokeLinecap="round" />
      <path d="M184,14V36M178,36H190" {...MEASURE} />
    </>
  );
}
