import { testOfWord } from '../../core/rough';
import { KINDS } from '../../domain/kinds';
import { newRecord } from '../../domain/newRecord';
import { NO_CHECKS, passedTest } from '../../domain/observation';
import type { Inspection } from '../../domain/session';
import type { Tool } from '../../domain/tool';
import { typicalTool } from '../../domain/typicalTools';
import { usualRecord, type ShelfRecord } from '../../domain/usualRecords';
import { USUAL_COMPOUND } from '../../domain/usualThings';
import { usualThing, type Ground, type LaidThing, type LaidTool } from './laid';

/** What lies on the ground as records, tools in the order in which they want a look: the worst first. */
export interface LaidOut {
  tools: Tool[];
  looks: Inspection[];
  things: ShelfRecord[];
}

interface Naming {
  /** Names that are taken already. */
  taken: readonly string[];
  newId: () => string;
  /** The moment, ISO 8601. */
  at: string;
  /** How a kind or a thing is called where its owner says nothing. */
  called: (what: string) => string;
}

/** The worst first; what nobody knows before what works. */
const WORST_FIRST = ['blunt', 'tired', 'unknown', null, 'works', 'keen'] as const;

/** The records of everything on the ground, each under its owner’s name, or one that is not taken. */
export function layOutRecords({ laid }: Ground, naming: Naming): LaidOut {
  const nameFor = namesFrom(naming);
  const tools: Tool[] = [];
  const looks: Inspection[] = [];
  const laidTools = laid
    .filter((own): own is LaidTool => own.is === 'tool')
    .sort((a, b) => WORST_FIRST.indexOf(a.word) - WORST_FIRST.indexOf(b.word));
  for (const own of laidTools) {
    const name = own.name.trim() || nameFor(naming.called(KINDS[own.kind].name));
    const tool = toolOf(own, name, naming);
    tools.push(tool);
    const look = lookAt(own, tool, naming);
    if (look) looks.push(look);
  }
  const laidThings = laid.filter((own): own is LaidThing => own.is === 'thing');
  return { tools, looks, things: thingsOf(laidThings, nameFor, naming) };
}

function toolOf(own: LaidTool, name: string, { newId, at }: Naming): Tool {
  const usual = typicalTool(own.kind, name);
  const lengthMm = own.edgeLengthMm ?? usual.edgeLengthMm;
  return {
    ...newRecord(newId(), at),
    ...usual,
    count: own.count,
    edgeLengthMm: lengthMm,
    zones: usual.zones.map((zone) => ({
      ...zone,
      endMm: lengthMm,
      bevelAngleDeg: own.angleDeg ?? zone.bevelAngleDeg,
      angleMethod: own.angleDeg === null ? zone.angleMethod : 'stated',
      measuredAt: own.edgeLengthMm === null ? null : at,
    })),
  };
}

/** A word on how it cuts is a look at its test alone: nobody has looked along it yet. */
function lookAt({ word }: LaidTool, tool: Tool, { newId, at }: Naming): Inspection | null {
  const zone = tool.zones[0]!;
  const test = word && testOfWord(word, zone.targetApexUm);
  if (!test) return null;
  return {
    ...newRecord(newId(), at),
    toolId: tool.id,
    zoneId: zone.id,
    tripId: null,
    at,
    seen: { tests: [passedTest(test)], findings: [] },
    lookedAlong: false,
    checks: NO_CHECKS,
    notes: '',
  };
}

function thingsOf(
  laid: readonly LaidThing[],
  nameFor: (wanted: string) => string,
  { newId, at, called }: Naming,
): ShelfRecord[] {
  const record = (thing: string, told: Partial<LaidThing>, compoundId: string | null) =>
    usualRecord(
      usualThing(thing),
      {
        id: newId(),
        name: nameFor(called(thing)),
        fineness: told.fineness === 'unknown' ? null : (told.fineness ?? null),
        compoundId,
      },
      at,
    );
  const isCompound = ({ thing }: LaidThing): boolean => usualThing(thing).store === 'compounds';
  const compounds = laid.filter(isCompound).map((own) => record(own.thing, own, null));
  const isRubbed = laid.some(({ rubbed }) => rubbed === 'compound');
  if (isRubbed && compounds.length === 0) compounds.push(record(USUAL_COMPOUND, {}, null));
  const compoundId = compounds[0]?.record.id ?? null;
  const others = laid
    .filter((own) => !isCompound(own))
    .map((own) => record(own.thing, own, own.rubbed === 'compound' ? compoundId : null));
  return [...compounds, ...others];
}

/** Gives every name once: the second of its kind is number two. */
function namesFrom({ taken }: Naming): (wanted: string) => string {
  const given = new Set(taken.map((name) => name.toLowerCase()));
  return (wanted) => {
    let name = wanted;
    for (let number = 2; given.has(name.toLowerCase()); number += 1) name = `${wanted} ${number}`;
    given.add(name.toLowerCase());
    return name;
  };
}
