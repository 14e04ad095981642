/** A sum of coefficient times variable. */
export type Terms = [coefficient: number, variable: string][];

/**
 * A programme of linear constraints over variables that are binary where they are declared so, and
 * otherwise any number from 0 up; written out in LP format.
 */
export class LinearProgramme {
  /** Values of the latest solution, by variable. */
  values: Record<string, number> = {};
  private readonly binaries: string[] = [];
  private readonly rows: string[] = [];

  binary(name: string): string {
    this.binaries.push(name);
    return name;
  }

  constrain(terms: Terms, relation: '=' | '<=', bound: number): void {
    if (terms.length > 0) this.rows.push(`${written(terms)} ${relation} ${bound}`);
  }

  copy(): LinearProgramme {
    const twin = new LinearProgramme();
    twin.binaries.push(...this.binaries);
    twin.rows.push(...this.rows);
    return twin;
  }

  /** The programme in LP format, minimising `objective`. */
  text(objective: Terms): string {
    return [
      'Minimize',
      ` obj: ${objective.length > 0 ? written(objective) : `0 ${this.binaries[0]}`}`,
      'Subject To',
      ...this.rows.map((row, i) => ` c${i}: ${row}`),
      'Binary',
      ...this.binaries.map((name) => ` ${name}`),
      'End',
    ].join('\n');
  }
}

function written(terms: Terms): string {
  return terms.map(([k, name]) => `${k < 0 ? '-' : '+'} ${Math.abs(k)} ${name}`).join(' ');
}
