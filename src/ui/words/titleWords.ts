/** What a tab is called by the record that it shows. */
export const titles = {
  plan: (edge: string) => `${edge}, plan`,
  first: (edge: string) => `${edge}, what to do`,
  guide: (tool: string) => `${tool}, at work`,
  look: (edge: string) => `${edge}, look along it`,
  entry: (edge: string, day: string) => `${edge}, ${day}`,
  kit: (trip: string) => `${trip}, kit`,
  card: (trip: string) => `${trip}, field card`,
  lab: (edge: string) => `${edge}, lab`,
  hold: (edge: string) => `${edge}, hold coach`,
  photo: (edge: string) => `${edge}, on a photo`,
  angle: (edge: string) => `${edge}, angle by the phone`,
  back: (trip: string) => `Back from ${trip}`,
};
