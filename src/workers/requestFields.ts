import { number, string } from 'yup';

/** Building blocks of what is asked across a border. */
export const id = string().max(200).required();
export const positive = number().positive().required();
export const notNegative = number().min(0).required();
