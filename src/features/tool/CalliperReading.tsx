'use client';

import { toolWords as say } from '../../ui/words/screens/tool';
import { useState } from 'react';
import { profileThickness, sectionProfile, zoneFromCalliper } from '../../core';
import type { Tool, Zone } from '../../domain/tool';
import { LimitedMeasureField } from '../../ui/forms/MeasureField';

/** How far behind the edge a calliper is commonly set (mm). */
const USUAL_DISTANCE_MM = 2;

/** A calliper’s reading behind the edge, put into the measures: an edge that has thickened shows so. */
export function CalliperReading(props: { tool: Tool; zone: Zone; onZone: (zone: Zone) => void }) {
  const { tool, zone, onZone } = props;
  const [distanceMm, setDistanceMm] = useState(USUAL_DISTANCE_MM);
  const now = profileThickness(sectionProfile(tool, { ...zone, facet: null }), distanceMm);
  const [typedMm, setTypedMm] = useState<number | null>(null);
  const thicknessMm = typedMm ?? Math.round(100 * now) / 100;
  const measured = zoneFromCalliper({ tool, zone, distanceMm, thicknessMm });
  return (
    <div className="mt-3">
      <p className="font-semibold">{say.aCalliperBehindTheEdge}</p>
      <div className="grid items-end gap-4 sm:grid-cols-3">
        <LimitedMeasureField
          label={say.soFarBehindTheEdge}
          quantity="length"
          min={0.1}
          max={20}
          value={distanceMm}
          onValue={setDistanceMm}
        />
        <LimitedMeasureField
          label={say.itIsSoThickThere}
          quantity="length"
          min={0.05}
          max={30}
          value={thicknessMm}
          onValue={setTypedMm}
        />
        <button
          type="button"
          className="btn btn-outline"
          disabled={typedMm === null || measured === null}
          onClick={() => {
            onZone(measured!);
            setTypedMm(null);
          }}
        >
          {say.takeTheReading}
        </button>
      </div>
      {typedMm !== null && measured === null && (
        <p role="alert" className="field-error">
          {say.atTheseAnglesNothingIs}
        </p>
      )}
    </div>
  );
}
