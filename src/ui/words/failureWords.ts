/** Why a write was refused, and the way on, by the name that browsers give the error. */
export function failureWords({ name, message }: Error): string {
  switch (name) {
    case 'QuotaExceededError':
      return 'There is no room left to save this. Export what you have, free some space, then try again.';
    case 'InvalidStateError':
      return 'The browser has closed the storage. Reload this page: what waits is saved then.';
    case 'NotSavedError':
      return '';
    default:
      return `This was not saved: ${message}`;
  }
}
