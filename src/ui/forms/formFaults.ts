import { fieldMessage } from './fields';

/** The first fault of a form, with the field that it lies in: Thickness: must be at least 0.1; null where all is well. */
export function firstFault(errors: unknown, name = ''): string | null {
  if (typeof errors !== 'object' || errors === null) return null;
  const { message } = errors as { message?: unknown };
  if (typeof message === 'string' && message !== '') {
    const said = fieldMessage(message) ?? message;
    return `${fieldName(name)}: ${said.charAt(0).toLowerCase()}${said.slice(1)}`;
  }
  for (const [key, value] of Object.entries(errors)) {
    if (key === 'ref') continue;
    const found = firstFault(value, /^\d+$/.test(key) ? name : key);
    if (found) return found;
  }
  return null;
}

/** A field's key as it is read: shoulderThicknessMm is "Shoulder thickness". */
function fieldName(key: string): string {
  const words = key
    .replace(/(Mm|Um|Deg|Hrc|G|Ml)$/, '')
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase();
  return words.charAt(0).toUpperCase() + words.slice(1);
}
