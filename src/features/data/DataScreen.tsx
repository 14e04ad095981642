'use client';

import { dataWords as say } from '../../ui/words/screens/data';
import dynamic from 'next/dynamic';
import { FilesInAndOut } from './FilesInAndOut';
import { StartOver } from './StartOver';
import { UnitsChoice } from './UnitsChoice';
import { StorageState } from './StorageState';

const HabitsForm = dynamic(() => import('./HabitsForm'), { ssr: false });

/** Export and import, what is stored, the person's habits, the sample crew. */
export function DataScreen() {
  return (
    <div className="mx-auto grid w-full max-w-[82rem] gap-x-16 gap-y-10 px-4 py-5 sm:px-8 lg:grid-cols-2">
      <div>
        <h1>{say.data}</h1>
        <p className="max-w-[56ch] text-lg text-soft">{say.everythingStaysInThisBrowser}</p>
        <FilesInAndOut />
        <StartOver />
      </div>
      <div className="grid content-start gap-10">
        <StorageState />
        <UnitsChoice />
        <HabitsForm />
      </div>
    </div>
  );
}
