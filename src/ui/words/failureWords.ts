/** Why a write was refused, and the way on, by the name that browsers give the error. */
export function failureWords({ name, message }: Error): string {
  switch (name) {
    case 'QuotaExceededError':
      return 'There is no room left to keep this. Export what you have, free some space, then try again.';
    case 'InvalidStateError':
      return 'The browser has closed the storage. Reload this page, then do it once more.';
    default:
      return `This was not kept: ${message}`;
  }
}
