import { blurred, moments, normalOnGrid, product, type OnGrid } from './grid';

/** What is learned of one member of a group, or of the group. */
export interface FactorFound {
  meanLn: number;
  sdLn: number;
}

/**
 * Members that scatter around their group: both learned jointly on the grid, each piece of evidence once.
 * `members` hold their likelihoods; the group's own place is `priorMeanLn` ± `groupSd`, and members lie
 * around it by `memberSd`.
 */
export function learnGroup(input: {
  members: ReadonlyMap<string, OnGrid>;
  priorMeanLn?: number;
  groupSd: number;
  memberSd: number;
}): { group: FactorFound; members: Map<string, FactorFound> } {
  const { members, groupSd, memberSd, priorMeanLn = 0 } = input;
  const prior = normalOnGrid(priorMeanLn, groupSd);
  const told = new Map([...members].map(([id, own]) => [id, blurred(own, memberSd)]));
  const group = moments(product([prior, ...told.values()]));
  const found = [...members].map(([id, own]) => {
    const others = [...told].flatMap(([other, weights]) => (other === id ? [] : [weights]));
    const around = blurred(product([prior, ...others]), memberSd);
    return [id, moments(product([own, around]))] as const;
  });
  return { group, members: new Map(found) };
}
